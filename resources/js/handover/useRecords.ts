import { useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useRef, useState } from "react";
import { api, Refused } from "../api/client";
import { keys } from "../api/keys";
import { newId } from "../kit/newId";
import type { RecordRequest } from "../api/generated/records-request";

const EVERY_MS = 5_000;

/** An entry as a view writes it; who and when is added here. */
export type Entry = Omit<RecordRequest, "id" | "by" | "at">;

const lineKey = (job: string) => `lamp-thread/records/${job}`;
const BY_KEY = "lamp-thread/initials";

function kept(job: string): RecordRequest[] {
  try {
    const line = JSON.parse(localStorage.getItem(lineKey(job)) ?? "[]") as unknown;
    return Array.isArray(line) ? (line as RecordRequest[]) : [];
  } catch {
    return [];
  }
}

/**
 * Writes into the record of a job. What is written waits in the browser until the server has it, through a lost connection and a closed page;
 * what the server will not have is told at its step.
 */
export function useRecords(job: string) {
  const queries = useQueryClient();
  const [waiting, setWaiting] = useState(() => kept(job));
  const [refused, setRefused] = useState<Record<string, string>>({});
  const [isOffline, setOffline] = useState(false);
  const [by, setBy] = useState(() => localStorage.getItem(BY_KEY) ?? "");
  const sending = useRef(false);
  const again = useRef<() => Promise<void>>(() => Promise.resolve());

  const flush = useCallback(async () => {
    const line = kept(job);
    if (sending.current || line.length === 0) {
      return;
    }
    sending.current = true;
    let isDone = false;
    try {
      const { results } = await api.writeRecords(job, line.slice(0, 100));
      const done = new Set(results.map((result) => result.id));
      const left = kept(job).filter((record) => !done.has(record.id));
      localStorage.setItem(lineKey(job), JSON.stringify(left));
      setWaiting(left);
      setRefused((now) => ({
        ...now,
        ...Object.fromEntries(
          results.map((result) => [
            line.find((record) => record.id === result.id)?.step ?? "",
            result.problems.map((problem) => problem.message).join(" "),
          ]),
        ),
      }));
      setOffline(false);
      // What the server has said nothing of waits for the next time.
      isDone = left.length === 0 || done.size === 0;
      await Promise.all([
        queries.invalidateQueries({ queryKey: keys.handovers(job) }),
        queries.invalidateQueries({ queryKey: keys.trails(job) }),
      ]);
    } catch (error) {
      isDone = true;
      // Without an answer it waits; with a refusal of all of it, it waits too, and is told.
      setOffline(true);
      if (error instanceof Refused && error.status !== 0) {
        setRefused((now) => ({ ...now, "": error.message }));
      }
    }
    sending.current = false;
    // What was written meanwhile goes at once.
    if (!isDone) {
      await again.current();
    }
  }, [job, queries]);
  useEffect(() => {
    again.current = flush;
  }, [flush]);

  useEffect(() => {
    const send = () => void flush();
    const timer = setInterval(send, EVERY_MS);
    addEventListener("online", send);
    return () => {
      clearInterval(timer);
      removeEventListener("online", send);
    };
  }, [flush]);

  const write = (entry: Entry) => {
    const record: RecordRequest = { ...entry, id: newId(), by: by.trim() || "–", at: new Date().toISOString() };
    const line = [...kept(job), record];
    localStorage.setItem(lineKey(job), JSON.stringify(line));
    setWaiting(line);
    void flush();
  };
  const sign = (initials: string) => {
    localStorage.setItem(BY_KEY, initials);
    setBy(initials);
  };
  return { write, waiting, refused, isOffline, by, sign };
}

export type Records = ReturnType<typeof useRecords>;
