import type { BandCompared, BandFigure, BandRow, BandSetting } from "../api/generated/band";
import type { RoadRequest } from "../api/generated/road-request";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";
import { digits, shown, useShown, useUnits } from "../kit/units";
import { useTask } from "../kit/useTask";
import { LineChart } from "./LineChart";

const CASES_IN_ROW = 10;

const FIGURES: Record<BandCompared["figure"], string> = {
  peakC: "Hottest coolant",
  startsPerHour: "Starts of fans an hour",
  overS: "Minutes above the ceiling",
  fanAh: "Ampere-hours of the fans",
};

const FILLS = ["fill-accent opacity-25", "fill-lit opacity-25"];
const STROKES = ["stroke-accent [stroke-width:2.5]", "stroke-lit [stroke-width:2.5] [stroke-dasharray:7_4]"];

/** How sure the drive is: two hundred vehicles that may all be this one drive it, and nine of ten lie in the band. */
export function BandPanel({ question }: { question: RoadRequest }) {
  const { job } = useJob();
  const { rows, of, isRunning, wrong, toggle } = useTask(job, "band", question);
  const row = rows.at(-1);
  return (
    <Panel
      title="How sure"
      aside={
        <div className="flex flex-wrap items-center gap-3">
          {isRunning && <progress aria-label="Cases driven" value={rows.length} max={of || 20} className="w-40" />}
          <Button onClick={toggle}>{isRunning ? "Stop" : "Drive it two hundred ways"}</Button>
        </div>
      }
    >
      {wrong !== undefined && (
        <p role="alert" className="font-semibold text-danger">
          {wrong}
        </p>
      )}
      {row === undefined ? (
        <p className="text-muted">
          Nobody knows this engine’s heat or this core to the last watt. This drives the same drive with every figure as
          far off as it may be: least where a log was fitted, more where it was told, most where it is assumed.
        </p>
      ) : (
        <Shown row={row} isWhole={row.cases >= (of || 20) * CASES_IN_ROW} />
      )}
    </Panel>
  );
}

function Shown({ row, isWhole }: { row: BandRow; isWhole: boolean }) {
  const { units } = useUnits();
  const text = useText();
  const { job } = useJob();
  const temp = (tempC: number) => shown(tempC, "temperature", units).value;
  const points = (temps: number[]) => temps.map((tempC, at): [number, number] => [row.timesS[at] ?? 0, temp(tempC)]);
  const names = row.settings.length > 1 ? ["Now", "Other"] : ["Middle"];
  const last = row.timesS.at(-1) ?? 1;
  return (
    <div className="grid gap-3">
      <LineChart
        title="Coolant, nine cases of ten"
        unit={units.temperature}
        height={240}
        areas={row.settings.map((setting, at) => ({
          low: points(setting.lowC),
          high: points(setting.highC),
          className: FILLS[at] ?? "",
        }))}
        lines={[
          ...row.settings.map((setting, at) => ({
            name: names[at] ?? "",
            points: points(setting.middleC),
            className: STROKES[at] ?? "",
          })),
          {
            name: "Ceiling",
            points: [
              [0, temp(job.file.cooling.ceilingC)],
              [last, temp(job.file.cooling.ceilingC)],
            ],
            className: "stroke-danger [stroke-dasharray:2_4]",
          },
        ]}
      />
      <div className="overflow-x-auto">
        <table className="table w-full">
          <thead>
            <tr>
              <th>Nine cases of ten lie between</th>
              {row.settings.map((setting) => (
                <th key={setting.label}>{text(setting, "label")}</th>
              ))}
              {row.compared.length > 0 && <th>The other</th>}
            </tr>
          </thead>
          <tbody>
            {(Object.keys(FIGURES) as BandCompared["figure"][]).map((figure) => (
              <tr key={figure}>
                <th scope="row">{FIGURES[figure]}</th>
                {row.settings.map((setting) => (
                  <td key={setting.label}>
                    <Between figure={figure} of={setting.figures[figure]} />
                  </td>
                ))}
                {row.compared.length > 0 && (
                  <Verdict compared={row.compared.find((one) => one.figure === figure)} isWhole={isWhole} />
                )}
              </tr>
            ))}
            <tr>
              <th scope="row">Passes the ceiling, boils</th>
              {row.settings.map((setting) => (
                <td key={setting.label}>{ceiling(setting)}</td>
              ))}
              {row.compared.length > 0 && <td />}
            </tr>
          </tbody>
        </table>
      </div>
      <p className="text-sm text-muted">
        {row.cases} cases. The circuit is the same in all; heat, core, air and set points are not.
      </p>
    </div>
  );
}

function ceiling(setting: BandSetting): string {
  return `${digits(setting.overPercent)} %, ${digits(setting.boilsPercent)} % of the cases`;
}

function Between({ figure, of }: { figure: BandCompared["figure"]; of: BandFigure }) {
  const show = useShown();
  const as = (value: number) =>
    figure === "peakC" ? show(value, "temperature") : digits(figure === "overS" ? value / 60 : value);
  return (
    <>
      {as(of.low)} … {as(of.high)}
    </>
  );
}

function Verdict({ compared, isWhole }: { compared: BandCompared | undefined; isWhole: boolean }) {
  const text = useText();
  if (compared === undefined) {
    return <td />;
  }
  return (
    <td>
      <b>{isWhole ? text(compared, "says") : "…"}</b>{" "}
      <span className="text-muted">
        less in {digits(compared.lessPercent)} %, more in {digits(compared.morePercent)} %
      </span>
    </td>
  );
}
