import { useId, useRef, useState } from "react";
import { useJob } from "../api/JobContext";
import { FieldFrame, wrongness } from "./FieldFrame";
import { digits, shown, useUnits, withUnit, type Kind } from "./units";

interface Props {
  /** JSON pointer of the value in the job file. */
  path: string;
  label: string;
  kind: Kind;
  value: number | null | undefined;
  /** Shown in the empty field: what is taken when nothing is given. */
  usual?: string;
  hint?: string;
  /** Shown in a field that was never filled. */
  placeholder?: string;
}

const PAUSE_MS = 220;

/** A quantity typed as it is: `185F`, `3/16in`. The text stays as typed until the field is left; the server reads it. */
export function QuantityField({ path, label, kind, value, usual, hint, placeholder }: Props) {
  const id = useId();
  const { change } = useJob();
  const { units } = useUnits();
  const [text, setText] = useState<string>();
  const [wrong, setWrong] = useState<string>();
  const timer = useRef<number>(undefined);
  const as = value === null || value === undefined ? undefined : shown(value, kind, units);
  const unit = as?.unit ?? shown(0, kind, units).unit;

  const send = async (typed: string) => {
    window.clearTimeout(timer.current);
    if (typed.trim() === "" && usual !== undefined) {
      setWrong((await change({ label, changes: { [path]: null } }))?.message);
      return;
    }
    const refused = await change({ label, typed: { [path]: withUnit(typed, unit) } });
    setWrong(refused === undefined || refused.status === 409 ? undefined : (refused.at(path) ?? refused.message));
  };

  return (
    <div>
      <FieldFrame id={id} label={label} unit={unit} wrong={wrong} hint={hint}>
        <input
          id={id}
          inputMode="text"
          autoComplete="off"
          className="min-h-11 w-full min-w-0 bg-transparent px-3 font-mono text-[1rem] outline-none"
          value={text ?? (as === undefined ? "" : digits(as.value))}
          placeholder={usual ?? placeholder}
          {...wrongness(id, wrong)}
          onFocus={(event) => {
            event.target.select();
          }}
          onChange={(event) => {
            const typed = event.target.value;
            setText(typed);
            window.clearTimeout(timer.current);
            timer.current = window.setTimeout(() => void send(typed), PAUSE_MS);
          }}
          onKeyDown={(event) => {
            if (event.key === "Enter" && text !== undefined) {
              void send(text);
            }
          }}
          onBlur={() => {
            if (wrong === undefined) {
              setText(undefined);
            }
          }}
        />
      </FieldFrame>
    </div>
  );
}
