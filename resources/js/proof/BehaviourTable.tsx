import { Link } from "react-router";
import type { BehaviourCell, Proof, ProvenBehaviour, ProvenState } from "../api/generated/proof";
import { capital } from "../kit/capital";
import { useText } from "../kit/messages";
import { benchLink } from "../findings/benchLink";

interface Props {
  jobId: string;
  proof: Proof;
  states: Map<number, ProvenState>;
  behaviours: ProvenBehaviour[];
  /** Part or wire to what is wrong with it meanwhile. */
  faults?: Record<string, string>;
}

/** What must hold, by what key and engine do. A cell counts its states and opens one of them on the bench. */
export function BehaviourTable({ jobId, proof, states, behaviours, faults }: Props) {
  const text = useText();
  const rows = behaviours.filter((behaviour) => behaviour.cells.length > 0);
  return (
    <div className="overflow-x-auto">
      <table className="table w-full">
        <thead>
          <tr>
            <th>Must hold</th>
            {proof.phases.map((phase) => (
              <th key={phase.id} className="text-center!">
                {capital(text(phase, "name"))}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((behaviour) => (
            <tr key={behaviour.id}>
              <th scope="row">{text(behaviour, "words")}</th>
              {proof.phases.map((phase) => {
                const cell = behaviour.cells.find((one) => one.phase === phase.id);
                return (
                  <td key={phase.id} className="p-0! text-center! align-middle!">
                    {cell === undefined ? (
                      <span className="text-muted" aria-label="not asked">
                        –
                      </span>
                    ) : (
                      <Cell
                        cell={cell}
                        words={`${text(behaviour, "words")}, ${text(phase, "name")}`}
                        link={benchLink(jobId, states.get(cell.brokenBy ?? cell.shownBy), faults)}
                      />
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-sm text-muted">
        ✓ holds in so many states; ✕ fails in some, and where; – is not asked there. Press one to see it on the bench.
      </p>
    </div>
  );
}

function Cell({ cell, words, link }: { cell: BehaviourCell; words: string; link: string }) {
  const fails = cell.asked - cell.held;
  return (
    <Link
      to={link}
      className={`grid min-h-11 place-items-center px-2 font-mono whitespace-nowrap hover:bg-sunk ${fails > 0 ? "font-bold text-danger" : ""}`}
      aria-label={`${words}: ${fails > 0 ? `fails in ${String(fails)} of ${String(cell.asked)} states at ${cell.at ?? ""}` : `holds in all ${String(cell.asked)} states`}. Show on the bench`}
    >
      {fails > 0 ? `✕ ${String(fails)} of ${String(cell.asked)}, ${cell.at ?? ""}` : `✓ ${String(cell.asked)}`}
    </Link>
  );
}
