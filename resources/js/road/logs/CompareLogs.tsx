import { useQuery } from "@tanstack/react-query";
import { api } from "../../api/client";
import { keys } from "../../api/keys";
import type { LogSummary } from "../../api/generated/logs";
import { useJob } from "../../job/JobContext";
import { Panel } from "../../kit/Panel";
import { useText } from "../../kit/messages";
import { digits } from "../../kit/units";

/** The last log before the work against the last one after it. */
export function CompareLogs({ logs }: { logs: LogSummary[] }) {
  const { job } = useJob();
  const text = useText();
  const before = logs.findLast((log) => log.taken === "before");
  const after = logs.findLast((log) => log.taken === "after");
  const { data } = useQuery({
    queryKey: keys.logsCompared(job.id, before?.id ?? "", after?.id ?? ""),
    queryFn: () => api.compareLogs(job.id, before?.id ?? "", after?.id ?? ""),
    enabled: before !== undefined && after !== undefined,
    retry: false,
  });
  if (before === undefined || after === undefined) {
    return null;
  }
  return (
    <Panel title="Before and after">
      <p className="mb-2">
        ‘{before.name}’ before, ‘{after.name}’ after. How far the warm coolant stood above the weather:
      </p>
      {data?.refused != null ? (
        <p className="font-semibold text-warning">◆ {text(data, "refused")}</p>
      ) : (
        <div className="overflow-x-auto">
          <table className="table w-full">
            <thead>
              <tr>
                <th>Speed</th>
                <th>Before</th>
                <th>After</th>
                <th>Difference</th>
                <th>So</th>
              </tr>
            </thead>
            <tbody>
              {data?.rows.map((row) => (
                <tr key={row.speed}>
                  <th scope="row">{text(row, "name")}</th>
                  <td>{digits(row.beforeK, 1)} K</td>
                  <td>{digits(row.afterK, 1)} K</td>
                  <td className="whitespace-nowrap">
                    {row.byK < 0 ? "−" : "+"}
                    {digits(Math.abs(row.byK), 1)} ± {digits(row.withinK, 1)} K
                  </td>
                  <td className="font-semibold">{text(row, "says")}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </Panel>
  );
}
