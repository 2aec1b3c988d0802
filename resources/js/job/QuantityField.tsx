import { useId } from "react";
import { FieldFrame, wrongness } from "../kit/FieldFrame";
import { digits, shown, useUnits, withUnit, type Kind } from "../kit/units";
import { Why } from "../kit/Why";
import { useTypedText } from "../kit/useTypedText";
import { useHeld, useHeldTexts } from "./heldTexts";
import { useJob } from "./JobContext";

interface Props {
  /** JSON pointer of the value in the job file. */
  path: string;
  label: string;
  /** What it is of, where that is seen beside it. */
  of?: string;
  kind: Kind;
  value: number | null | undefined;
  /** Shown in the empty field: what is taken when nothing is given. */
  usual?: string;
  hint?: string | undefined;
  /** Shown in a field that was never filled. */
  placeholder?: string;
}

const PAUSE_MS = 220;

/** A quantity typed as it is: `185F`, `3/16in`. The server reads it. */
export function QuantityField({ path, label, of, kind, value, usual, hint, placeholder }: Props) {
  const id = useId();
  const { job, change } = useJob();
  const { units } = useUnits();
  const as = value === null || value === undefined ? undefined : shown(value, kind, units);
  const unit = as?.unit ?? shown(0, kind, units).unit;
  const texts = useHeldTexts();
  const [held, hold] = useHeld(path);
  const name = of === undefined ? label : `${of}, ${label}`;
  const typed = useTypedText({
    shown: as === undefined ? "" : digits(as.value),
    version: job.version,
    pauseMs: PAUSE_MS,
    held,
    onHeld: (refused) => {
      hold(refused && { ...refused, sent: withUnit(refused.text, unit) });
    },
    send: async (text) => {
      const isEmptied = text.trim() === "" && usual !== undefined;
      const typedHere = isEmptied ? {} : { [path]: withUnit(text, unit) };
      const alone = isEmptied ? { label: name, changes: { [path]: null } } : { label: name, typed: typedHere };
      // What was refused beside it may be right together with it: the two are one answer.
      const beside = texts.beside(path);
      if (Object.keys(beside).length > 0) {
        const together = await change({ ...alone, typed: { ...beside, ...typedHere } });
        if (together.refused === undefined) {
          for (const place of Object.keys(beside)) {
            texts.set(place, undefined);
          }
          return { version: together.version, wrong: undefined };
        }
      }
      const { refused, version } = await change(alone);
      const isRefused = refused !== undefined && refused.status !== 409;
      return { version, wrong: isRefused ? (refused.at(path) ?? refused.message) : undefined };
    },
  });

  return (
    <div>
      <FieldFrame
        id={id}
        label={label}
        of={of}
        unit={unit}
        wrong={typed.wrong}
        onTakeBack={typed.takeBack}
        hint={hint}
        aside={<Why path={path} label={label} />}
      >
        <input
          id={id}
          data-path={path}
          inputMode="text"
          autoComplete="off"
          className="min-h-11 w-full min-w-0 bg-transparent px-3 font-mono text-[1rem] outline-none"
          value={typed.value}
          placeholder={usual ?? placeholder}
          {...wrongness(id, typed.wrong)}
          onFocus={(event) => {
            typed.onFocus();
            event.target.select();
          }}
          onChange={(event) => {
            typed.onChange(event.target.value);
          }}
          onKeyDown={(event) => {
            if (event.key === "Enter") {
              typed.onEnter();
            } else if (event.key === "Escape") {
              typed.takeBack();
            }
          }}
          onBlur={typed.onBlur}
        />
      </FieldFrame>
    </div>
  );
}
