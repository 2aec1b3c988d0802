import { useState } from "react";
import { api, type Refused, refusedBy } from "../../api/client";
import type { LogColumns } from "../../api/generated/log-columns";
import type { LogSummary } from "../../api/generated/logs";
import { ProblemItems } from "../../api/ProblemItems";
import { useJob } from "../../job/JobContext";
import { Button } from "../../kit/Button";
import { FileButton } from "../../kit/FileButton";
import { Panel } from "../../kit/Panel";
import { SegmentedControl } from "../../kit/SegmentedControl";
import { MapColumns, type Mapping } from "./MapColumns";
import { StandIns } from "./StandIns";

/** A file as it comes from a logger or a scan tool: its columns are named once, then it is read. */
export function ImportLog({ onImported }: { onImported: (id: string) => void }) {
  const { job } = useJob();
  const [file, setFile] = useState<File>();
  const [columns, setColumns] = useState<LogColumns>();
  const [mapping, setMapping] = useState<Mapping>({});
  const [taken, setTaken] = useState<LogSummary["taken"]>("before");
  const [isReading, setReading] = useState(false);
  const [wrong, setWrong] = useState<Refused>();
  const refuse = (error: unknown) => {
    setWrong(refusedBy(error));
  };
  const look = async (chosen: File) => {
    setWrong(undefined);
    setColumns(undefined);
    try {
      const found = await api.logColumns(chosen);
      setFile(chosen);
      setMapping(found.mapping);
      setColumns(found);
    } catch (error) {
      refuse(error);
    }
  };
  const read = async () => {
    if (file === undefined) {
      return;
    }
    setWrong(undefined);
    setReading(true);
    try {
      const name = file.name.replace(/\.[a-z]+$/i, "").slice(0, 80) || "Log";
      const log = await api.importLog(job.id, file, { name, taken, mapping: JSON.stringify(mapping) });
      setColumns(undefined);
      onImported(log.id);
    } catch (error) {
      refuse(error);
    }
    setReading(false);
  };
  return (
    <Panel title="Import a log">
      <div className="grid gap-4">
        <div className="flex flex-wrap items-end gap-4">
          <FileButton
            tone="strong"
            label="Choose a file"
            name="Log file"
            accept=".csv,.txt,.tsv,text/csv"
            onFile={(chosen) => void look(chosen)}
          />
          <StandIns onRecorded={(recorded) => void look(recorded)} onWrong={refuse} />
        </div>
        {columns !== undefined && (
          <>
            <MapColumns columns={columns} mapping={mapping} onMapping={setMapping} wrong={wrong} />
            <div className="flex flex-wrap items-end gap-4">
              <SegmentedControl
                label="Taken"
                value={taken}
                options={[
                  { value: "before", label: "Before the work" },
                  { value: "after", label: "After it" },
                  { value: "other", label: "Other" },
                ]}
                onChange={setTaken}
              />
              <Button tone="strong" disabled={isReading} onClick={() => void read()}>
                {isReading ? "Reading…" : `Read ${file?.name ?? ""}`}
              </Button>
            </div>
          </>
        )}
        {wrong !== undefined && (
          <ul role="alert" className="grid max-h-60 gap-1 overflow-y-auto font-semibold text-danger">
            <ProblemItems problems={wrong.problems} />
          </ul>
        )}
      </div>
    </Panel>
  );
}
