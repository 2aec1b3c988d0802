import { useState } from "react";
import { useJob } from "../api/JobContext";
import { Pick } from "../kit/controls";

export interface Option<T extends string> {
  value: T;
  label: string;
  /** When it fits, in one sentence. */
  fits: string;
  /** What picking it sets. */
  changes: Record<string, unknown>;
}

interface Props<T extends string> {
  label: string;
  value: T;
  options: Option<T>[];
}

/** A choice of the brief. What does not go with the rest is refused, with the reason beside it, and nothing is lost. */
export function Choose<T extends string>({ label, value, options }: Props<T>) {
  const { change } = useJob();
  const [refusal, setRefusal] = useState<{ picked: string; says: string }>();
  return (
    <div>
      <Pick
        label={label}
        value={value}
        options={options}
        onPick={(picked) => {
          const option = options.find((one) => one.value === picked);
          if (option === undefined) {
            return;
          }
          void change({ label, changes: option.changes }).then((refused) => {
            setRefusal(refused === undefined ? undefined : { picked: option.label, says: refused.message });
          });
        }}
      />
      {refusal !== undefined && (
        <p role="alert" className="mt-1 border-l-4 border-l-warning bg-sunk px-3 py-2 text-[0.95rem]">
          <b>‘{refusal.picked}’ does not go with the rest:</b> {refusal.says}
        </p>
      )}
    </div>
  );
}
