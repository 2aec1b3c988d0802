import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, problemsOf } from "../api/client";
import type { Problem } from "../api/generated/problem";
import { keys } from "../api/keys";
import type { JobRow } from "../api/generated/job-list";
import { notify } from "../kit/notify";
import { Button } from "../kit/Button";
import { ProblemItems } from "../api/ProblemItems";
import { useTheme } from "../kit/theme";
import { Unreadable } from "./Unreadable";
import { Loading } from "../shell/states";

/** How long a removed job can be restored by one press, ms. */
const UNDO_MS = 20_000;

export function Jobs() {
  useTheme();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const jobs = useQuery({ queryKey: keys.jobs, queryFn: api.jobs, retry: false });
  const [problems, setProblems] = useState<Problem[]>([]);
  const file = useRef<HTMLInputElement>(null);

  const attempt = async (act: () => Promise<void>) => {
    setProblems([]);
    try {
      await act();
    } catch (error) {
      setProblems(problemsOf(error));
    }
  };
  const open = (id: string) => navigate(`/jobs/${id}/brief`);
  const restore = (job: JobRow) =>
    attempt(async () => {
      await api.restore(job.id);
      await refresh();
    });
  const refresh = () => queries.invalidateQueries({ queryKey: keys.jobs });

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
        <Button onClick={() => file.current?.click()}>Import a job file</Button>
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
          <h2 className="heading mb-2 text-danger">Not done. Nothing was saved.</h2>
          <ul className="grid gap-1">
            <ProblemItems problems={problems} />
          </ul>
        </section>
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
            {job.problems.length > 0 ? (
              <Unreadable job={job} onMended={refresh} onProblems={setProblems} />
            ) : (
              <Link
                to={`/jobs/${job.id}/brief`}
                className="grid min-h-16 grow gap-x-6 px-4 py-3 sm:grid-cols-[1fr_auto]"
              >
                <span className="text-lg font-bold">{job.title}</span>
                <FindingCount job={job} />
                <span className="text-muted">
                  {[job.customer, job.vehicle].filter((text) => text !== "").join(", ") || "No vehicle named yet"}
                </span>
                <span className="text-sm text-muted sm:text-right">
                  {job.systemV} V, {job.fans === 1 ? "one fan" : `${String(job.fans)} fans`}
                </span>
              </Link>
            )}
            <Button
              tone="quiet"
              className="text-muted"
              aria-label={`Remove ${job.title}`}
              onClick={() =>
                void attempt(async () => {
                  await api.remove(job.id);
                  await refresh();
                  await notify({
                    text: `‘${job.title}’ was removed.`,
                    lastsMs: UNDO_MS,
                    action: { label: "Restore", onClick: () => void restore(job) },
                  });
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
function FindingCount({ job }: { job: JobRow }) {
  if (job.dangers + job.warnings + job.accepted === 0 && job.isProven) {
    return <span className="text-sm font-semibold text-accent sm:text-right">● Proven, nothing to mend</span>;
  }
  return (
    <span className="flex flex-wrap gap-x-3 text-sm font-bold sm:justify-end">
      {!job.isProven && <span className="text-muted">Not proven yet</span>}
      {job.accepted > 0 && <span className="text-muted">{job.accepted} accepted</span>}
      {job.dangers > 0 && <span className="text-danger">▲ {job.dangers} danger</span>}
      {job.warnings > 0 && <span className="text-warning">◆ {job.warnings} warning</span>}
    </span>
  );
}
