import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, Refused, type Problem } from "../api/client";
import type { JobRow } from "../api/generated/job-list";
import { Button } from "../kit/controls";
import { ProblemItems } from "../kit/ProblemItems";
import { useTheme } from "../kit/theme";
import { Loading } from "../shell/states";

export function Jobs() {
  useTheme();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const jobs = useQuery({ queryKey: ["jobs"], queryFn: api.jobs, retry: false });
  const [problems, setProblems] = useState<Problem[]>([]);
  const [removed, setRemoved] = useState<JobRow>();
  const file = useRef<HTMLInputElement>(null);

  const attempt = async (act: () => Promise<void>) => {
    setProblems([]);
    try {
      await act();
    } catch (error) {
      setProblems(error instanceof Refused ? error.problems : [{ at: "", says: String(error) }]);
    }
  };
  const open = (id: string) => navigate(`/jobs/${id}/brief`);
  const refresh = () => queries.invalidateQueries({ queryKey: ["jobs"] });

  return (
    <main className="mx-auto max-w-5xl p-4 sm:p-8">
      <header className="mb-6 flex flex-wrap items-center gap-3">
        <div className="mr-auto flex items-center gap-3">
          <svg aria-hidden viewBox="0 0 32 44" className="h-11">
            <path d="M16 0V13M16 31V44" className="stroke-accent" strokeWidth="3" />
            <circle cx="16" cy="22" r="9" className="fill-lamp stroke-accent" strokeWidth="3" />
          </svg>
          <div>
            <h1 className="text-2xl font-extrabold tracking-tight">Lamp Thread</h1>
            <p className="text-sm text-muted">Circuits for electric radiator fans</p>
          </div>
        </div>
        <Link
          to="/shelf"
          className="grid min-h-11 place-items-center rounded-[3px] border border-line bg-panel px-4 text-[0.95rem] font-semibold hover:border-accent"
        >
          Shelf
        </Link>
        <Button onClick={() => file.current?.click()}>Open a job file</Button>
        <input
          ref={file}
          type="file"
          accept=".json,application/json"
          className="hidden"
          aria-label="Job file"
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            event.target.value = "";
            if (chosen !== undefined) {
              void attempt(async () => void open((await api.importFile(await chosen.text())).id));
            }
          }}
        />
        <Button tone="strong" onClick={() => void attempt(async () => void open((await api.start()).id))}>
          New job
        </Button>
      </header>

      {problems.length > 0 && (
        <section role="alert" className="panel mb-4 border-danger">
          <h2 className="heading mb-2 text-danger">Not opened. Nothing was saved.</h2>
          <ul className="grid gap-1">
            <ProblemItems problems={problems} />
          </ul>
        </section>
      )}
      {removed !== undefined && (
        <p role="status" className="panel mb-4 flex flex-wrap items-center gap-3">
          <span className="mr-auto">‘{removed.title}’ was removed.</span>
          <Button
            onClick={() =>
              void attempt(async () => {
                await api.restore(removed.id);
                setRemoved(undefined);
                await refresh();
              })
            }
          >
            Bring it back
          </Button>
        </p>
      )}

      {jobs.isPending && <Loading what="the jobs" />}
      {jobs.error && (
        <p role="alert" className="panel border-danger text-danger">
          {jobs.error.message}
        </p>
      )}
      {jobs.data?.length === 0 && (
        <div className="panel py-10 text-center">
          <h2 className="heading mb-2">No jobs yet</h2>
          <p className="text-muted">Start a new job, or open a job file from another machine.</p>
        </div>
      )}
      <ul className="grid gap-2">
        {jobs.data?.map((job) => (
          <li key={job.id} className="panel flex items-stretch gap-2 p-0 hover:border-accent">
            <Link to={`/jobs/${job.id}/brief`} className="grid min-h-16 grow gap-x-6 px-4 py-3 sm:grid-cols-[1fr_auto]">
              <span className="text-lg font-bold">{job.title}</span>
              <Lacks job={job} />
              <span className="text-muted">
                {[job.customer, job.vehicle].filter((text) => text !== "").join(", ") || "No vehicle named yet"}
              </span>
              <span className="text-sm text-muted sm:text-right">{job.summary}</span>
            </Link>
            <Button
              tone="quiet"
              className="text-muted"
              aria-label={`Remove ${job.title}`}
              onClick={() =>
                void attempt(async () => {
                  await api.remove(job.id);
                  setRemoved(job);
                  await refresh();
                })
              }
            >
              Remove
            </Button>
          </li>
        ))}
      </ul>
    </main>
  );
}

/** What stands against a job, in one glance. */
function Lacks({ job }: { job: JobRow }) {
  if (job.dangers + job.warnings === 0) {
    return <span className="text-sm font-semibold text-accent sm:text-right">● Nothing found against it</span>;
  }
  return (
    <span className="flex gap-3 text-sm font-bold sm:justify-end">
      {job.dangers > 0 && <span className="text-danger">▲ {job.dangers} danger</span>}
      {job.warnings > 0 && <span className="text-warning">◆ {job.warnings} warning</span>}
    </span>
  );
}
