import { useRef, useState } from "react";
import { api, Refused, type RoadQuestion } from "../api/client";
import type { SweepCell } from "../api/generated/sweep";
import { useJob } from "../api/JobContext";
import { Button, Panel, Pick } from "../kit/controls";
import { digits, useShown } from "../kit/units";

const GAPS_K = [1, 1.5, 2, 3, 4, 5, 6, 7, 8, 10];
const WISHES = [
  { value: "peakC", label: "Hottest coolant" },
  { value: "startsPerHour", label: "Starts an hour" },
  { value: "ampereHours", label: "Ampere-hours" },
] as const;
type Wish = (typeof WISHES)[number]["value"];

/** Two hundred set points driven, row by row; the pale ones are better, the ringed ones no other beats. */
export function SweepPicture({ question }: { question: RoadQuestion }) {
  const { job, change } = useJob();
  const [rows, setRows] = useState<SweepCell[][]>([]);
  const [isRunning, setRunning] = useState(false);
  const [wish, setWish] = useState<Wish>("peakC");
  const [wrong, setWrong] = useState<string>();
  const stop = useRef<AbortController>(undefined);
  const sweep = async () => {
    const control = new AbortController();
    stop.current = control;
    setRows([]);
    setWrong(undefined);
    setRunning(true);
    try {
      for (const gapK of GAPS_K) {
        const row = await api.sweep(job.id, { ...question, gapK }, control.signal);
        setRows((now) => [...now, row.cells]);
      }
    } catch (error) {
      if (!control.signal.aborted) {
        setWrong(error instanceof Refused ? error.message : String(error));
      }
    } finally {
      setRunning(false);
    }
  };
  const take = (cell: SweepCell) => {
    const { stages } = job.file.control;
    const shift = cell.onC - (stages.find((stage) => stage.decider.onC !== undefined)?.decider.onC ?? cell.onC);
    const changes = Object.fromEntries(
      stages.flatMap(({ decider }, at) =>
        decider.onC === undefined
          ? []
          : [
              [`/control/stages/${at}/decider/onC`, Number((decider.onC + shift).toFixed(1))],
              [`/control/stages/${at}/decider/offC`, Number((decider.onC + shift - (cell.onC - cell.offC)).toFixed(1))],
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
          <Button
            onClick={() => {
              if (isRunning) {
                stop.current?.abort();
              } else {
                void sweep();
              }
            }}
          >
            {isRunning ? "Stop" : "Drive two hundred"}
          </Button>
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
          <Pick hideLabel label="Shown" value={wish} options={[...WISHES]} onPick={setWish} />
          <Grid rows={rows} wish={wish} onTake={take} />
          <p className="text-sm text-muted">
            Ringed: no other is as good in all three. Press one to take it; undo takes it back.
          </p>
        </div>
      )}
    </Panel>
  );
}

function Grid({ rows, wish, onTake }: { rows: SweepCell[][]; wish: Wish; onTake: (cell: SweepCell) => void }) {
  const show = useShown();
  const cells = rows.flat();
  const values = cells.map((cell) => cell[wish]);
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const front = new Set(cells.filter((cell) => !cells.some((other) => beats(other, cell))));
  return (
    <div className="overflow-x-auto">
      <table className="border-separate border-spacing-0.5 text-xs tabular-nums">
        <caption className="sr-only">On temperature across, gap between on and off down</caption>
        <thead>
          <tr>
            <th className="pr-2 text-left font-semibold text-muted">gap, K</th>
            {rows[0]?.map((cell) => (
              <th key={cell.onC} scope="col" className="font-normal text-muted">
                {show(cell.onC, "temperature").replace(/ .*/, "")}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, at) => (
            <tr key={GAPS_K[at]}>
              <th scope="row" className="pr-2 text-left font-normal text-muted">
                {GAPS_K[at]}
              </th>
              {row.map((cell) => {
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
                      aria-label={`On ${show(cell.onC, "temperature")}, off ${show(cell.offC, "temperature")}: hottest ${show(cell.peakC, "temperature")}, ${digits(cell.startsPerHour)} starts an hour, ${digits(cell.ampereHours)} Ah${front.has(cell) ? "; no other beats it" : ""}. Take it`}
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

/** Whether one set point is no worse in everything and better in something. */
function beats(one: SweepCell, other: SweepCell): boolean {
  return (
    WISHES.every(({ value }) => one[value] <= other[value] + 1e-9) &&
    WISHES.some(({ value }) => one[value] < other[value] - 1e-6)
  );
}
