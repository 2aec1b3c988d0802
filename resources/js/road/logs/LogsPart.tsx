import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Refused, refusedBy } from "../../api/client";
import { keys } from "../../api/keys";
import type { LogSummary } from "../../api/generated/logs";
import { useJob } from "../../job/JobContext";
import { Button } from "../../kit/Button";
import { Panel } from "../../kit/Panel";
import { digits, useShown } from "../../kit/units";
import { CompareLogs } from "./CompareLogs";
import { ImportLog } from "./ImportLog";
import { LogView } from "./LogView";

const TAKEN: Record<LogSummary["taken"], string> = { before: "Before", after: "After", other: "Other" };

/** What was measured on this vehicle: logs of any shape, laid over the plan, compared, and fitted to. */
export function LogsPart() {
  const { job } = useJob();
  const queries = useQueryClient();
  const { data } = useQuery({ queryKey: keys.logs(job.id), queryFn: () => api.logs(job.id), retry: false });
  const [shown, setShown] = useState<string>();
  const [wrong, setWrong] = useState<Refused>();
  const logs = data?.logs ?? [];
  const log = logs.find((one) => one.id === shown) ?? logs.at(-1);
  const again = () => queries.invalidateQueries({ queryKey: keys.logs(job.id) });
  return (
    <div className="grid gap-4">
      <ImportLog
        onImported={(id) => {
          setShown(id);
          void again();
        }}
      />
      <Panel title="Logs of this vehicle">
        {wrong !== undefined && (
          <p role="alert" className="font-semibold text-danger">
            {wrong.message}
          </p>
        )}
        {logs.length === 0 ? (
          <p className="text-muted">
            None yet. A log before the work and one after it on the same road show what the work did.
          </p>
        ) : (
          <LogTable
            job={job.id}
            logs={logs}
            shown={log?.id}
            onShow={setShown}
            onRemove={(id) => {
              setWrong(undefined);
              void api.removeLog(job.id, id).then(again, (error: unknown) => {
                setWrong(refusedBy(error));
              });
            }}
          />
        )}
      </Panel>
      {log !== undefined && <LogView key={log.id} id={log.id} />}
      <CompareLogs logs={logs} />
    </div>
  );
}

interface TableProps {
  /** Id of the job. */
  job: string;
  logs: LogSummary[];
  shown: string | undefined;
  onShow: (id: string) => void;
  onRemove: (id: string) => void;
}

function LogTable({ job, logs, shown, onShow, onRemove }: TableProps) {
  const show = useShown();
  return (
    <div className="overflow-x-auto">
      <table className="table w-full">
        <thead>
          <tr>
            <th>Log</th>
            <th>Taken</th>
            <th>Lasts</th>
            <th>Hottest</th>
            <th>Silent for</th>
            <th>
              <span className="sr-only">What can be done</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {logs.map((log) => (
            <tr key={log.id} className={log.id === shown ? "bg-sunk" : ""}>
              <th scope="row">{log.name}</th>
              <td>{TAKEN[log.taken]}</td>
              <td className="whitespace-nowrap">{digits(log.lastsS / 60, 1)} min</td>
              <td className="whitespace-nowrap">{log.hottestC === null ? "–" : show(log.hottestC, "temperature")}</td>
              <td className="whitespace-nowrap">{log.silentS === 0 ? "–" : `${digits(log.silentS)} s`}</td>
              <td>
                <div className="flex flex-wrap justify-end gap-2">
                  <Button
                    onClick={() => {
                      onShow(log.id);
                    }}
                  >
                    Show<span className="sr-only"> {log.name}</span>
                  </Button>
                  <a href={`/api/jobs/${job}/logs/${log.id}.csv`} download className="link-button">
                    Export<span className="sr-only"> {log.name}</span>
                  </a>
                  <Button
                    tone="quiet"
                    onClick={() => {
                      onRemove(log.id);
                    }}
                  >
                    Remove<span className="sr-only"> {log.name}</span>
                  </Button>
                </div>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
