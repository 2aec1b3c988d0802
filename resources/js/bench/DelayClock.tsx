import { useEffect, useRef, useState } from "react";
import { Button } from "../kit/Button";
import { SegmentedControl } from "../kit/SegmentedControl";

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
  // What a tick needs is read when it comes: answers of the bench in between must not begin the tick anew.
  const now = useRef({ elapsedS: 0, delayS, onElapsed });
  useEffect(() => {
    now.current = { elapsedS: elapsedS ?? 0, delayS, onElapsed };
  });
  useEffect(() => {
    if (!isRunning) {
      return undefined;
    }
    let last = performance.now();
    const timer = window.setInterval(() => {
      const time = performance.now();
      const passedS = (Number(speed) * (time - last)) / 1000;
      last = time;
      now.current.elapsedS = Math.min(now.current.delayS, now.current.elapsedS + passedS);
      now.current.onElapsed(now.current.elapsedS);
    }, TICK_MS);
    return () => {
      window.clearInterval(timer);
    };
  }, [isRunning, speed]);
  return (
    <div className="grid gap-2 border-t border-line pt-3">
      <div className="flex items-baseline justify-between">
        <span className="field-label">Time relay</span>
        <span className="font-mono text-xl font-bold" role="timer">
          {elapsedS === undefined ? "idle" : `${String(Math.ceil(delayS - elapsedS))} s left`}
        </span>
      </div>
      <SegmentedControl
        label="Speed of its clock"
        value={speed}
        options={["1", "10", "60"].map((times) => ({ value: times, label: `${times}×` }))}
        onChange={setSpeed}
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
