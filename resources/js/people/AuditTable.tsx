import type { AuditRow } from "../api/generated/people";
import { Panel } from "../kit/Panel";

/** Actions as they are kept to what they are called. */
const ACTIONS: Record<string, string> = {
  "session.begin": "signed in",
  "session.end": "signed out",
  "session.refused": "was not let in",
  "session.code-used": "chose a password with a code",
  "session.code-refused": "tried a wrong code",
  "person.add": "added a person",
  "person.code": "gave a new code",
  "person.role": "changed a role",
  "person.sign-out": "ended someone’s sessions",
  "person.remove": "removed a person",
  "people.customers": "changed what readers see",
  "job.start": "started a job",
  "job.import": "imported a job",
  "job.change": "changed a job",
  "job.undo": "undid a change",
  "job.redo": "redid a change",
  "job.stand-on": "went back to a version",
  "job.sizes": "took new sizes",
  "job.mend": "mended a job",
  "job.duplicate": "duplicated a job",
  "job.archive": "archived a job, or took it out",
  "job.remove": "put a job into the bin",
  "job.restore": "restored a job",
  "job.erase": "erased a job",
  "part.add": "added a part",
  "part.change": "changed a part",
  "part.remove": "removed a part",
  "part.import": "imported parts",
  "drive.import": "imported a drive",
  "drive.remove": "removed a drive",
};

/** Who did what, the latest first. */
export function AuditTable({ rows }: { rows: AuditRow[] }) {
  return (
    <Panel title="What was done">
      <div className="overflow-x-auto">
        <table className="table w-full text-sm">
          <thead>
            <tr>
              <th>When</th>
              <th>Who</th>
              <th>What</th>
              <th>To</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row, at) => (
              <tr key={`${row.at} ${String(at)}`}>
                <td className="whitespace-nowrap">{row.at.replace("T", " ").replace("Z", "")}</td>
                <td>{row.person}</td>
                <td>{ACTIONS[row.action] ?? row.action}</td>
                <td className="font-mono">{row.subject}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Panel>
  );
}
