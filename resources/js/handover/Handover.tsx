import { useQuery } from "@tanstack/react-query";
import { useSearchParams } from "react-router";
import { api, type Refused } from "../api/client";
import { keys } from "../api/keys";
import type { Handover as Answer } from "../api/generated/handover";
import { useJob } from "../job/JobContext";
import { SegmentedControl } from "../kit/SegmentedControl";
import { PapersPart } from "./PapersPart";
import { RecordPart } from "./RecordPart";
import { TestsPart } from "./TestsPart";
import { useRecords } from "./useRecords";
import { WorkPart } from "./WorkPart";

const PARTS = [
  { value: "tests", label: "Tests" },
  { value: "work", label: "Work" },
  { value: "record", label: "Record" },
  { value: "papers", label: "Papers" },
] as const;

type Part = (typeof PARTS)[number]["value"];

/** The job at the vehicle: proven step by step, ticked off, written down and handed over. */
export function Handover() {
  const { job } = useJob();
  const [address, setAddress] = useSearchParams();
  const part = PARTS.find((one) => one.value === address.get("part"))?.value ?? "tests";
  const records = useRecords(job.id);
  const { data, error } = useQuery<Answer, Refused>({
    queryKey: keys.handover(job.id, job.version),
    queryFn: () => api.handover(job.id),
    retry: false,
    placeholderData: (before) => before,
  });
  return (
    <div className="grid gap-4 print:block">
      <div className="no-print flex flex-wrap items-end gap-3">
        <div className="grow basis-full sm:basis-60">
          <SegmentedControl<Part>
            hideLabel
            label="Part of the handover"
            value={part}
            options={[...PARTS]}
            onChange={(picked) => {
              setAddress({ part: picked }, { replace: true });
            }}
          />
        </div>
        <label className="grid gap-1">
          <span className="field-label mb-0">Initials</span>
          <input
            className="field min-h-11 w-24 px-3"
            maxLength={60}
            value={records.by}
            onChange={(event) => {
              records.sign(event.target.value);
            }}
          />
        </label>
      </div>
      {records.isOffline && records.waiting.length > 0 && (
        <p role="status" className="panel font-semibold text-warning">
          ◆ No connection: {records.waiting.length} {records.waiting.length === 1 ? "entry waits" : "entries wait"} here
          and will be sent. {records.refused[""] ?? ""}
        </p>
      )}
      {error !== null && data === undefined && (
        <p role="alert" className="panel font-semibold text-danger">
          {error.message}
        </p>
      )}
      {data !== undefined && (
        <>
          {part === "tests" && <TestsPart handover={data} records={records} />}
          {part === "work" && <WorkPart handover={data} records={records} />}
          {part === "record" && <RecordPart handover={data} records={records} />}
          {part === "papers" && <PapersPart handover={data} records={records} />}
        </>
      )}
    </div>
  );
}
