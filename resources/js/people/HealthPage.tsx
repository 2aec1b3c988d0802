import { useQuery } from "@tanstack/react-query";
import { api, type Refused } from "../api/client";
import type { Health } from "../api/generated/health";
import { keys } from "../api/keys";
import { Panel } from "../kit/Panel";
import { Loading } from "../shell/states";
import { Place } from "./Place";

const NAMES: Record<string, string> = {
  database: "Database",
  disk: "Disk",
  cache: "Kept answers",
  backup: "Backup",
  versions: "Versions",
};

/** How the machine is that the program runs on. */
export function HealthPage() {
  const health = useQuery<Health, Refused>({ queryKey: keys.health, queryFn: api.health, retry: false });
  return (
    <Place title="Health" about="The machine this workshop’s jobs lie on">
      {health.isPending && <Loading what="the state of the machine" />}
      {health.error && (
        <p role="alert" className="panel border-danger text-danger">
          {health.error.message}
        </p>
      )}
      {health.data !== undefined && (
        <Panel title={health.data.isWell ? "All is well" : "Something wants looking after"}>
          <table className="table w-full">
            <tbody>
              {health.data.checks.map((check) => (
                <tr key={check.name}>
                  <th scope="row" className="w-40 text-left">
                    {NAMES[check.name] ?? check.name}
                  </th>
                  <td>
                    <span className={check.isWell ? "text-accent" : "font-bold text-danger"}>
                      {check.isWell ? "●" : "▲"}
                    </span>{" "}
                    {check.says}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-3 text-sm text-muted">
            Backups are taken every day the program runs and before each update; fourteen are kept. One by hand: php
            artisan lamp:backup.
          </p>
        </Panel>
      )}
    </Place>
  );
}
