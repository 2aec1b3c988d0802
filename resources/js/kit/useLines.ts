import { useRef, useState } from "react";
import { Refused } from "../api/client";

/** Work that answers line by line: what has come so far, and how to begin and to stop it. */
export function useLines<T>(ask: (signal: AbortSignal) => AsyncIterable<T>) {
  const [rows, setRows] = useState<T[]>([]);
  const [isRunning, setRunning] = useState(false);
  const [wrong, setWrong] = useState<string>();
  const stop = useRef<AbortController>(undefined);
  const begin = async () => {
    const control = new AbortController();
    stop.current = control;
    setRows([]);
    setWrong(undefined);
    setRunning(true);
    try {
      for await (const row of ask(control.signal)) {
        setRows((now) => [...now, row]);
      }
    } catch (error) {
      if (!control.signal.aborted) {
        setWrong(error instanceof Refused ? error.message : String(error));
      }
    } finally {
      setRunning(false);
    }
  };
  return {
    rows,
    isRunning,
    wrong,
    toggle: () => {
      if (isRunning) {
        stop.current?.abort();
      } else {
        void begin();
      }
    },
  };
}
