import { ToggleGroup } from "radix-ui";
import { useId, type ReactNode } from "react";

interface SegmentedControlProps<T extends string> {
  label: string;
  value: T;
  options: { value: T; label: string; fits?: string | null }[];
  onChange: (value: T) => void;
  hideLabel?: boolean;
  /** Stands beside the label. */
  aside?: ReactNode;
  /** Place of the job file it is about. */
  path?: string;
}

/** One of a few: all of them in sight, pressed with a thumb. The sentence under it says when the chosen one fits. */
export function SegmentedControl<T extends string>({
  label,
  value,
  options,
  onChange,
  hideLabel = false,
  aside,
  path,
}: SegmentedControlProps<T>) {
  const id = useId();
  const fits = options.find((option) => option.value === value)?.fits;
  return (
    <div>
      <div className={hideLabel ? "sr-only" : "mb-1 flex items-center"}>
        <div id={id} className="field-label mb-0">
          {label}
        </div>
        {aside}
      </div>
      <ToggleGroup.Root
        type="single"
        value={value}
        aria-labelledby={id}
        data-path={path}
        onValueChange={(picked) => {
          if (picked !== "") {
            onChange(picked as T);
          }
        }}
        className="flex flex-wrap gap-px overflow-hidden rounded-[3px] border border-line bg-line"
      >
        {options.map((option) => (
          <ToggleGroup.Item
            key={option.value}
            value={option.value}
            title={option.fits ?? undefined}
            className="min-h-11 grow bg-panel px-3 pt-0.5 text-left text-[0.95rem] hover:bg-sunk data-[state=on]:bg-accent data-[state=on]:font-semibold data-[state=on]:text-on-accent"
          >
            {option.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      {fits != null && fits !== "" && <p className="mt-1 text-sm text-muted">{fits}</p>}
    </div>
  );
}
