import { useId, useState } from "react";

interface Props {
  label: string;
  unit?: string;
  value: number | null;
  onValue: (value: number) => void;
  hideLabel?: boolean;
  /** Shown where there is no value. */
  placeholder?: string;
  /** Called when the field is emptied; without it an empty field takes its value back. */
  onEmptied?: () => void;
}

/** A plain number that is part of nothing saved yet. */
export function NumberField({ label, unit, value, onValue, hideLabel = false, placeholder, onEmptied }: Props) {
  const id = useId();
  const [text, setText] = useState<string>();
  const leave = () => {
    setText(undefined);
  };
  return (
    <div className="w-32">
      <label htmlFor={id} className={hideLabel ? "sr-only" : "field-label"}>
        {label}
      </label>
      <div className="field">
        <input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          placeholder={placeholder}
          className="min-h-11 w-full min-w-0 bg-transparent px-3 font-mono outline-none"
          value={text ?? (value === null ? "" : String(value))}
          onChange={(event) => {
            setText(event.target.value);
            const number = Number(event.target.value.replace(",", "."));
            if (event.target.value.trim() === "") {
              onEmptied?.();
            } else if (Number.isFinite(number)) {
              onValue(number);
            }
          }}
          onBlur={leave}
        />
        {unit !== undefined && <span className="pr-3 text-sm whitespace-nowrap text-muted">{unit}</span>}
      </div>
    </div>
  );
}
