import { useId, useState } from "react";
import { api } from "../api/client";
import type { HandoverReading, HandoverTest } from "../api/generated/handover";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import type { Records } from "./useRecords";

const UNITS: Record<HandoverTest["reads"], string> = {
  ohm: "Ω",
  volt: "V",
  ampere: "A",
  celsius: "°C",
  second: "s",
  seen: "",
};

interface Props {
  step: string;
  reads: HandoverTest["reads"];
  label: string;
  reading: HandoverReading | undefined;
  records: Records;
  hasBadJoint: boolean;
}

/** What the instrument shows: typed as it is, pressed, or taken from a simulated one. */
export function ReadingField({ step, reads, label, reading, records, hasBadJoint }: Props) {
  const { job } = useJob();
  const id = useId();
  const waiting = records.waiting.findLast((record) => record.step === step && record.kind === "reading");
  const stands = waiting?.typed ?? reading?.typed ?? "";
  const [typed, setTyped] = useState(stands);
  const [last, setLast] = useState(stands);
  if (last !== stands) {
    setLast(stands);
    setTyped(stands);
  }
  const keep = (text: string) => {
    if (text.trim() !== "" && text !== stands) {
      records.write({ kind: "reading", step, typed: text.trim() });
    }
  };
  const wrong = records.refused[step] ?? "";
  return (
    <div className="flex flex-wrap items-center gap-2">
      {reads === "seen" ? (
        ["yes", "no"].map((answer) => (
          <Button
            key={answer}
            tone={stands === answer ? "strong" : "plain"}
            aria-pressed={stands === answer}
            aria-label={`${label}: ${answer}`}
            onClick={() => {
              records.write({ kind: "reading", step, typed: answer });
            }}
          >
            {answer === "yes" ? "Yes" : "No"}
          </Button>
        ))
      ) : (
        <form
          className="flex items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            keep(typed);
          }}
        >
          <label htmlFor={id} className="sr-only">
            {label}
          </label>
          <input
            id={id}
            className="field min-h-11 w-28 px-3 font-mono"
            inputMode="text"
            autoComplete="off"
            placeholder={UNITS[reads]}
            value={typed}
            onChange={(event) => {
              setTyped(event.target.value);
            }}
            onBlur={() => {
              keep(typed);
            }}
          />
        </form>
      )}
      <Button
        tone="quiet"
        onClick={() => {
          void api.simulatedReading(job.id, step, hasBadJoint).then((shown) => {
            records.write({ kind: "reading", step, typed: shown.typed });
          });
        }}
      >
        Simulate<span className="sr-only">: {label}</span>
      </Button>
      {waiting !== undefined && <span className="text-muted">waits to be sent</span>}
      {wrong !== "" && (
        <span role="alert" className="w-full font-semibold text-danger">
          {wrong}
        </span>
      )}
    </div>
  );
}
