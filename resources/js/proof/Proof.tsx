import { useQueryClient } from "@tanstack/react-query";
import { keys } from "../api/keys";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { FindingList } from "../findings/FindingList";
import { BehaviourTable } from "./BehaviourTable";
import { Compare } from "./Compare";
import { FaultTable } from "./FaultTable";
import { Pairs } from "./Pairs";
import { Present } from "./Present";
import { useProof } from "../findings/useProof";

/** What the circuit does in every state, and what every single fault does: two tables, each cell a state on the bench. */
export function Proof() {
  const { job } = useJob();
  const queries = useQueryClient();
  const { proof, isStale, failure } = useProof();
  if (failure !== undefined) {
    return (
      <p role="alert" className="panel border-danger font-semibold text-danger">
        {failure}
      </p>
    );
  }
  if (proof === undefined) {
    return (
      <div role="status" className="panel grid min-h-60 place-items-center gap-3 text-center text-muted">
        <p>Proving every state and every single fault …</p>
        <Button onClick={() => void queries.cancelQueries({ queryKey: keys.proofs(job.id) })}>Stop</Button>
      </div>
    );
  }
  const states = new Map(proof.states.map((state) => [state.number, state]));
  const { counts } = proof;
  return (
    <div className="grid gap-4">
      <section className="panel flex flex-wrap items-center gap-x-6 gap-y-2">
        <h2 className="heading hidden print:block">{job.file.job.title}: proof sheet</h2>
        {proof.leftOut !== null && (
          <p role="alert" className="w-full font-semibold text-warning">
            ◆ {proof.leftOut}
          </p>
        )}
        <Count number={counts.states} words="states can be reached" />
        <Count number={counts.distinct} words="of them differ electrically" />
        <Count number={counts.faults} words="single faults" />
        <Count number={counts.pairs} words="pairs of state and fault" />
        <span role="status" className="mr-auto text-sm font-semibold text-warning">
          {isStale ? "◆ Stale: this version is being proven." : ""}
        </span>
        <Button
          className="no-print"
          onClick={() => {
            print();
          }}
        >
          Print the proof sheet
        </Button>
      </section>
      <div className={isStale ? "grid gap-4 opacity-60" : "grid gap-4"}>
        {proof.present !== null && <Present jobId={job.id} proof={proof} states={states} present={proof.present} />}
        <Panel title={proof.present === null ? "What it must do" : "What it must do, once that is mended"}>
          <BehaviourTable jobId={job.id} proof={proof} states={states} behaviours={proof.behaviours} />
        </Panel>
        <Panel title="When one thing fails">
          <FaultTable jobId={job.id} proof={proof} states={states} />
        </Panel>
        <Pairs key={job.version} harms={proof.harms} />
        <Panel title="Findings">
          <FindingList
            findings={proof.findings}
            stateOf={(finding) => (finding.shownBy === null ? undefined : states.get(finding.shownBy))}
            className="grid gap-2 lg:grid-cols-2"
          />
        </Panel>
      </div>
      <Compare />
    </div>
  );
}

function Count({ number, words }: { number: number; words: string }) {
  return (
    <p>
      <span className="font-mono text-xl font-bold">{number.toLocaleString("en").replaceAll(",", "\u2009")}</span>{" "}
      <span className="text-sm text-muted">{words}</span>
    </p>
  );
}
