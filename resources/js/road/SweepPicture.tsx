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
  { value: "ampereHours", label: "Ampere-hours" },
] as const;
type Wish = (typeof WISHES)[number]["value"];

/** Two hundred set points driven, row by row; the pale ones are better, the ringed ones no other beats. */
export function SweepPicture({ question }: { question: RoadRequest }) {
  const { job, change } = useJob();
  const [wish, setWish] = useState<Wish>("peakC");
  const { rows, isRunning, wrong, toggle } = useTask(job, "sweep", { ...question, gapsK: GAPS_K });
  const take = (cell: SweepCell) => {
    const { stages } = job.form;
    const shift = cell.onC - (stages.find((stage) => stage.band !== null)?.band?.onC ?? cell.onC);
    const changes = Object.fromEntries(
      stages.flatMap(({ band, path }) =>
        band === null
          ? []
          : [
              [`${path}/decider/onC`, Number((band.onC + shift).toFixed(1))],
              [`${path}/decider/offC`, Number((band.onC + shift - (cell.onC - cell.offC)).toFixed(1))],
            ],
      ),
    );
    void change({ label: "Set points from the sweep", changes });
  };
  return (
    <Panel
      title="Many set points"
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
        <p className="text-muted">
          Drives this drive at twenty temperatures and ten gaps, and shows which of them no other beats in heat, starts
          and ampere-hours at once.
        </p>
      ) : (
        <div className="grid gap-3">
          <SegmentedControl hideLabel label="Shown" value={wish} options={[...WISHES]} onChange={setWish} />
          <Grid rows={rows} wish={wish} onTake={take} />
          <p className="text-sm text-muted">
            Ringed: no other is as good in all three. Press one to apply it; undo takes it back.
          </p>
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
                      aria-label={`On ${show(cell.onC, "temperature")}, off ${show(cell.offC, "temperature")}: hottest ${show(cell.peakC, "temperature")}, ${digits(cell.startsPerHour)} starts an hour, ${digits(cell.ampereHours)} Ah${front.has(cell) ? "; no other beats it" : ""}. Apply it`}
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
