import { useId, useRef, useState } from "react";
import { useJob } from "../api/JobContext";

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
    "aria-invalid": wrong !== undefined,
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
      <label htmlFor={id} className="field-label">
        {label}
      </label>
      <div className={`field ${wrong === undefined ? "" : "border-danger"}`}>
        {lines === 1 ? <input type="text" {...props} /> : <textarea rows={lines} {...props} />}
      </div>
      {wrong !== undefined && (
        <p role="alert" className="mt-1 text-sm font-semibold text-danger">
          {wrong}
        </p>
      )}
    </div>
  );
}
