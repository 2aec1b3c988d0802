import type { Change } from "../api/client";
import { newId } from "../kit/newId";

/** A change that no answer has come to yet, as it waits in the browser: through a lost connection and a closed page. */
export interface Unsent {
  change: Change;
  id: string;
  window: string;
  /** Version of the job it was made on. */
  base: number;
}

/** Of this load of the page. */
export const WINDOW = newId();

const keyOf = (job: string) => `lamp-thread/unsent/${job}`;
const lockOf = (window: string) => `lamp-thread/window/${window}`;

// Held as long as this page is there: what waits of a page that is gone is taken over by the next.
void (navigator.locks as LockManager | undefined)?.request(lockOf(WINDOW), () => new Promise<never>(() => undefined));

function read(job: string): Unsent[] {
  try {
    const kept = JSON.parse(localStorage.getItem(keyOf(job)) ?? "[]") as unknown;
    return Array.isArray(kept) ? (kept as Unsent[]) : [];
  } catch {
    return [];
  }
}

function write(job: string, changes: Unsent[]) {
  try {
    if (changes.length === 0) {
      localStorage.removeItem(keyOf(job));
    } else {
      localStorage.setItem(keyOf(job), JSON.stringify(changes));
    }
  } catch {
    // Where the browser keeps nothing, the page itself still does.
  }
}

export const unsent = {
  /** Kept before it is sent. */
  add(job: string, change: Change, base: number): Unsent {
    const kept = { change, id: newId(), window: WINDOW, base };
    write(job, [...read(job), kept]);
    return kept;
  },
  remove(job: string, id: string) {
    write(
      job,
      read(job).filter((kept) => kept.id !== id),
    );
  },
  /** Whether this page has anything that would be lost from sight with it. */
  isWaiting: (job: string) => read(job).some((kept) => kept.window === WINDOW),
  /** What pages left that are gone, now this page's: in the order it was made. */
  async adopt(job: string): Promise<Unsent[]> {
    const locks = navigator.locks as LockManager | undefined;
    const held = new Set((await locks?.query())?.held?.map((lock) => lock.name));
    const all = read(job);
    const orphans = all.filter(({ window }) => window !== WINDOW && !held.has(lockOf(window)));
    if (orphans.length > 0) {
      const ids = new Set(orphans.map(({ id }) => id));
      write(
        job,
        all.map((kept) => (ids.has(kept.id) ? { ...kept, window: WINDOW } : kept)),
      );
    }
    return orphans;
  },
};
