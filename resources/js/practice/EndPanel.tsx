import type { PracticeRun } from "../api/generated/practice-run";
import { Panel } from "../kit/Panel";
import { useText, useTexts } from "../kit/messages";
import { digits } from "../kit/units";

/** The fault, the score, and the shortest way beside one’s own. */
export function EndPanel({ run }: { run: PracticeRun }) {
  const text = useText();
  const texts = useTexts();
  const { end } = run;
  if (end === null) {
    return null;
  }
  return (
    <Panel title="It was" aside={<span className="font-mono text-lg font-bold">{run.score} of 100</span>}>
      <p className="text-lg font-semibold">{text(end.place, "says")}</p>
      <p>
        {digits(run.minutes)} min and {run.moves.length} moves, {run.wrong} wrong guesses, {run.dangers} dangerous
        moves. The shortest way takes {digits(end.minutes)} min and {end.path.length} moves:
      </p>
      <ol className="mt-2 grid list-decimal gap-2 pl-6">
        {end.path.map((step, at) => (
          <li key={at}>
            <span className="text-muted">{texts(step, "setting").join(" ")}</span> {text(step, "title")}:{" "}
            <b>{text(step, "given")}</b>
          </li>
        ))}
      </ol>
    </Panel>
  );
}
