import type { RoadOutcome, RoadSample } from "../api/generated/road";
import { shown, useUnits } from "../kit/units";
import { LineChart, type Line } from "./LineChart";

interface Props {
  outcomes: RoadOutcome[];
  ceilingC: number;
  cursorS: number | undefined;
}

const STROKES = ["stroke-accent [stroke-width:2.5]", "stroke-lit [stroke-width:2.5] [stroke-dasharray:7_4]"];
const THIN = ["stroke-muted", "stroke-muted [stroke-dasharray:3_3]"];

/** Temperature with the switches' bands, thermostat and fans, volts: one above the other, all against the same time. */
export function Charts({ outcomes, ceilingC, cursorS }: Props) {
  const { units } = useUnits();
  const temp = (tempC: number) => shown(tempC, "temperature", units).value;
  const names = outcomes.length > 1 ? [" now", ", other"] : [""];
  const lines = (name: string, of: (sample: RoadSample) => number, strokes = STROKES): Line[] =>
    outcomes.map((outcome, at) => ({
      name: `${name}${names[at] ?? ""}`,
      points: outcome.samples.map((sample) => [sample.timeS, of(sample)]),
      className: strokes[at] ?? "",
    }));
  const bands = (outcomes[0]?.bands ?? []).flatMap((band, at) =>
    band.onC === null || band.offC === null
      ? []
      : [{ from: temp(band.offC), to: temp(band.onC), name: `stage ${at + 1}: off to on` }],
  );
  const last = outcomes[0]?.samples.at(-1)?.timeS ?? 1;
  return (
    <div className="grid gap-3">
      <figure>
        <figcaption className="text-sm font-semibold text-muted">Temperature, {units.temperature}</figcaption>
        <LineChart
          title="Temperature"
          unit={units.temperature}
          height={260}
          cursorS={cursorS}
          bands={bands}
          lines={[
            ...lines("Coolant", (sample) => temp(sample.coolantC)),
            ...lines("Bay", (sample) => temp(sample.bayC), ["stroke-line [stroke-width:2]"]).slice(0, 1),
            ...lines("Sensor", (sample) => temp(sample.feltC[0] ?? sample.coolantC), THIN),
            {
              name: "Ceiling",
              points: [
                [0, temp(ceilingC)],
                [last, temp(ceilingC)],
              ],
              className: "stroke-danger [stroke-dasharray:2_4]",
            },
          ]}
        />
      </figure>
      <figure>
        <figcaption className="text-sm font-semibold text-muted">Fans’ speed and thermostat, %</figcaption>
        <LineChart
          title="Fans and thermostat"
          unit="%"
          least={0}
          most={110}
          height={150}
          cursorS={cursorS}
          lines={[
            ...lines("Fans", (sample) => sample.fanPercent),
            ...lines("Thermostat", (sample) => sample.thermostatPercent, THIN).slice(0, 1),
          ]}
        />
      </figure>
      <figure>
        <figcaption className="text-sm font-semibold text-muted">At the battery, V</figcaption>
        <LineChart
          title="Battery"
          unit="V"
          height={120}
          cursorS={cursorS}
          lines={lines("Volts", (sample) => sample.batteryV)}
        />
      </figure>
    </div>
  );
}
