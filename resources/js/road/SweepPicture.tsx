import { useState } from "react";
import type { RoadRequest } from "../api/generated/road-request";
import type { SweepCell, SweepRow } from "../api/generated/sweep";
import { useJob } from "../job/JobContext";
import { useTask } from "../kit/useTask";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { SegmentedControl } from "../kit/SegmentedControl";
import { digits, useShown } from "../kit/units";

const GAPS_K: [number, ...number[]] = [1, 1.5, 2, 3, 4, 5, 6, 7, 8, 10];
const WISHES = [
  { value: "peakC", label: "Hottest coolant" },
  { value: "startsPerHour", label: "Starts an hour" },
  { value: "ahPerHour", label: "Ampere-hours an hour" },
  { value: "litresPerYear", label: "Fuel a year, l" },
] as const;
type Wish = (typeof WISHES)[number]["value"];

interface Props {
  title: string;
  /** What is driven, in a sentence. */
  words: string;
  question: RoadRequest;
}

/** Two hundred set points driven, row by row; the pale ones are better, the ringed ones no other beats, one is recommended. */
export function SweepPicture({ title, words, question }: Props) {
  const { job, change } = useJob();
  const [wish, setWish] = useState<Wish>("peakC");
  const { rows, isRunning, wrong, toggle } = useTask(job, "sweep", { ...question, gapsK: GAPS_K });
  const take = (cell: Pair) => {
    const stages = job.form.stages.map((stage) => stage.deciding);
    const shift = cell.onC - (stages.find((stage) => stage.band !== null)?.band?.onC ?? cell.onC);
    const changes = Object.fromEntries(
      stages.flatMap(({ band, path }) =>
        band === null
          ? []
          : [
              [`${path}/onC`, Number((band.onC + shift).toFixed(1))],
              [`${path}/offC`, Number((band.onC + shift - (cell.onC - cell.offC)).toFixed(1))],
            ],
      ),
    );
    void change({ label: "Set points from the sweep", changes });
  };
  return (
    <Panel
      title={title}
      aside={
        <div className="flex flex-wrap items-center gap-3">
          {isRunning && <progress aria-label="Rows driven" value={rows.length} max={GAPS_K.length} className="w-40" />}
          <Button onClick={toggle}>{isRunning ? "Stop" : "Drive two hundred"}</Button>
        </div>
      }
    >
      {wrong !== undefined && (
        <p role="alert" className="font-semibold text-danger">
          {wrong}
        </p>
      )}
      {rows.length === 0 ? (
        <p className="text-muted">{words}</p>
      ) : (
        <div className="grid gap-3">
          <SegmentedControl hideLabel label="Shown" value={wish} options={[...WISHES]} onChange={setWish} />
          <Grid rows={rows} wish={wish} onTake={take} />
          <p className="text-sm text-muted">
            Ringed: no other is as good in heat, starts and ampere-hours at once. Press one to apply it; undo takes it
            back.
          </p>
          <Recommended rows={rows} onTake={take} />
        </div>
      )}
    </Panel>
  );
}

function Grid({ rows, wish, onTake }: { rows: SweepRow[]; wish: Wish; onTake: (cell: SweepCell) => void }) {
  const show = useShown();
  const cells = rows.flatMap((row) => row.cells);
  const isOnFront = rows.at(-1)?.front ?? [];
  const values = cells.map((cell) => cell[wish]);
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const front = new Set(cells.filter((_, at) => isOnFront[at]));
  return (
    <div className="overflow-x-auto">
      <table className="border-separate border-spacing-0.5 text-xs tabular-nums">
        <caption className="sr-only">On temperature across, gap between on and off down</caption>
        <thead>
          <tr>
            <th className="pr-2 text-left font-semibold text-muted">gap, K</th>
            {rows[0]?.cells.map((cell) => (
              <th key={cell.onC} scope="col" className="font-normal text-muted">
                {show(cell.onC, "temperature").replace(/ .*/, "")}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.gapK}>
              <th scope="row" className="pr-2 text-left font-normal text-muted">
                {row.gapK}
              </th>
              {row.cells.map((cell) => {
                const share = high > low ? (cell[wish] - low) / (high - low) : 0;
                return (
                  <td key={cell.onC} className="p-0">
                    <button
                      type="button"
                      onClick={() => {
                        onTake(cell);
                      }}
                      className={`h-11 w-11 rounded-[2px] ${front.has(cell) ? "outline-2 -outline-offset-2 outline-accent" : ""}`}
                      style={{
                        background: `color-mix(in srgb, var(--lamp) ${Math.round(share * 85)}%, var(--panel))`,
                        color: share > 0.5 ? "#14201c" : "var(--ink)",
                      }}
                      aria-label={`On ${show(cell.onC, "temperature")}, off ${show(cell.offC, "temperature")}: hottest ${show(cell.peakC, "temperature")}, ${digits(cell.startsPerHour)} starts an hour, ${digits(cell.ahPerHour)} Ah an hour${front.has(cell) ? "; no other beats it" : ""}. Apply it`}
                    >
                      {wish === "peakC" ? show(cell.peakC, "temperature").replace(/ .*/, "") : digits(cell[wish], 1)}
                    </button>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

type Pair = Pick<SweepCell, "onC" | "offC">;

/** The one to take, and why. */
function Recommended({ rows, onTake }: { rows: SweepRow[]; onTake: (pair: Pair) => void }) {
  const show = useShown();
  const at = rows.at(-1)?.recommended ?? null;
  const cell = at === null ? undefined : rows.flatMap((row) => row.cells)[at];
  const pair = rows.at(-1)?.switch;
  if (cell === undefined) {
    return (
      <p className="font-semibold text-warning">
        ◆ None is recommended yet: none with four kelvin between on and off keeps four below the ceiling and lets a
        relay last six years.
      </p>
    );
  }
  return (
    <div className="flex flex-wrap items-center gap-3 border-l-4 border-l-accent pl-3">
      <p className="min-w-60 flex-1">
        <b>
          Recommended: on {show(cell.onC, "temperature")}, off {show(cell.offC, "temperature")}.
        </b>{" "}
        At most {show(cell.peakC, "temperature")}, {digits(cell.startsPerHour, 1)} starts and{" "}
        {digits(cell.ahPerHour, 1)} Ah an hour
        {cell.relayYears === null ? "" : `, the first relay lasts ${digits(Math.min(cell.relayYears, 99))} years`}. It
        is the nearest to the best in all three, of those with four kelvin or more between on and off.
        {pair != null && ` The nearest fixed switch to be had is ${pair.name}.`}
      </p>
      <Button
        tone="strong"
        onClick={() => {
          onTake(pair ?? cell);
        }}
      >
        Take {pair == null ? "it" : pair.name}
      </Button>
    </div>
  );
}
