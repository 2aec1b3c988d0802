import { Link, useNavigate } from "react-router";
import { api } from "../api/client";
import type { JobRow } from "../api/generated/job-list";
import { STAGES } from "../handover/stages";
import { Button } from "../kit/Button";
import { notify } from "../kit/notify";
import { useSession } from "../people/SessionGate";
import { Erase } from "./Erase";
import { Menu } from "../kit/Menu";
import { Unreadable } from "./Unreadable";

/** How long what was just put away can be taken back by one press, ms. */
const UNDO_MS = 20_000;

interface Props {
  job: JobRow;
  isInBin: boolean;
  attempt: (act: () => Promise<unknown>) => Promise<void>;
}

/** One job of the desk and what can be done with it. */
export function JobItem({ job, isInBin, attempt }: Props) {
  const navigate = useNavigate();
  const session = useSession();
  const title = job.title === "" ? job.id : job.title;
  const putAway = (act: () => Promise<unknown>, text: string, label: string, back: () => Promise<unknown>) =>
    attempt(async () => {
      await act();
      void notify({ text, lastsMs: UNDO_MS, action: { label, onClick: () => void attempt(back) } });
    });
  const remove = () =>
    putAway(
      () => api.remove(job.id, job.version),
      `‘${title}’ was removed.`,
      "Restore",
      () => api.restore(job.id),
    );
  const archive = () =>
    putAway(
      () => api.archive(job.id, job.version, !job.isArchived),
      job.isArchived ? `‘${title}’ lies on the desk again.` : `‘${title}’ was put into the archive.`,
      "Take back",
      () => api.archive(job.id, job.version + 1, job.isArchived),
    );
  const duplicate = () =>
    attempt(async () => {
      await navigate(`/jobs/${(await api.duplicate(job.id)).id}/brief`);
    });

  return (
    <li className="panel flex items-stretch gap-2 p-0 hover:border-accent">
      {job.problems.length > 0 && !isInBin ? (
        <Unreadable job={job} attempt={attempt} />
      ) : isInBin ? (
        <div className="grid min-h-16 grow gap-x-6 px-4 py-3 sm:grid-cols-[1fr_auto]">
          <JobText job={job} title={title} />
        </div>
      ) : (
        <Link to={`/jobs/${job.id}/brief`} className="grid min-h-16 grow gap-x-6 px-4 py-3 sm:grid-cols-[1fr_auto]">
          <JobText job={job} title={title} />
        </Link>
      )}
      {!session.mayChange ? null : isInBin ? (
        <div className="flex flex-wrap items-center gap-1 pr-2">
          <Button tone="quiet" aria-label={`Restore ${title}`} onClick={() => void attempt(() => api.restore(job.id))}>
            Restore
          </Button>
          {(session.mayManage || !session.isAsked) && (
            <Erase title={title} onErase={() => attempt(() => api.erase(job.id, job.version))} />
          )}
        </div>
      ) : (
        <Menu
          label={`More about ${title}`}
          items={[
            ...(job.problems.length > 0 ? [] : [{ label: "Duplicate", onPick: () => void duplicate() }]),
            { label: job.isArchived ? "Put back on the desk" : "Put into the archive", onPick: () => void archive() },
            { label: "Remove", onPick: () => void remove() },
          ]}
        />
      )}
    </li>
  );
}

function JobText({ job, title }: { job: JobRow; title: string }) {
  // What every job is at first goes without saying.
  const stage = job.stage === "designed" ? "" : (STAGES.find((one) => one.value === job.stage)?.label ?? "");
  const about = [job.customer, job.vehicle].filter((text) => text !== "").join(", ");
  return (
    <>
      <span className="text-lg font-bold">{title}</span>
      <FindingCount job={job} />
      <span className="text-muted">{[stage, about, ...job.lacks].filter((text) => text !== "").join(" · ")}</span>
      <span className="text-sm text-muted sm:text-right">
        {job.systemV} V, {job.fans === 1 ? "one fan" : `${String(job.fans)} fans`}
      </span>
    </>
  );
}

/** What stands against a job, in one glance. */
function FindingCount({ job }: { job: JobRow }) {
  const since = job.isStale ? ", before the program or shelf changed" : "";
  if (job.state === "sound" && job.accepted === 0) {
    return (
      <span className="text-sm font-semibold text-accent sm:text-right">
        {job.isStale ? "○" : "●"} Proven, nothing to mend{since}
      </span>
    );
  }
  return (
    <span className="flex flex-wrap gap-x-3 text-sm font-bold sm:justify-end">
      {!job.isProven && <span className="text-muted">Not proven yet</span>}
      {job.isProven && job.isStale && <span className="text-muted">Proven{since}</span>}
      {job.accepted > 0 && <span className="text-muted">{job.accepted} accepted</span>}
      {job.dangers > 0 && <span className="text-danger">▲ {job.dangers} danger</span>}
      {job.warnings > 0 && <span className="text-warning">◆ {job.warnings} warning</span>}
    </span>
  );
}
