import { useState } from "react";
import type { FormOption } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";
import { Menu } from "../kit/Menu";

/** Adds one of several things; what does not go with the rest is refused with its reason. */
export function AddOption({ label, options }: { label: string; options: FormOption[] }) {
  const { change } = useJob();
  const [refusal, setRefusal] = useState<string>();
  if (options.length === 0) {
    return null;
  }
  return (
    <div>
      <Menu
        label={label}
        shows={label}
        items={options.map((option) => ({
          label: option.label,
          onPick: () => {
            void change({ label: option.label, picks: [option.pick] }).then(({ refused }) => {
              setRefusal(refused && `‘${option.label}’ does not go with the rest: ${refused.message}`);
            });
          },
        }))}
      />
      {refusal !== undefined && (
        <p role="alert" className="mt-1 border-l-4 border-l-warning bg-sunk px-3 py-2 text-[0.95rem]">
          {refusal}
        </p>
      )}
    </div>
  );
}
