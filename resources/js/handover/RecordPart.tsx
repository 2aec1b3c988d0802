import { newId } from "../kit/newId";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, refusedBy } from "../api/client";
import { keys } from "../api/keys";
import type { Handover, HandoverRecord } from "../api/generated/handover";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { FileButton } from "../kit/FileButton";
import { Panel } from "../kit/Panel";
import { SegmentedControl } from "../kit/SegmentedControl";
import { useText } from "../kit/messages";
import { STAGES } from "./stages";
import { type Records } from "./useRecords";

const KINDS: Record<HandoverRecord["kind"], string> = {
  tick: "Work",
  reading: "Reading",
  note: "Note",
  complaint: "Complaint",
  photograph: "Photograph",
  stage: "Stage",
  "sign-off": "Signed off",
  trail: "Looked for a fault",
  fault: "Fault found",
};

interface Props {
  handover: Handover;
  records: Records;
}

/** The job's life as it was written down: notes, complaints, photographs, ticks and readings, the last first. */
export function RecordPart({ handover, records }: Props) {
  const [written, setWritten] = useState("");
  const write = (kind: "note" | "complaint") => {
    if (written.trim() !== "") {
      records.write({ kind, step: "", text: written.trim() });
      setWritten("");
    }
  };
  return (
    <div className="grid gap-4">
      <Panel title="Stage">
        <SegmentedControl
          hideLabel
          label="Stage of the job"
          value={handover.stage}
          options={STAGES}
          onChange={(stage) => {
            records.write({ kind: "stage", step: "", stage });
          }}
        />
        <Lacks handover={handover} />
      </Panel>
      <Panel title="Write it down">
        <label className="grid gap-1">
          <span className="sr-only">Note or complaint</span>
          <textarea
            className="field min-h-24 p-3"
            maxLength={2000}
            value={written}
            placeholder="Where the fuses sit, what the customer said, what was found"
            onChange={(event) => {
              setWritten(event.target.value);
            }}
          />
        </label>
        <div className="mt-2 flex flex-wrap gap-2">
          <Button
            tone="strong"
            onClick={() => {
              write("note");
            }}
          >
            Keep as a note
          </Button>
          <Button
            onClick={() => {
              write("complaint");
            }}
          >
            Keep as a complaint
          </Button>
          <Photograph records={records} />
        </div>
      </Panel>
      <Panel title="Record">
        {handover.records.length === 0 ? (
          <p className="text-muted">Nothing yet.</p>
        ) : (
          <ol className="grid gap-2">
            {handover.records.map((record) => (
              <RecordRow key={record.id} record={record} />
            ))}
          </ol>
        )}
      </Panel>
    </div>
  );
}

function Lacks({ handover: { lacks } }: { handover: Handover }) {
  const said = [
    lacks.tests > 0 ? `${lacks.tests} tests to read` : "",
    lacks.failing > 0 ? `${lacks.failing} outside` : "",
    lacks.work > 0 ? `${lacks.work} steps of work` : "",
    lacks.signOff ? "the sign-off" : "",
  ].filter((one) => one !== "");
  return <p className="mt-2">{said.length === 0 ? "Nothing lacks." : `Lacks ${said.join(", ")}.`}</p>;
}

function RecordRow({ record }: { record: HandoverRecord }) {
  const { job } = useJob();
  const text = useText();
  return (
    <li className="grid gap-x-3 border-b border-line pb-2 sm:grid-cols-[10rem_8rem_1fr]">
      <span className="text-sm text-muted">{new Date(record.at).toLocaleString()}</span>
      <span className="font-semibold">{KINDS[record.kind]}</span>
      <span className="min-w-0 wrap-anywhere">
        {record.title !== null && `${text(record, "title")} `}
        {record.kind === "tick" ? record.done ? "done" : "not done after all" : <b>{record.text}</b>}
        <span className="text-muted"> {record.by}</span>
        {record.kind === "photograph" && (
          <a href={`/api/jobs/${job.id}/photographs/${record.id}`} target="_blank" rel="noreferrer">
            <img
              src={`/api/jobs/${job.id}/photographs/${record.id}`}
              alt={`Photograph by ${record.by}`}
              loading="lazy"
              className="mt-1 max-h-40 rounded-[3px]"
            />
          </a>
        )}
      </span>
    </li>
  );
}

function Photograph({ records }: { records: Records }) {
  const { job } = useJob();
  const queries = useQueryClient();
  const [wrong, setWrong] = useState("");
  const send = async (picture: File) => {
    setWrong("");
    try {
      await api.photograph(job.id, picture, {
        id: newId(),
        step: "",
        by: records.by.trim() || "–",
        at: new Date().toISOString(),
      });
      await queries.invalidateQueries({ queryKey: keys.handovers(job.id) });
    } catch (error) {
      setWrong(refusedBy(error).message);
    }
  };
  return (
    <>
      <FileButton
        label="Add a photograph"
        name="Photograph"
        accept="image/jpeg,image/png"
        onFile={(chosen) => void send(new File([chosen], chosen.name, { type: "image/jpeg" }))}
      />
      {wrong !== "" && (
        <p role="alert" className="w-full font-semibold text-danger">
          {wrong}
        </p>
      )}
    </>
  );
}
