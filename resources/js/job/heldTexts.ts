import { createContext, use, useCallback, useSyncExternalStore } from "react";

/** A text that was refused: it stays where it was typed, with the reason, until it is accepted or typed otherwise. */
export interface Held {
  /** As it stands in the field. */
  text: string;
  wrong: string;
  /** As it is sent, with its unit. */
  sent?: string;
}

const keyOf = (job: string) => `lamp-thread/refused/${job}`;
const groupOf = (path: string) => path.slice(0, path.lastIndexOf("/"));

/** The refused texts of one job, by place: they outlive the folding of a section and the reload of the page. */
export class HeldTexts {
  private texts: Record<string, Held>;
  private readonly listeners = new Set<() => void>();

  constructor(private readonly job: string) {
    try {
      this.texts = JSON.parse(sessionStorage.getItem(keyOf(job)) ?? "{}") as Record<string, Held>;
    } catch {
      this.texts = {};
    }
  }

  get = (path: string): Held | undefined => this.texts[path];

  set = (path: string, held: Held | undefined) => {
    if (held === this.texts[path]) {
      return;
    }
    const others = Object.entries(this.texts).filter(([place]) => place !== path);
    this.texts = Object.fromEntries(held === undefined ? others : [...others, [path, held]]);
    sessionStorage.setItem(keyOf(this.job), JSON.stringify(this.texts));
    for (const listener of this.listeners) {
      listener();
    }
  };

  /** An entry of a list was taken away: what was typed at the others would stand at the wrong ones. */
  forgetLists() {
    for (const place of Object.keys(this.texts).filter((one) => /\/\d+\//.test(one))) {
      this.set(place, undefined);
    }
  }

  /** What was refused beside a place, in the same group of the job: it may be right together with what is typed now. */
  beside(path: string): Record<string, string> {
    const found: Record<string, string> = {};
    for (const [place, { sent }] of Object.entries(this.texts)) {
      if (place !== path && groupOf(place) === groupOf(path) && sent !== undefined) {
        found[place] = sent;
      }
    }
    return found;
  }

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };
}

export const HeldContext = createContext(new HeldTexts(""));

export const useHeldTexts = () => use(HeldContext);

/** The refused text of one place, and how to hold another or none. */
export function useHeld(path: string): [Held | undefined, (held: Held | undefined) => void] {
  const texts = useHeldTexts();
  const held = useSyncExternalStore(texts.subscribe, () => texts.get(path));
  const set = useCallback(
    (next: Held | undefined) => {
      texts.set(path, next);
    },
    [texts, path],
  );
  return [held, set];
}
