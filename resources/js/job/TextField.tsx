import { useId } from "react";
import { FieldFrame, wrongness } from "../kit/FieldFrame";
import { Why } from "../kit/Why";
import { useTypedText } from "../kit/useTypedText";
import { useHeld } from "./heldTexts";
import { useJob } from "./JobContext";

interface Props {
  path: string;
  label: string;
  value: string;
  lines?: number;
}

const PAUSE_MS = 400;

/** A text of the job file, saved as it is typed. */
export function TextField({ path, label, value, lines = 1 }: Props) {
  const id = useId();
  const { job, change } = useJob();
  const [held, onHeld] = useHeld(path);
  const typed = useTypedText({
    shown: value,
    version: job.version,
    pauseMs: PAUSE_MS,
    held,
    onHeld,
    send: async (text) => {
      const { refused, version } = await change({ label, changes: { [path]: text } });
      return { version, wrong: refused?.at(path) };
    },
  });
  const props = {
    id,
    "data-path": path,
    className: "min-h-11 w-full bg-transparent px-3 py-2 text-[1rem] outline-none",
    value: typed.value,
    ...wrongness(id, typed.wrong),
    onFocus: typed.onFocus,
    onBlur: typed.onBlur,
    onChange: (event: { target: { value: string } }) => {
      typed.onChange(event.target.value);
    },
  };
  return (
    <div>
      <FieldFrame
        id={id}
        label={label}
        wrong={typed.wrong}
        onTakeBack={typed.takeBack}
        aside={<Why path={path} label={label} />}
      >
        {lines === 1 ? <input type="text" {...props} /> : <textarea rows={lines} {...props} />}
      </FieldFrame>
    </div>
  );
}
