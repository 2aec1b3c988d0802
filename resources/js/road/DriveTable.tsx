import type { RoadOutcome } from "../api/generated/road";
import { digits, shown, useUnits } from "../kit/units";

const ABOUT_ROWS = 40;

/** The charts in figures, for those who do not see them: about forty moments of each drive. */
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
              {outcome.samples
                .filter((_, at) => at % Math.max(1, Math.ceil(outcome.samples.length / ABOUT_ROWS)) === 0)
                .map((sample) => (
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
