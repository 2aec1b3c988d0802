import { type QueryClient, useQuery, useQueryClient } from "@tanstack/react-query";
import { createContext, use, useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from "react";
import { api, Refused, type Change, refusedBy } from "../api/client";
import { keys } from "../api/keys";
import type { SavedJob } from "../api/generated/saved-job";
import { HeldContext, HeldTexts } from "./heldTexts";
import { Queue } from "./Queue";
import { addressAs, otherAddress } from "./vehicleState";
import { unsent, WINDOW, type Unsent } from "./unsent";

/** `waiting`: kept in the browser until the program answers. */
type Saving = "saved" | "saving" | "waiting" | "unsaved";

/** Answers that say nothing against a change: it is sent again. */
const PASSING = [0, 401, 429, 502, 503, 504, 507];

const AGAIN_MS = 2_000;

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
  const [overtaken, setOvertaken] = useState<Unsent[]>([]);
  const [failure, setFailure] = useState<string>();
  const [texts] = useState(() => new HeldTexts(id));
  // One after another, whichever of the two states they are made in: each change is made on the version the one before it led to.
  const [line] = useState(() => lineOf(queries, addressAs("leaves", id)));
  // How often others have moved the job on: what was made before that is asked about, not put over theirs.
  const overtakes = useRef(0);
  const outOfStep = overtaken[0];

  const send = useCallback(
    (act: (version: number) => Promise<SavedJob>, isKept = false): Promise<Outcome> =>
      line.add(async () => {
        for (;;) {
          setSaving("saving");
          const version = queries.getQueryData<SavedJob>(keys.job(id))?.version ?? 0;
          try {
            const saved = await act(version);
            queries.setQueryData(keys.job(id), saved);
            // The same job, looked at as it was found or as it leaves, is another version now too. An answer still on its way tells the one before.
            const other = { queryKey: keys.job(otherAddress(id)) };
            await queries.cancelQueries(other);
            queries.removeQueries({ ...other, type: "inactive" });
            await queries.invalidateQueries(other);
            setSaving("saved");
            setFailure(undefined);
            return { version: saved.version, refused: undefined };
          } catch (error) {
            const refused = refusedBy(error);
            if (isKept && PASSING.includes(refused.status)) {
              setSaving("waiting");
              setFailure(refused.message);
              await comesBack();
              continue;
            }
            setSaving("unsaved");
            if (refused.status === 409) {
              overtakes.current++;
              await queries.invalidateQueries({ queryKey: keys.job(id) });
            } else if (refused.status !== 422 || refused.problems.every((problem) => problem.at === "")) {
              setFailure(refused.message);
            }
            return { version, refused };
          }
        }
      }),
    [id, line, queries],
  );

  const sendKept = useCallback(
    async (kept: Unsent, made?: number) => {
      const wanted = { ...kept.change, id: kept.id, window: WINDOW };
      const since = overtakes.current;
      const outcome = await send((version) => {
        if (since !== overtakes.current) {
          throw new Refused(409, []);
        }
        return api.change(id, made ?? version, wanted);
      }, true);
      if (outcome.refused?.status === 409) {
        setOvertaken((others) => [...others, kept]);
      } else {
        unsent.remove(id, kept.id);
      }
      if (outcome.refused === undefined && kept.change.picks?.some((pick) => pick.endsWith("/remove")) === true) {
        texts.forgetLists();
      }
      return outcome;
    },
    [id, send, texts],
  );

  const change = useCallback(
    (wanted: Change) => sendKept(unsent.add(id, wanted, queries.getQueryData<SavedJob>(keys.job(id))?.version ?? 0)),
    [id, queries, sendKept],
  );

  // What a page that is gone had not sent: on the version it was made on, as far as that still stands.
  const isOpen = query.data !== undefined;
  useEffect(() => {
    if (!isOpen) {
      return;
    }
    void unsent.adopt(id).then(async (left) => {
      let made = left[0]?.base;
      for (const kept of left) {
        const { refused, version } = await sendKept(kept, made);
        made = refused === undefined ? version : made;
      }
    });
  }, [id, isOpen, sendKept]);

  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      if (unsent.isWaiting(id)) {
        event.preventDefault();
      }
    };
    addEventListener("beforeunload", warn);
    return () => {
      removeEventListener("beforeunload", warn);
    };
  }, [id]);

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
        outOfStep: outOfStep?.change,
        settleOutOfStep: (apply) => {
          setOvertaken((others) => others.slice(1));
          setSaving("saved");
          if (apply && outOfStep !== undefined) {
            void sendKept(outOfStep);
          } else if (outOfStep !== undefined) {
            unsent.remove(id, outOfStep.id);
          }
        },
        failure,
      },
    [query.data, saving, change, send, sendKept, id, outOfStep, failure],
  );

  if (value === undefined) {
    return query.error ? failed(query.error) : loading;
  }
  return (
    <HeldContext value={texts}>
      <Context value={value}>{children}</Context>
    </HeldContext>
  );
}

const lines = new WeakMap<QueryClient, Map<string, Queue>>();

/** The line in which the changes of one job wait. */
function lineOf(queries: QueryClient, id: string): Queue {
  const ofClient = lines.get(queries) ?? new Map<string, Queue>();
  const line = ofClient.get(id) ?? new Queue();
  lines.set(queries, ofClient.set(id, line));
  return line;
}

/** A while, or until the browser says that it is connected again. */
function comesBack(): Promise<void> {
  return new Promise((resolve) => {
    const again = () => {
      clearTimeout(timer);
      removeEventListener("online", again);
      resolve();
    };
    const timer = setTimeout(again, AGAIN_MS);
    addEventListener("online", again);
  });
}
