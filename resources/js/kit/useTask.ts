import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, type Refused, type TaskKind } from "../api/client";
import type { PairsRow } from "../api/generated/proof-pairs";
import type { BandRow } from "../api/generated/band";
import type { PlansRow } from "../api/generated/plans-row";
import type { SweepRow } from "../api/generated/sweep";
import type { Task } from "../api/generated/task";
import { keys } from "../api/keys";

/** What a row of each kind of work is. */
interface TaskRows {
  pairs: PairsRow;
  sweep: SweepRow;
  band: BandRow;
  plans: PlansRow;
}

/** How often open work is looked at, ms. */
const EVERY_MS = 250;

const isOpen = (task: Task | null | undefined) => task?.state === "waiting" || task?.state === "running";

/** Long work on a job: what has come so far, found again when the page is opened anew, and how to begin and to stop it. */
export function useTask<K extends TaskKind>(job: { id: string; version: number }, kind: K, question: object) {
  const queries = useQueryClient();
  const key = keys.task(job.id, job.version, kind);
  const task = useQuery<Task | null, Refused>({
    queryKey: key,
    queryFn: () => {
      const known = queries.getQueryData<Task | null>(key);
      return isOpen(known) && known ? api.task(known.id) : api.latestTask(job.id, kind);
    },
    refetchInterval: (query) => (isOpen(query.state.data) ? EVERY_MS : false),
    refetchOnWindowFocus: false,
    retry: false,
  });
  const keep = (now: Task) => {
    queries.setQueryData(key, now);
  };
  const begin = useMutation<Task, Refused>({
    mutationFn: () => api.beginTask(job.id, kind, question),
    onSuccess: keep,
  });
  const stop = useMutation<Task, Refused, string>({ mutationFn: api.stopTask, onSuccess: keep });
  const data = task.data ?? undefined;
  const isRunning = isOpen(data) || begin.isPending;
  return {
    rows: (begin.isPending ? [] : (data?.rows ?? [])) as TaskRows[K][],
    of: data?.of ?? 0,
    state: data?.state,
    isRunning,
    wrong:
      begin.error?.message ??
      stop.error?.message ??
      (data?.state === "failed" ? "The work has failed. Begin it again; the log has the reason." : undefined),
    toggle: () => {
      if (data !== undefined && isOpen(data)) {
        stop.mutate(data.id);
      } else {
        begin.mutate();
      }
    },
  };
}
