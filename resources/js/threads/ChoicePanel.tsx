import { useState } from "react";
import type { Choice, Constraint } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { digits, money } from "../kit/units";
import { Provenance } from "../kit/Provenance";

/** What was chosen, why not the next one down, and a way to choose otherwise. */
export function ChoicePanel({ choice }: { choice: Choice }) {
  const { change } = useJob();
  const [wrong, setWrong] = useState<string>();
  const pin = async (part: string | null) => {
    const { refused } = await change({ label: choice.name, changes: { [`/pinned/${choice.id}`]: part } });
    setWrong(refused?.message);
  };
  const deciding = choice.constraints.find((constraint) => constraint.code === choice.deciding);
  return (
    <div>
      <p className="text-sm text-muted">{choice.name}</p>
      <p className="text-xl font-bold">
        {choice.label} {choice.isPinned && <span className="text-sm font-semibold text-muted">pinned by you</span>}
      </p>
      <table className="table mt-2 w-full text-sm">
        <thead>
          <tr>
            <th>Judged by</th>
            <th className="text-right!">Needs</th>
            <th className="text-right!">Has</th>
          </tr>
        </thead>
        <tbody>
          {choice.constraints.map((constraint) => (
            <ConstraintRow key={constraint.name} constraint={constraint} isDeciding={constraint === deciding} />
          ))}
        </tbody>
      </table>
      {choice.because !== null && <p className="mt-3 border-l-4 border-line pl-3 text-sm">{choice.because}</p>}
      {choice.nextDown !== null && (
        <div className="mt-3 border-l-4 border-line pl-3 text-sm">
          <p>
            Why not <b>{choice.nextDown.label}</b>?
          </p>
          {choice.nextDown.fails.map((failed) => (
            <p key={failed.name}>
              {failed.name}: needs {digits(failed.value)} {failed.unit}, has {digits(failed.limit)} {failed.unit}
            </p>
          ))}
        </div>
      )}
      {choice.runnerUp !== null && (
        <p className="mt-2 border-l-4 border-line pl-3 text-sm">
          Next best: <b>{choice.runnerUp.label}</b>
          {choice.runnerUp.price !== null &&
            choice.price !== null &&
            `, ${money(choice.runnerUp.price)} instead of ${money(choice.price)}`}
        </p>
      )}
      {choice.candidates.length > 0 && (
        <label className="mt-3 block">
          <span className="field-label">Choose another</span>
          <select
            data-path={`/pinned/${choice.id}`}
            className="field min-h-11 w-full px-2"
            value={choice.isPinned ? choice.part : ""}
            onChange={(event) => void pin(event.target.value === "" ? null : event.target.value)}
          >
            <option value="">Let the program choose</option>
            {choice.candidates.map((candidate) => (
              <option key={candidate.part} value={candidate.part}>
                {candidate.label}
                {candidate.fits ? "" : ` (breaks ${candidate.fails.join(", ")})`}
              </option>
            ))}
          </select>
        </label>
      )}
      {choice.kind === "wire" && choice.candidates.length > 0 && <TypedSize choice={choice} onWrong={setWrong} />}
      {wrong !== undefined && (
        <p role="alert" className="mt-1 text-sm font-semibold text-danger">
          {wrong}
        </p>
      )}
    </div>
  );
}

function ConstraintRow({ constraint, isDeciding }: { constraint: Constraint; isDeciding: boolean }) {
  return (
    <tr className={constraint.isMet ? "" : "font-bold text-danger"}>
      <td>
        {constraint.isMet ? "" : "✕ "}
        {constraint.name}
        {isDeciding && <span className="ml-1 text-xs text-muted">decides</span>}
      </td>
      <td className="text-right!">
        <Provenance label={constraint.name} formula={constraint.formula} source={constraint.source}>
          {digits(constraint.value)} {constraint.unit}
        </Provenance>
      </td>
      <td className="text-right! font-mono whitespace-nowrap">
        <span className="inline-block py-2.5">
          {digits(constraint.limit)} {constraint.unit}
        </span>
      </td>
    </tr>
  );
}

/** A wire size typed as it stands on the group: `12ga`, `2.5mm2`. */
function TypedSize({ choice, onWrong }: { choice: Choice; onWrong: (wrong: string | undefined) => void }) {
  const { change } = useJob();
  const [text, setText] = useState("");
  return (
    <form
      className="mt-2 flex gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void change({ label: choice.name, typed: { [`/pinned/${choice.id}`]: text } }).then(({ refused }) => {
          onWrong(refused?.message);
          if (refused === undefined) {
            setText("");
          }
        });
      }}
    >
      <div className="field grow">
        <input
          aria-label="Type a wire size"
          placeholder="12ga, 2.5mm2"
          className="min-h-11 w-full min-w-0 bg-transparent px-3 font-mono outline-none"
          value={text}
          onChange={(event) => {
            setText(event.target.value);
          }}
        />
      </div>
      <Button type="submit" disabled={text.trim() === ""}>
        Apply
      </Button>
    </form>
  );
}
