import type { RoadOutcome, RoadSample } from "../api/generated/road";
import { digits, shown, useUnits } from "../kit/units";

const ABOUT_ROWS = 40;

/** Evenly spread ones, and each at which the fans start or stop. */
function momentsOf(samples: RoadSample[]): RoadSample[] {
  const every = Math.max(1, Math.ceil(samples.length / ABOUT_ROWS));
  return samples.filter(
    (sample, at) => at % every === 0 || sample.fanPercent > 1 !== (samples[at - 1]?.fanPercent ?? 0) > 1,
  );
}

/** The charts in figures, for those who do not see them: about forty moments of each drive, and each start and stop. */
export function DriveTable({ outcomes }: { outcomes: RoadOutcome[] }) {
  const { units } = useUnits();
  const temp = (tempC: number) => digits(shown(tempC, "temperature", units).value);
  const names = [
    "Time, min",
    `Coolant, ${units.temperature}`,
    `Sensor, ${units.temperature}`,
    "Thermostat, %",
    "Fans, %",
    "Fans, A",
    "Battery, V",
  ];
  return (
    <details className="mt-3">
      <summary className="heading min-h-8 cursor-pointer">The drive as a table</summary>
      <div className="grid gap-4 overflow-x-auto">
        {outcomes.map((outcome) => (
          <table key={outcome.label} className="table w-full text-right text-sm tabular-nums">
            <caption className="pb-1 text-left font-bold">{outcome.label}</caption>
            <thead>
              <tr>
                {names.map((name) => (
                  <th key={name} className="text-right!">
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {momentsOf(outcome.samples).map((sample) => (
                <tr key={sample.timeS} className="[&>td]:text-right">
                  <th scope="row" className="text-right!">
                    {digits(sample.timeS / 60)}
                  </th>
                  <td>{temp(sample.coolantC)}</td>
                  <td>{temp(sample.feltC[0] ?? sample.coolantC)}</td>
                  <td>{digits(sample.thermostatPercent)}</td>
                  <td>{digits(sample.fanPercent)}</td>
                  <td>{digits(sample.fansA)}</td>
                  <td>{digits(sample.batteryV)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        ))}
      </div>
    </details>
  );
}
