import type { PresentFaults, Proof, ProvenState } from "../api/generated/proof";
import { Panel } from "../kit/Panel";
import { BehaviourTable } from "./BehaviourTable";
import { FaultRows } from "./FaultRows";

interface Props {
  jobId: string;
  proof: Proof;
  states: Map<number, ProvenState>;
  present: PresentFaults;
}

/** A vehicle as it was found, as it is now: what is told to be wrong with it, and what it does with all of that at once. */
export function Present({ jobId, proof, states, present }: Props) {
  return (
    <Panel title="As it is now, with what is wrong with it">
      <FaultRows jobId={jobId} proof={proof} states={states} faults={present.faults} />
      <BehaviourTable
        jobId={jobId}
        proof={proof}
        states={states}
        behaviours={present.behaviours}
        faults={present.kinds}
      />
    </Panel>
  );
}
