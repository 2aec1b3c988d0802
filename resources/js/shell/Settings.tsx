import { Popover } from "radix-ui";
import { useJob } from "../api/JobContext";
import { Button, Pick } from "../kit/controls";
import type { Theme } from "../kit/theme";
import { useUnits } from "../kit/units";

/** Units anywhere, light or dark. Cable belongs to the job; the rest to whoever sits here. */
export function Settings({ theme, setTheme }: { theme: Theme; setTheme: (theme: Theme) => void }) {
  const { units, setUnits } = useUnits();
  const { job, change } = useJob();
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <Button>
          {units.temperature}, {units.length}, {units.depth}
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content align="end" sideOffset={6} className="panel z-40 grid w-80 gap-4 shadow-lg">
          <Pick
            label="Temperature"
            value={units.temperature}
            options={[
              { value: "°C", label: "°C" },
              { value: "°F", label: "°F" },
            ]}
            onPick={(temperature) => {
              setUnits({ ...units, temperature });
            }}
          />
          <Pick
            label="Wire length"
            value={units.length}
            options={[
              { value: "m", label: "m" },
              { value: "ft", label: "ft" },
            ]}
            onPick={(length) => {
              setUnits({ ...units, length });
            }}
          />
          <Pick
            label="Small lengths"
            value={units.depth}
            options={[
              { value: "mm", label: "mm" },
              { value: "in", label: "in" },
            ]}
            onPick={(depth) => {
              setUnits({ ...units, depth });
            }}
          />
          <Pick
            label="Cable of this job"
            value={job.file.wiring.catalogue}
            options={[
              { value: "metric", label: "mm²" },
              { value: "awg", label: "AWG" },
              { value: "sae", label: "SAE" },
            ]}
            onPick={(catalogue) => void change({ label: "Cable", changes: { "/wiring/catalogue": catalogue } })}
          />
          <Pick
            label="Screen"
            value={theme}
            options={[
              { value: "light", label: "Light" },
              { value: "dark", label: "Dark" },
            ]}
            onPick={setTheme}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
