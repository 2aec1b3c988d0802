import { useId, useState } from "react";
import { FieldFrame, wrongness } from "../kit/FieldFrame";
import { digits, shown, useUnits, withUnit, type Kind } from "../kit/units";

interface Props {
  label: string;
  kind: Kind;
  /** In °C or m, as it was driven last. */
  value: number;
  /** Why the text was refused, or that the answer to it is not there yet: meanwhile the text stands as typed. */
  wrong: string | undefined;
  isStale: boolean;
  /** The text with its unit; none gives the usual back. */
  onTyped: (typed: string | undefined) => void;
}

/** A figure of the drive, typed as it is: `95F`, `4000 ft`. It is no part of the job. */
export function Typed({ label, kind, value, wrong, isStale, onTyped }: Props) {
  const id = useId();
  const { units } = useUnits();
  const as = shown(value, kind, units);
  const [text, setText] = useState<string>();
  const [isTyping, setTyping] = useState(false);
  const stands = isTyping || isStale || wrong !== undefined;
  const send = () => {
    if (isTyping && text !== undefined) {
      setTyping(false);
      onTyped(text.trim() === "" ? undefined : withUnit(text, as.unit));
    }
  };
  return (
    <div className="w-32">
      <FieldFrame id={id} label={label} unit={as.unit} wrong={wrong}>
        <input
          id={id}
          inputMode="text"
          autoComplete="off"
          className="min-h-11 w-full min-w-0 bg-transparent px-3 outline-none"
          value={stands && text !== undefined ? text : digits(as.value)}
          {...wrongness(id, wrong)}
          onChange={(event) => {
            setText(event.target.value);
            setTyping(true);
          }}
          onBlur={send}
          onKeyDown={(event) => {
            if (event.key === "Enter") {
              send();
            }
          }}
        />
      </FieldFrame>
    </div>
  );
}
