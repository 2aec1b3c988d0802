import { api } from "../api/client";
import type { JobRow } from "../api/generated/job-list";
import { ProblemItems } from "../api/ProblemItems";
import { Button } from "../kit/Button";
import { FileButton } from "../kit/FileButton";

interface Props {
  job: JobRow;
  attempt: (act: () => Promise<unknown>) => Promise<void>;
}

/** A job whose file no longer reads: why, and the ways to mend it. */
export function Unreadable({ job, attempt }: Props) {
  return (
    <div className="grid min-h-16 grow gap-2 px-4 py-3">
      <p>
        <span className="mr-3 text-lg font-bold">{job.title === "" ? job.id : job.title}</span>
        <span className="text-sm font-bold text-danger">▲ Cannot be read</span>
      </p>
      <ul className="text-[0.95rem]">
        <ProblemItems problems={job.problems} />
      </ul>
      <p className="text-sm text-muted">
        Export its file, mend it in a text editor, and import the mended file here. Or undo the last change.
      </p>
      <div className="flex flex-wrap gap-2">
        <a href={`/api/jobs/${job.id}/file`} download className="link-button">
          Export
        </a>
        <FileButton
          label="Import the mended file"
          name={`Mended file of ${job.title}`}
          accept=".json,application/json"
          onFile={(chosen) => void attempt(async () => api.mend(job.id, job.version, await chosen.text()))}
        />
        <Button onClick={() => void attempt(() => api.undo(job.id, job.version))}>Undo the last change</Button>
      </div>
    </div>
  );
}
