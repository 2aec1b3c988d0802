import { useState } from "react";
import type { Change } from "../api/client";
import { useAtOnce } from "../kit/useAtOnce";
import { Why } from "../kit/Why";
import { SegmentedControl } from "../kit/SegmentedControl";
import { useJob } from "./JobContext";

export interface Option<T extends string = string> {
  value: T;
  label: string;
  /** When it fits, in one sentence. */
  fits?: string | null;
  /** Name by which the program knows what choosing it does, and the first place it is about. */
  pick?: string;
  path?: string;
  /** Of a choice that is one place of the job and nothing else: that place to its value. */
  changes?: Record<string, unknown>;
}

interface Props<T extends string> {
  label: string;
  value: T;
  options: Option<T>[];
  /** Whether it is a row of many alike, with its label beside it and no words under it. */
  isRow?: boolean;
}

/** A choice of the brief. What does not go with the rest is refused, with the reason beside it, and nothing is lost. */
export function Choose<T extends string>({ label, value, options, isRow = false }: Props<T>) {
  const { job, change } = useJob();
  const [shown, pick] = useAtOnce(value);
  const [refusal, setRefusal] = useState<{ chosen: string; reason: string; version: number }>();
  return (
    <div className={isRow ? "flex flex-wrap items-center justify-between gap-x-3 border-b border-line py-1" : ""}>
      {isRow && <span aria-hidden>{label}</span>}
      <SegmentedControl
        label={label}
        hideLabel={isRow}
        value={shown}
        options={isRow ? options.map((option) => ({ ...option, fits: null })) : options}
        path={pathOf(options)}
        aside={isRow ? undefined : <Why path={pathOf(options)} label={label} />}
        onChange={(chosen) => {
          const option = options.find((one) => one.value === chosen);
          if (option === undefined) {
            return;
          }
          pick(chosen, async () => {
            const { refused, version } = await change({ label, ...changeOf(option) });
            setRefusal(refused && { chosen: option.label, reason: refused.message, version });
          });
        }}
      />
      {refusal !== undefined && job.version <= refusal.version && (
        <p role="alert" className="mt-1 border-l-4 border-l-warning bg-sunk px-3 py-2 text-[0.95rem]">
          <b>‘{refusal.chosen}’ does not go with the rest:</b> {refusal.reason}
        </p>
      )}
    </div>
  );
}

/** What picking an option sends. */
export function changeOf({ pick, changes }: Pick<Option, "pick" | "changes">): Omit<Change, "label"> {
  return pick === undefined ? { changes: changes ?? {} } : { picks: [pick] };
}

/** The place of the job file a choice is about: the first that any of its options sets. */
function pathOf(options: Option[]): string {
  return (
    options.map((option) => option.path ?? Object.keys(option.changes ?? {})[0] ?? "").find((path) => path !== "") ?? ""
  );
}
