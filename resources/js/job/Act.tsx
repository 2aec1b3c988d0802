import { useState, type ReactNode } from "react";
import { Button } from "../kit/Button";
import { useJob } from "./JobContext";

interface Props {
  /** Names what is done in the history. */
  label: string;
  /** Name by which the program knows it; nothing is shown where it cannot be done. */
  pick: string | null | undefined;
  tone?: "strong" | "quiet";
  className?: string;
  children: ReactNode;
}

/** A button that adds, takes away or moves something of the job: on the job as it is by then. */
export function Act({ label, pick, tone, className = "", children }: Props) {
  const { change } = useJob();
  const [isDoing, setDoing] = useState(false);
  const [refusal, setRefusal] = useState<string>();
  if (pick === null || pick === undefined) {
    return null;
  }
  return (
    <div className={className}>
      <Button
        {...(tone === undefined ? {} : { tone })}
        aria-busy={isDoing}
        onClick={() => {
          setDoing(true);
          void change({ label, picks: [pick] }).then(({ refused }) => {
            setDoing(false);
            setRefusal(refused?.message);
          });
        }}
      >
        {children}
        {isDoing && " …"}
      </Button>
      {refusal !== undefined && (
        <p role="alert" className="mt-1 border-l-4 border-l-warning bg-sunk px-3 py-2 text-[0.95rem]">
          {refusal}
        </p>
      )}
    </div>
  );
}
