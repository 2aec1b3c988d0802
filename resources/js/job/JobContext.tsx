import { useQuery, useQueryClient } from "@tanstack/react-query";
import { createContext, use, useCallback, useMemo, useState, type ReactNode } from "react";
import { api, type Refused, type Change, refusedBy } from "../api/client";
import { keys } from "../api/keys";
import type { SavedJob } from "../api/generated/saved-job";
import { Queue } from "./Queue";

type Saving = "saved" | "saving" | "unsaved";

export interface Outcome {
  version: number;
  refused: Refused | undefined;
}

interface OpenJob {
  job: SavedJob;
  saving: Saving;
  /** Saves a change; settles with the version the job then has, and with what was refused. */
  change: (change: Change) => Promise<Outcome>;
  /** Puts a usual arrangement into the job. */
  arrange: (arrangement: string) => Promise<Outcome>;
  undo: () => Promise<void>;
  redo: () => Promise<void>;
  /** Goes back to any version of the history. */
  standOn: (number: number) => Promise<void>;
  /** Keeps the sizes as this program has them now. */
  takeSizes: () => Promise<void>;
  /** A change made here on a version another window has moved on from. */
  outOfStep: Change | undefined;
  settleOutOfStep: (apply: boolean) => void;
  /** Why the last save failed for reasons other than what was typed. */
  failure: string | undefined;
}

const Context = createContext<OpenJob | undefined>(undefined);

export function useJob(): OpenJob {
  const open = use(Context);
  if (open === undefined) {
    throw new Error("No job is open here.");
  }
  return open;
}

interface Props {
  id: string;
  children: ReactNode;
  loading: ReactNode;
  failed: (refused: Refused) => ReactNode;
}

export function JobProvider({ id, children, loading, failed }: Props) {
  const queries = useQueryClient();
  const query = useQuery<SavedJob, Refused>({ queryKey: keys.job(id), queryFn: () => api.job(id), retry: false });
  const [saving, setSaving] = useState<Saving>("saved");
  const [outOfStep, setOutOfStep] = useState<Change>();
  const [failure, setFailure] = useState<string>();
  // One after another: each change is made on the version the one before it led to.
  const [line] = useState(() => new Queue());

  const send = useCallback(
    (act: (version: number) => Promise<SavedJob>): Promise<Outcome> =>
      line.add(async () => {
        setSaving("saving");
        const version = queries.getQueryData<SavedJob>(keys.job(id))?.version ?? 0;
        try {
          const saved = await act(version);
          queries.setQueryData(keys.job(id), saved);
          setSaving("saved");
          setFailure(undefined);
          return { version: saved.version, refused: undefined };
        } catch (error) {
          const refused = refusedBy(error);
          setSaving("unsaved");
          if (refused.status === 409) {
            await queries.invalidateQueries({ queryKey: keys.job(id) });
          } else if (refused.status !== 422 || refused.problems.every((problem) => problem.at === "")) {
            setFailure(refused.message);
          }
          return { version, refused };
        }
      }),
    [id, line, queries],
  );

  const change = useCallback(
    async (wanted: Change) => {
      const outcome = await send((version) => api.change(id, version, wanted));
      if (outcome.refused?.status === 409) {
        setOutOfStep(wanted);
      }
      return outcome;
    },
    [id, send],
  );

  const value = useMemo<OpenJob | undefined>(
    () =>
      query.data && {
        job: query.data,
        saving,
        change,
        arrange: (arrangement) => send((version) => api.arrange(id, version, arrangement)),
        undo: async () => {
          await send((version) => api.undo(id, version));
        },
        redo: async () => {
          await send((version) => api.redo(id, version));
        },
        standOn: async (number) => {
          await send((version) => api.standOn(id, version, number));
        },
        takeSizes: async () => {
          await send((version) => api.takeSizes(id, version));
        },
        outOfStep,
        settleOutOfStep: (apply) => {
          const waiting = outOfStep;
          setOutOfStep(undefined);
          setSaving("saved");
          if (apply && waiting) {
            void change(waiting);
          }
        },
        failure,
      },
    [query.data, saving, change, send, id, outOfStep, failure],
  );

  if (value === undefined) {
    return query.error ? failed(query.error) : loading;
  }
  return <Context value={value}>{children}</Context>;
}
