import type { PracticeMove, PracticeRun } from "../api/generated/practice-run";
import { Panel } from "../kit/Panel";
import { useText, useTexts } from "../kit/messages";
import { digits } from "../kit/units";

const MARKS: Record<PracticeMove["verdict"], string> = {
  best: "●",
  good: "◐",
  slow: "○",
  nothing: "✕",
  fits: "≈",
  danger: "▲",
};

/** Every move, what it showed, and how it stood beside the best there was. */
export function Moves({ run }: { run: PracticeRun }) {
  const text = useText();
  const texts = useTexts();
  return (
    <Panel title="Moves">
      {run.moves.length === 0 && <p className="text-muted">None yet. What would you do first?</p>}
      <ol className="grid gap-3" aria-live="polite" reversed>
        {[...run.moves.entries()].reverse().map(([at, move]) => (
          <li key={at} className="border-b border-line pb-2">
            <p className="text-sm text-muted">{texts(move, "setting").join(" ")}</p>
            <p>
              {text(move, "title")}: <b>{text(move, "given")}</b>
            </p>
            <p className={move.verdict === "danger" ? "font-semibold text-danger" : ""}>
              <span aria-hidden>{MARKS[move.verdict]}</span> {text(move, "says")}{" "}
              <span className="font-mono text-sm text-muted">{digits(move.minutes)} min</span>
            </p>
            {move.better !== null && <p className="text-sm">{text({ ...move, better: move.better }, "better")}</p>}
          </li>
        ))}
      </ol>
    </Panel>
  );
}
