import { useState } from "react";
import type { Proof, ProvenState } from "../api/generated/proof";
import { SegmentedControl } from "../kit/SegmentedControl";
import { useText } from "../kit/messages";
import { FaultRows } from "./FaultRows";
import { SIGNS, TONES } from "./harm";

interface Props {
  jobId: string;
  proof: Proof;
  states: Map<number, ProvenState>;
}

/** Every single fault and what it does at its worst, worst first, by class and by name. */
export function FaultTable({ jobId, proof, states }: Props) {
  const words = useText();
  const [harm, setHarm] = useState("all");
  const [text, setText] = useState("");
  const count = (of: string) => proof.faults.filter((fault) => fault.harm === of).length;
  const wanted = text.trim().toLowerCase();
  const faults = proof.faults.filter(
    (fault) =>
      (harm === "all" ? fault.harm !== "harmless" : fault.harm === harm) &&
      `${fault.mark} ${fault.name} ${fault.kindWords}`.toLowerCase().includes(wanted),
  );
  return (
    <div className="grid gap-3">
      <div className="no-print grid gap-3">
        <SegmentedControl
          hideLabel
          label="What it does"
          value={harm}
          options={[
            { value: "all", label: "All that matter" },
            ...proof.harms
              .filter((one) => count(one.id) > 0)
              .map((one) => ({
                value: one.id,
                label: `${SIGNS[one.severity]} ${words(one, "name")}, ${String(count(one.id))}`,
              })),
          ]}
          onChange={setHarm}
        />
        <div className="field max-w-sm">
          <input
            aria-label="Part, wire or fault"
            placeholder="Part, wire or fault"
            className="min-h-11 w-full min-w-0 bg-transparent px-3 outline-none"
            value={text}
            onChange={(event) => {
              setText(event.target.value);
            }}
          />
        </div>
      </div>
      <FaultRows jobId={jobId} proof={proof} states={states} faults={faults} />
      {faults.length === 0 && <p className="text-muted">No fault is called that.</p>}
      <details className="text-sm text-muted">
        <summary className="min-h-11 cursor-pointer py-2">What the words mean</summary>
        <dl className="grid gap-x-4 gap-y-1 sm:grid-cols-[auto_1fr]">
          {proof.harms.map((one) => (
            <div key={one.id} className="contents">
              <dt className={`font-semibold ${TONES[one.severity]}`}>
                {SIGNS[one.severity]} {words(one, "name")}
              </dt>
              <dd>{words(one, "meaning")}</dd>
            </div>
          ))}
        </dl>
      </details>
    </div>
  );
}
