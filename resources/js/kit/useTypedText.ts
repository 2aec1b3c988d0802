import { useEffect, useRef, useState } from "react";

/** What came of sending a typed text: the version of the job it led to, and what was wrong with it. */
export interface Sent {
  version: number;
  wrong: string | undefined;
}

/** A refused text with its reason. */
interface Refused {
  text: string;
  wrong: string;
}

interface Options {
  /** What the field shows while nothing is typed in it. */
  shown: string;
  /** Of the job the field belongs to; when it moves on for another cause, an undo, an accepted text is dropped. */
  version: number;
  pauseMs: number;
  /** What was refused: it stays until it is accepted or typed otherwise. */
  held: Refused | undefined;
  onHeld: (held: Refused | undefined) => void;
  send: (typed: string) => Promise<Sent>;
}

interface Typed {
  text: string;
  /** The newest version this text still belongs to. */
  until: number;
}

/**
 * The one way a text is typed into a job: it stays as typed until the field is left or the job moves on without it, and is sent after a
 * pause, on Enter, when the field is left, and when the page is.
 */
export function useTypedText({ shown, version, pauseMs, held, onHeld, send }: Options) {
  const [typed, setTyped] = useState<Typed>();
  const [isWaiting, setWaiting] = useState(false);
  const timer = useRef<number>(undefined);
  const waiting = useRef<string>(undefined);
  const isLeft = useRef(true);

  const hasWaiting = () => waiting.current !== undefined;
  const flush = async () => {
    window.clearTimeout(timer.current);
    const text = waiting.current;
    if (text === undefined) {
      return;
    }
    waiting.current = undefined;
    const sent = await send(text);
    // Typed on meanwhile: the newer text is on its way.
    if (hasWaiting()) {
      return;
    }
    setWaiting(false);
    onHeld(sent.wrong === undefined ? undefined : { text, wrong: sent.wrong });
    setTyped(isLeft.current || sent.wrong !== undefined ? undefined : { text, until: sent.version });
  };
  const latest = useRef(flush);
  useEffect(() => {
    latest.current = flush;
  });
  useEffect(() => {
    const now = () => void latest.current();
    // Before whoever asks whether anything is still to be sent.
    addEventListener("beforeunload", now, true);
    addEventListener("pagehide", now);
    return () => {
      removeEventListener("beforeunload", now, true);
      removeEventListener("pagehide", now);
      now();
    };
  }, []);
  const isCurrent = (until: number) => isWaiting || version <= until;

  return {
    value: typed !== undefined && isCurrent(typed.until) ? typed.text : (held?.text ?? shown),
    wrong: held?.wrong,
    onFocus: () => {
      isLeft.current = false;
    },
    onChange: (text: string) => {
      setTyped({ text, until: version });
      setWaiting(true);
      waiting.current = text;
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(() => void flush(), pauseMs);
    },
    onEnter: () => void flush(),
    onBlur: () => {
      isLeft.current = true;
      if (waiting.current !== undefined) {
        void flush();
      } else if (!isWaiting) {
        setTyped(undefined);
      }
    },
    /** What the job has stands again. */
    takeBack: () => {
      window.clearTimeout(timer.current);
      waiting.current = undefined;
      setWaiting(false);
      setTyped(undefined);
      onHeld(undefined);
    },
  };
}
