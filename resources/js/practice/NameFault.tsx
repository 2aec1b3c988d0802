import { useState } from "react";
import type { PracticeMoveRequest } from "../api/generated/practice-move-request";
import type { PracticeRun } from "../api/generated/practice-run";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";

interface Props {
  run: PracticeRun;
  isBusy: boolean;
  onName: (move: PracticeMoveRequest) => void;
}

/** Naming the fault ends the run where it is right, and costs points where it is not. */
export function NameFault({ run, isBusy, onName }: Props) {
  const text = useText();
  const [place, setPlace] = useState("");
  return (
    <Panel title="What is it?">
      <div className="grid gap-3">
        <label className="grid gap-1">
          <span className="field-label mb-0">The fault is in</span>
          <select
            className="field min-h-11 w-full px-3"
            value={place}
            onChange={(event) => {
              setPlace(event.target.value);
            }}
          >
            <option value="">–</option>
            {run.places.map((one) => (
              <option key={one.id} value={one.id}>
                {text(one, "says")}
              </option>
            ))}
          </select>
        </label>
        {run.wrong > 0 && (
          <p role="alert" className="text-warning">
            ◆ Not that. {run.wrong === 1 ? "One wrong guess" : `${String(run.wrong)} wrong guesses`} so far.
          </p>
        )}
        <div className="flex flex-wrap gap-2">
          <Button
            tone="strong"
            disabled={isBusy || place === ""}
            onClick={() => {
              onName({ place });
            }}
          >
            That is it
          </Button>
          <Button
            tone="quiet"
            disabled={isBusy}
            onClick={() => {
              onName({ givesUp: true });
            }}
          >
            Show me
          </Button>
        </div>
      </div>
    </Panel>
  );
}
