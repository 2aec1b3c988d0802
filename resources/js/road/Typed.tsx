import { useId, useState } from "react";
import { digits, shown, useUnits, type Kind } from "../kit/units";

interface Props {
  label: string;
  kind: Kind;
  /** In °C or m. */
  value: number;
  onValue: (value: number) => void;
}

/** A figure of the drive, in the units that are shown; it is no part of the job. */
export function Typed({ label, kind, value, onValue }: Props) {
  const id = useId();
  const { units } = useUnits();
  const as = shown(value, kind, units);
  const [text, setText] = useState<string>();
  const take = (typed: string) => {
    const number = Number(typed.replace(",", "."));
    const [zero, one] = [shown(0, kind, units).value, shown(1, kind, units).value];
    if (typed.trim() !== "" && Number.isFinite(number)) {
      onValue((number - zero) / (one - zero));
    }
    setText(undefined);
  };
  return (
    <div className="w-32">
      <label htmlFor={id} className="field-label">
        {label}
      </label>
      <div className="field">
        <input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          className="min-h-11 w-full min-w-0 bg-transparent px-3 outline-none"
          value={text ?? digits(as.value)}
          onChange={(event) => {
            setText(event.target.value);
          }}
          onBlur={(event) => {
            take(event.target.value);
          }}
          onKeyDown={(event) => {
            if (event.key === "Enter") {
              take(event.currentTarget.value);
            }
          }}
        />
        <span className="pr-3 text-sm text-muted">{as.unit}</span>
      </div>
    </div>
  );
}
