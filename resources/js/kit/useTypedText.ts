import { useEffect, useRef, useState } from "react";

/** What came of sending a typed text: the version of the job it led to, and what was wrong with it. */
export interface Sent {
  version: number;
  wrong: string | undefined;
}

interface Options {
  /** What the field shows while nothing is typed in it. */
  shown: string;
  /** Of the job the field belongs to; when it moves on for another cause, an undo, what was typed is dropped. */
  version: number;
  pauseMs: number;
  send: (typed: string) => Promise<Sent>;
}

interface Typed {
  text: string;
  /** The newest version this text still belongs to. */
  until: number;
}

/**
 * The one way a text is typed into a job: it stays as typed until the field is left or the job moves on without it, and is sent after a
 * pause, on Enter, and when the field is left.
 */
export function useTypedText({ shown, version, pauseMs, send }: Options) {
  const [typed, setTyped] = useState<Typed>();
  const [wrong, setWrong] = useState<{ text: string; until: number }>();
  const [isWaiting, setWaiting] = useState(false);
  const timer = useRef<number>(undefined);
  const waiting = useRef<string>(undefined);
  const isLeft = useRef(true);
  useEffect(
    () => () => {
      window.clearTimeout(timer.current);
    },
    [],
  );

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
    setWrong(sent.wrong === undefined ? undefined : { text: sent.wrong, until: sent.version });
    setTyped(isLeft.current && sent.wrong === undefined ? undefined : { text, until: sent.version });
  };
  const isCurrent = (until: number) => isWaiting || version <= until;

  return {
    value: typed !== undefined && isCurrent(typed.until) ? typed.text : shown,
    wrong: wrong !== undefined && isCurrent(wrong.until) ? wrong.text : undefined,
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
      } else if (!isWaiting && wrong === undefined) {
        setTyped(undefined);
      }
    },
  };
}
