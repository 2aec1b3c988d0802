import { Popover } from "radix-ui";
import { Choose } from "../job/Choose";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { SegmentedControl } from "../kit/SegmentedControl";
import type { Theme } from "../kit/theme";
import { useUnits } from "../kit/units";

/** Units anywhere, light or dark. Cable belongs to the job; the rest to whoever sits here. */
export function Settings({ theme, setTheme }: { theme: Theme; setTheme: (theme: Theme) => void }) {
  const { units, setUnits } = useUnits();
  const { job } = useJob();
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <Button>
          {units.temperature}, {units.length}, {units.depth}
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content align="end" sideOffset={6} className="panel z-40 grid w-80 gap-4 shadow-lg">
          <SegmentedControl
            label="Temperature"
            value={units.temperature}
            options={[
              { value: "°C", label: "°C" },
              { value: "°F", label: "°F" },
            ]}
            onChange={(temperature) => {
              setUnits({ ...units, temperature });
            }}
          />
          <SegmentedControl
            label="Wire length"
            value={units.length}
            options={[
              { value: "m", label: "m" },
              { value: "ft", label: "ft" },
            ]}
            onChange={(length) => {
              setUnits({ ...units, length });
            }}
          />
          <SegmentedControl
            label="Small lengths"
            value={units.depth}
            options={[
              { value: "mm", label: "mm" },
              { value: "in", label: "in" },
            ]}
            onChange={(depth) => {
              setUnits({ ...units, depth });
            }}
          />
          <Choose
            label="Cable of this job"
            value={job.file.wiring.catalogue}
            options={[
              { value: "metric", label: "mm²", changes: { "/wiring/catalogue": "metric" } },
              { value: "awg", label: "AWG", changes: { "/wiring/catalogue": "awg" } },
              { value: "sae", label: "SAE", changes: { "/wiring/catalogue": "sae" } },
            ]}
          />
          <SegmentedControl
            label="Screen"
            value={theme}
            options={[
              { value: "light", label: "Light" },
              { value: "dark", label: "Dark" },
            ]}
            onChange={setTheme}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
