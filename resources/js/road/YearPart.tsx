import type { Road } from "../api/generated/road";
import { QuantityField } from "../job/QuantityField";
import { useJob } from "../job/JobContext";
import { Panel } from "../kit/Panel";
import { SweepPicture } from "./SweepPicture";

/** What a year is made of where nobody has said: shares in hundredths. */
const USUAL: Record<string, number> = { "1-warm-up": 15, "2-town": 40, "3-queue": 10, "4-motorway": 25, "5-climb": 10 };

/** Set points over a year: the drives it is made of, by share, and the pair that suits all of them together. */
export function YearPart({ drives }: { drives: Road["drives"] }) {
  const { job } = useJob();
  const told = job.file.usage?.yearPercent ?? {};
  return (
    <div className="grid gap-4">
      <Panel title="What a year is made of">
        <p className="mb-3 text-muted">
          Shares of the time. An empty field has the usual share; they need not make a hundred.
        </p>
        <div className="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-3">
          {drives.map((drive) => (
            <QuantityField
              key={drive.id}
              path={`/usage/yearPercent/${drive.id}`}
              label={drive.name}
              kind="%"
              value={told[drive.id]}
              usual={String(USUAL[drive.id] ?? 0)}
            />
          ))}
        </div>
      </Panel>
      <SweepPicture
        title="Set points over the year"
        words="Drives all of them at twenty temperatures and ten gaps. Heat is the hottest of any drive; starts, ampere-hours and fuel count by the shares."
        question={{
          mix: Object.fromEntries(drives.map((drive) => [drive.id, told[drive.id] ?? USUAL[drive.id] ?? 0])),
        }}
      />
    </div>
  );
}
