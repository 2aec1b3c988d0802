import type { Proof } from "../api/generated/proof";
import type { PairedFault } from "../api/generated/proof-pairs";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { useText } from "../kit/messages";
import { Panel } from "../kit/Panel";
import { useTask } from "../kit/useTask";
import { SIGNS, TONES } from "./harm";

/** Two faults at once: one that nobody notices, then any other. Worked out on request by a worker, a row for each first fault. */
export function Pairs({ harms }: { harms: Proof["harms"] }) {
  const { job } = useJob();
  const { rows, of, state, isRunning, wrong, toggle } = useTask(job, "pairs", {});
  const worse = rows.flatMap(({ first, seconds }) => seconds.map((second) => ({ first, second })));
  const isLeft = state === "stopped" && rows.length < of;
  return (
    <Panel
      title="When two things fail"
      aside={
        <div className="no-print flex flex-wrap items-center gap-3">
          {isRunning && <progress aria-label="First faults tried" value={rows.length} max={of || 1} className="w-40" />}
          <Button onClick={toggle}>{isRunning ? "Stop" : "Try pairs of faults"}</Button>
        </div>
      }
    >
      {wrong !== undefined && (
        <p role="alert" className="font-semibold text-danger">
          {wrong}
        </p>
      )}
      {state === undefined && !isRunning && (
        <p className="text-muted">
          A fault that nobody notices waits for a second one. Tries each of those with every other, and shows what is
          worse together than either alone.
        </p>
      )}
      {(rows.length > 0 || state === "done") && (
        <p role="status" className="mb-2 text-sm text-muted">
          {of === 0
            ? "No single fault goes unnoticed."
            : `${String(rows.length)} of ${String(of)} unnoticed faults tried${isLeft ? ", then stopped" : ""}; ${String(worse.length)} pairs are worse together.`}
        </p>
      )}
      {worse.length > 0 && (
        <div className="overflow-x-auto">
          <table className="table w-full">
            <thead>
              <tr>
                <th>First, unnoticed</th>
                <th>Then</th>
                <th>At its worst</th>
                <th>What comes of it</th>
              </tr>
            </thead>
            <tbody>
              {worse.map(({ first, second }) => (
                <PairRow
                  key={[first, second].map((one) => one.part + one.kind).join(" ")}
                  first={first}
                  second={second}
                  harms={harms}
                />
              ))}
            </tbody>
          </table>
        </div>
      )}
    </Panel>
  );
}

function PairRow({ first, second, harms }: { first: PairedFault; second: PairedFault; harms: Proof["harms"] }) {
  const text = useText();
  const harm = harms.find((one) => one.id === second.harm);
  const severity = harm?.severity ?? "note";
  return (
    <tr>
      <td>
        <b>{first.mark}</b> {text(first, "kindWords")}
      </td>
      <td>
        <b>{second.mark}</b> {text(second, "kindWords")}
      </td>
      <td className={`font-semibold whitespace-nowrap ${TONES[severity]}`}>
        {SIGNS[severity]} {harm === undefined ? second.harm : text(harm, "name")}
      </td>
      <td>
        {text(second, "words")}
        {second.overrideSaves === false && " The override no longer saves it."}
      </td>
    </tr>
  );
}
