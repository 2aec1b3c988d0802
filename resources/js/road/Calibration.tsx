import type { Calibration as Fit, CalibrationPoint } from "../api/generated/calibration";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";
import { digits, shown, useUnits } from "../kit/units";
import { LineChart, type Line } from "./LineChart";

const NAMES: Record<string, { name: string; unit: string }> = {
  heatShare: { name: "Heat into the coolant", unit: "of the engine’s power" },
  coreWPerK: { name: "Conductance of the core", unit: "W/K at 4 m/s" },
  airShare: { name: "Ram air", unit: "of road speed" },
};

/** A model fitted to a measured drive: the curves, what was learnt, and what this drive could not tell. */
export function Calibration({ fit }: { fit: Fit }) {
  const { job, change } = useJob();
  const { units } = useUnits();
  const text = useText();
  const line = (name: string, of: (point: CalibrationPoint) => number, className: string): Line => ({
    name,
    points: fit.curve.map((point) => [point.timeS, shown(of(point), "temperature", units).value]),
    className,
  });
  return (
    <Panel title="Fitted to the log">
      <LineChart
        title="Coolant measured and modelled"
        unit={units.temperature}
        height={240}
        lines={[
          line("Measured", (point) => point.measuredC, "stroke-ink [stroke-width:2]"),
          line("Fitted", (point) => point.fittedC, "stroke-accent [stroke-width:2.5] [stroke-dasharray:7_4]"),
          line("Before", (point) => point.beforeC, "stroke-muted [stroke-dasharray:2_3]"),
        ]}
      />
      <p className="mt-2">
        Off by {digits(fit.rmsBeforeK)} K before, {digits(fit.rmsK)} K fitted (root of the mean square).
      </p>
      <ul className="mt-2 grid gap-1">
        {Object.entries(fit.figures).map(([name, value]) => (
          <li key={name}>
            <b>{NAMES[name]?.name ?? name}</b>: {digits(value)} {NAMES[name]?.unit}
            {fit.spreads[name] !== undefined && `, within ${digits(200 * (fit.spreads[name] ?? 0))} % (95 of 100)`}
          </li>
        ))}
        {fit.untold.map((one) => (
          <li key={one.figure} className="text-warning">
            ◆ <b>{NAMES[one.figure]?.name ?? one.figure}</b> is left alone: {text(one, "why")}
          </li>
        ))}
      </ul>
      {fit.isRefused ? (
        <p role="alert" className="mt-2 font-semibold text-danger">
          ▲ This log tells none of the figures. Drive one with load, standing, and the fan on and off.
        </p>
      ) : (
        <Button
          tone="strong"
          className="mt-3"
          onClick={() =>
            void change({
              label: "Fitted to a log",
              madeOn: job.version,
              changes: {
                ...Object.fromEntries(
                  Object.entries(fit.figures).map(([name, value]) => [`/heat/${name}`, Number(value.toPrecision(4))]),
                ),
                "/heat/spreads": Object.fromEntries(
                  Object.entries(fit.spreads).map(([name, value]) => [name, Number(Math.min(1, value).toPrecision(3))]),
                ),
              },
            })
          }
        >
          Make the model this vehicle
        </Button>
      )}
    </Panel>
  );
}
