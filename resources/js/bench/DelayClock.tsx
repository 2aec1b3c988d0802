import { useEffect, useState } from "react";
import { Button, Pick } from "../kit/controls";

interface Props {
  delayS: number;
  /** Since the time relay was started; none when it was not. */
  elapsedS: number | undefined;
  onElapsed: (elapsedS: number) => void;
}

const TICK_MS = 250;

/** The time relay's clock: starts with the key going out or a push, runs, and can be sped up. */
export function DelayClock({ delayS, elapsedS, onElapsed }: Props) {
  const [speed, setSpeed] = useState("10");
  const isRunning = elapsedS !== undefined && elapsedS < delayS;
  useEffect(() => {
    if (!isRunning) {
      return undefined;
    }
    const timer = window.setTimeout(() => {
      onElapsed(Math.min(delayS, elapsedS + (Number(speed) * TICK_MS) / 1000));
    }, TICK_MS);
    return () => {
      window.clearTimeout(timer);
    };
  }, [isRunning, elapsedS, speed, delayS, onElapsed]);
  return (
    <div className="grid gap-2 border-t border-line pt-3">
      <div className="flex items-baseline justify-between">
        <span className="field-label">Time relay</span>
        <span className="font-mono text-xl font-bold" role="timer">
          {elapsedS === undefined ? "idle" : `${Math.ceil(delayS - elapsedS)} s left`}
        </span>
      </div>
      <Pick
        label="Its time runs"
        value={speed}
        options={["1", "10", "60"].map((times) => ({ value: times, label: `${times}×` }))}
        onPick={setSpeed}
      />
      <Button
        onClick={() => {
          onElapsed(0);
        }}
      >
        Start it
      </Button>
    </div>
  );
}
