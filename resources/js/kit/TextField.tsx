import { useId, useRef, useState } from "react";
import { useJob } from "../api/JobContext";
import { FieldFrame, wrongness } from "./FieldFrame";

interface Props {
  path: string;
  label: string;
  value: string;
  lines?: number;
}

const PAUSE_MS = 400;

export function TextField({ path, label, value, lines = 1 }: Props) {
  const id = useId();
  const { change } = useJob();
  const [text, setText] = useState<string>();
  const [wrong, setWrong] = useState<string>();
  const timer = useRef<number>(undefined);
  const props = {
    id,
    className: "min-h-11 w-full bg-transparent px-3 py-2 text-[1rem] outline-none",
    value: text ?? value,
    ...wrongness(id, wrong),
    onChange: (event: { target: { value: string } }) => {
      const typed = event.target.value;
      setText(typed);
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(() => {
        void change({ label, changes: { [path]: typed } }).then((refused) => {
          setWrong(refused?.at(path));
        });
      }, PAUSE_MS);
    },
  };
  return (
    <div>
      <FieldFrame id={id} label={label} wrong={wrong}>
        {lines === 1 ? <input type="text" {...props} /> : <textarea rows={lines} {...props} />}
      </FieldFrame>
    </div>
  );
}
