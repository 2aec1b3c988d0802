import { ToggleGroup } from "radix-ui";
import { useId, type ButtonHTMLAttributes, type ReactNode } from "react";

export function Button({
  tone = "plain",
  className = "",
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { tone?: "plain" | "strong" | "quiet" }) {
  const tones = {
    plain: "border border-line bg-panel hover:border-accent",
    strong: "bg-accent text-on-accent hover:opacity-90",
    quiet: "hover:bg-sunk",
  };
  return (
    <button
      type="button"
      className={`min-h-11 rounded-[3px] px-4 pt-0.5 whitespace-nowrap text-[0.95rem] font-semibold disabled:opacity-40 ${tones[tone]} ${className}`}
      {...rest}
    />
  );
}

interface PickProps<T extends string> {
  label: string;
  value: T;
  options: { value: T; label: string; fits?: string }[];
  onPick: (value: T) => void;
  hideLabel?: boolean;
}

/** One of a few: all of them in sight, pressed with a thumb. The sentence under it says when the chosen one fits. */
export function Pick<T extends string>({ label, value, options, onPick, hideLabel = false }: PickProps<T>) {
  const id = useId();
  const fits = options.find((option) => option.value === value)?.fits;
  return (
    <div>
      <div id={id} className={hideLabel ? "sr-only" : "field-label"}>
        {label}
      </div>
      <ToggleGroup.Root
        type="single"
        value={value}
        aria-labelledby={id}
        onValueChange={(picked) => {
          if (picked !== "") {
            onPick(picked as T);
          }
        }}
        className="flex flex-wrap gap-px overflow-hidden rounded-[3px] border border-line bg-line"
      >
        {options.map((option) => (
          <ToggleGroup.Item
            key={option.value}
            value={option.value}
            title={option.fits}
            className="min-h-11 grow bg-panel px-3 pt-0.5 text-left text-[0.95rem] hover:bg-sunk data-[state=on]:bg-accent data-[state=on]:font-semibold data-[state=on]:text-on-accent"
          >
            {option.label}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
      {fits !== undefined && <p className="mt-1 text-sm text-muted">{fits}</p>}
    </div>
  );
}

export function Panel({ title, aside, children }: { title: string; aside?: ReactNode; children: ReactNode }) {
  return (
    <section className="panel" aria-label={title}>
      <header className="mb-3 flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="heading">{title}</h2>
        {aside}
      </header>
      {children}
    </section>
  );
}

const SEVERITY = {
  danger: { sign: "▲", word: "Danger", className: "text-danger" },
  warning: { sign: "◆", word: "Warning", className: "text-warning" },
  note: { sign: "●", word: "Note", className: "text-muted" },
};

export function SeverityMark({ severity }: { severity: keyof typeof SEVERITY }) {
  const { sign, word, className } = SEVERITY[severity];
  return (
    <span className={`font-bold ${className}`}>
      <span aria-hidden>{sign}</span> {word}
    </span>
  );
}
