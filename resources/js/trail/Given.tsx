import type { Trail } from "../api/generated/trail";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText, useTexts } from "../kit/messages";

interface Props {
  trail: Trail;
  onBack: () => void;
  onAnew: () => void;
}

/** What was told and tested so far. */
export function Given({ trail, onBack, onAnew }: Props) {
  const text = useText();
  const texts = useTexts();
  return (
    <Panel title="So far">
      <ol className="grid gap-2">
        {trail.seen.map((symptom) => (
          <li key={symptom.id}>Told: {text(symptom, "says")}</li>
        ))}
        {trail.answers.map((answer, at) => (
          <li key={`${answer.id} ${String(at)}`} className={answer.isDoubted ? "border-l-4 border-l-warning pl-2" : ""}>
            <span className="text-muted">{texts(answer, "setting").join(" ")}</span> {text(answer, "title")}:{" "}
            <b>{text(answer, "given")}</b>
            {answer.isDoubted && " ◆ look again"}
          </li>
        ))}
      </ol>
      <div className="mt-3 flex flex-wrap gap-2">
        {trail.answers.length > 0 && <Button onClick={onBack}>Take the last answer back</Button>}
        <Button onClick={onAnew}>Begin anew</Button>
      </div>
    </Panel>
  );
}
