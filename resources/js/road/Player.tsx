import { useEffect, useState } from "react";
import type { RoadSample } from "../api/generated/road";
import { Button } from "../kit/Button";
import { SegmentedControl } from "../kit/SegmentedControl";
import { digits, useShown, volts } from "../kit/units";

interface Props {
  lastsS: number;
  cursorS: number | undefined;
  onCursor: (cursorS: number | undefined) => void;
  samples: RoadSample[];
}

const TICK_MS = 100;

/** A stand-in temperature logger that plays the drive as it would come in, as fast as one likes. */
export function Player({ lastsS, cursorS, onCursor, samples }: Props) {
  const [speed, setSpeed] = useState("60");
  const [isPlaying, setPlaying] = useState(false);
  const show = useShown();
  useEffect(() => {
    if (!isPlaying) {
      return undefined;
    }
    const timer = window.setTimeout(() => {
      const next = (cursorS ?? 0) + (Number(speed) * TICK_MS) / 1000;
      if (next >= lastsS) {
        setPlaying(false);
      }
      onCursor(Math.min(next, lastsS));
    }, TICK_MS);
    return () => {
      window.clearTimeout(timer);
    };
  }, [isPlaying, cursorS, speed, lastsS, onCursor]);
  const sample = cursorS === undefined ? undefined : samples.findLast((one) => one.timeS <= cursorS);
  return (
    <div className="no-print mb-3 flex flex-wrap items-center gap-3">
      <Button
        tone="strong"
        onClick={() => {
          if (!isPlaying && (cursorS ?? 0) >= lastsS) {
            onCursor(0);
          }
          setPlaying(!isPlaying);
        }}
      >
        {isPlaying ? "Hold the logger" : "Play the logger"}
      </Button>
      <SegmentedControl
        hideLabel
        label="Speed of the logger"
        value={speed}
        options={["1", "10", "60", "300"].map((times) => ({ value: times, label: `${times} ×` }))}
        onChange={setSpeed}
      />
      <p className="text-[0.95rem] tabular-nums">
        {sample === undefined
          ? "The whole drive is shown."
          : [
              `${Math.floor(sample.timeS / 60)}:${String(Math.floor(sample.timeS % 60)).padStart(2, "0")}`,
              `coolant ${show(sample.coolantC, "temperature")}`,
              `fans ${digits(sample.fansA)} A`,
              volts(sample.batteryV),
              `${digits(sample.speedKmh)} km/h`,
              `${digits(sample.engineRpm)} rpm`,
            ].join(", ")}
      </p>
      {cursorS !== undefined && (
        <Button
          tone="quiet"
          onClick={() => {
            setPlaying(false);
            onCursor(undefined);
          }}
        >
          Show it whole
        </Button>
      )}
    </div>
  );
}
