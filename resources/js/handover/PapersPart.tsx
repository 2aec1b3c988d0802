import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Refused } from "../api/client";
import type { Handover } from "../api/generated/handover";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import type { Records } from "./useRecords";
import { WorkshopPanel } from "./WorkshopPanel";

interface Props {
  handover: Handover;
  records: Records;
}

/** What is printed and taken along, and the sign-off. */
export function PapersPart({ handover, records }: Props) {
  const { job } = useJob();
  const [signed, setSigned] = useState("");
  const last = handover.records.find((record) => record.kind === "sign-off");
  return (
    <div className="grid gap-4">
      <Panel title="Papers">
        <div className="flex flex-wrap gap-2">
          <MadePaper path={`jobs/${job.id}/dossier.pdf`}>Dossier, A4</MadePaper>
          <MadePaper path={`jobs/${job.id}/dossier.pdf?paper=letter`}>Dossier, letter</MadePaper>
          <Paper href={`/api/jobs/${job.id}/readings.csv`}>Readings, CSV</Paper>
          <Paper href={`/api/jobs/${job.id}/parts.csv`}>Parts to order, CSV</Paper>
          <Paper href={`/api/jobs/${job.id}/parts.fods`}>Parts to order, spreadsheet</Paper>
          <Paper href={`/api/jobs/${job.id}/labels.pdf`}>Labels, A4</Paper>
          <Paper href={`/api/jobs/${job.id}/follow-up.ics`}>Follow-up checks, calendar</Paper>
          <Paper href={`/api/jobs/${job.id}/file`}>Job file</Paper>
        </div>
      </Panel>
      <WorkshopPanel />
      <Panel title="Sign off">
        {handover.lacks.failing > 0 && (
          <p className="mb-2 font-semibold text-danger">▲ {handover.lacks.failing} readings are outside.</p>
        )}
        {last !== undefined && (
          <p className="mb-2">
            Signed off by <b>{last.text}</b>, {new Date(last.at).toLocaleString()}.
          </p>
        )}
        <form
          className="flex flex-wrap items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (signed.trim() !== "") {
              records.write({ kind: "sign-off", step: "", text: signed.trim() });
              setSigned("");
            }
          }}
        >
          <label className="grid gap-1">
            <span className="field-label mb-0">Full name</span>
            <input
              className="field min-h-11 w-64 px-3"
              maxLength={120}
              value={signed}
              onChange={(event) => {
                setSigned(event.target.value);
              }}
            />
          </label>
          <Button type="submit" tone="strong">
            Sign off
          </Button>
        </form>
        <p className="mt-2 text-sm text-muted">
          Local codes and licensed practice come first. Whoever signs has read the findings and the readings.
        </p>
      </Panel>
    </div>
  );
}

/** A paper that is made when it is asked for, and then saved. */
function MadePaper({ path, children }: { path: string; children: string }) {
  const making = useMutation<File, Refused>({
    mutationFn: () => api.paper(path),
    onSuccess: (file) => {
      const link = document.createElement("a");
      link.href = URL.createObjectURL(file);
      link.download = file.name;
      link.click();
      URL.revokeObjectURL(link.href);
    },
  });
  return (
    <span className="grid gap-1">
      <Button
        disabled={making.isPending}
        onClick={() => {
          making.mutate();
        }}
      >
        {making.isPending ? `${children}: being made …` : children}
      </Button>
      {making.error !== null && (
        <span role="alert" className="text-sm font-semibold text-danger">
          {making.error.message}
        </span>
      )}
    </span>
  );
}

function Paper({ href, children }: { href: string; children: string }) {
  return (
    <a href={href} download className="link-button">
      {children}
    </a>
  );
}
