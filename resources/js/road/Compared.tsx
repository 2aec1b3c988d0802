import type { RoadOutcome } from "../api/generated/road";
import { useTexts } from "../kit/messages";
import { digits, useShown } from "../kit/units";

interface Row {
  name: string;
  of: (outcome: RoadOutcome) => string;
  /** What the difference is taken of, and its unit. */
  number?: (outcome: RoadOutcome) => number;
  unit?: string;
}

/** The drive in numbers; of two settings also what the other changes. */
export function Compared({ outcomes }: { outcomes: RoadOutcome[] }) {
  const show = useShown();
  const rows: Row[] = [
    { name: "Hottest coolant", of: (one) => show(one.peakC, "temperature"), number: (one) => one.peakC, unit: "K" },
    {
      name: "Above the ceiling",
      of: (one) => `${digits(one.overS / 60)} min`,
      number: (one) => one.overS / 60,
      unit: "min",
    },
    { name: "Starts of fans an hour", of: (one) => digits(one.startsPerHour), number: (one) => one.startsPerHour },
    {
      name: "A fan runs",
      of: (one) => `${digits(one.runPercent)} % of the time`,
      number: (one) => one.runPercent,
      unit: "%",
    },
    { name: "Fans take", of: (one) => `${digits(one.fanAh)} Ah`, number: (one) => one.fanAh, unit: "Ah" },
    {
      name: "Battery",
      of: (one) =>
        `${one.batteryAh >= 0 ? "takes" : "gives"} ${digits(Math.abs(one.batteryAh))} Ah, ${digits(one.batteryLeftPercent)} % left`,
      number: (one) => one.batteryAh,
      unit: "Ah",
    },
    {
      name: "Drawn with the key out",
      of: (one) => `${digits(-one.keyOutAh)} Ah`,
      number: (one) => -one.keyOutAh,
      unit: "Ah",
    },
    { name: "Engine afterwards", of: (one) => (one.stillCranks ? "still starts" : "▲ may not start") },
    {
      name: "Key out and fans on, it still starts after",
      of: (one) => (one.startsForS === null ? "no fan then runs" : `${digits(one.startsForS / 60)} min`),
      ...(outcomes.every((one) => one.startsForS !== null)
        ? { number: (one: RoadOutcome) => (one.startsForS ?? 0) / 60, unit: "min" }
        : {}),
    },
    {
      name: "First relay worn, driven like this",
      of: (one) => (one.relayYears === null ? "never" : `in ${digits(Math.min(one.relayYears, 999))} years`),
    },
    { name: "Limited by", of: (one) => one.limitedBy },
  ];
  return (
    <div className="overflow-x-auto">
      {outcomes.map((outcome) => (
        <Remarks key={outcome.label} outcome={outcome} isNamed={outcomes.length > 1} />
      ))}
      <table className="table w-full">
        <thead>
          <tr>
            <th>
              <span className="sr-only">Figure</span>
            </th>
            {outcomes.map((outcome) => (
              <th key={outcome.label}>{outcome.label}</th>
            ))}
            {outcomes.length > 1 && <th>Difference</th>}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.name}>
              <th scope="row">{row.name}</th>
              {outcomes.map((outcome) => (
                <td key={outcome.label}>{row.of(outcome)}</td>
              ))}
              {outcomes.length > 1 && <td className="whitespace-nowrap">{difference(row, outcomes)}</td>}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function difference(row: Row, [now, other]: RoadOutcome[]): string {
  if (row.number === undefined || now === undefined || other === undefined) {
    return "";
  }
  const by = row.number(other) - row.number(now);
  // Hundredths of a kelvin are finer than the model.
  const most = row.unit === "K" ? 1 : 2;
  return Math.abs(by) < 0.5 * 10 ** -most
    ? "the same"
    : `${by > 0 ? "+" : "−"}${digits(Math.abs(by), most)} ${row.unit ?? ""}`;
}

/** What has to be said beside the figures, boiling first. */
function Remarks({ outcome, isNamed }: { outcome: RoadOutcome; isNamed: boolean }) {
  const texts = useTexts();
  if (outcome.remarks.length === 0) {
    return null;
  }
  return (
    <ul className="mb-3 grid gap-1" aria-label={`To be said of ${outcome.label}`}>
      {texts(outcome, "remarks").map((remark, at) => (
        <li
          key={remark}
          className={
            outcome.boiling !== null && at === 0 ? "font-semibold text-danger" : "border-l-4 border-l-line pl-3"
          }
        >
          {outcome.boiling !== null && at === 0 ? "▲ " : ""}
          {isNamed ? `${outcome.label}: ` : ""}
          {remark}
        </li>
      ))}
    </ul>
  );
}
