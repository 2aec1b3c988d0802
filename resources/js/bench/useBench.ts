import { useEffect, useRef, useState } from "react";
import { api, type BenchQuestion } from "../api/client";
import type { Bench } from "../api/generated/bench";
import { useJob } from "../job/JobContext";

/**
 * The bench follows its inputs: one question at a time, the newest next, so that a slider never queues up answers nobody wants
 * and hysteresis sees the temperatures in the order they were set. What moved stays where it was left.
 */
export function useBench(
  question: BenchQuestion,
  remembered: Record<string, number> = {},
): { bench: Bench | undefined; failure: string | undefined } {
  const { job } = useJob();
  const [bench, setBench] = useState<Bench>();
  const [failure, setFailure] = useState<string>();
  const memory = useRef<Record<string, number>>(remembered);
  const asking = useRef(false);
  const wanted = useRef<{ question: BenchQuestion; stamp: string }>(undefined);
  const stamp = `${job.version} ${JSON.stringify(question)}`;

  useEffect(() => {
    wanted.current = { question, stamp };
    const ask = async () => {
      if (asking.current) {
        return;
      }
      asking.current = true;
      try {
        for (let next = wanted.current; next !== undefined;) {
          const answer = await api.bench(job.id, next.question, memory.current);
          memory.current = answer.memory;
          setBench(answer);
          setFailure(undefined);
          next = wanted.current?.stamp === next.stamp ? undefined : wanted.current;
        }
      } catch (error) {
        setFailure(error instanceof Error ? error.message : String(error));
      } finally {
        asking.current = false;
      }
    };
    void ask();
    // The stamp stands for the question and the job's version together.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [stamp]);

  return { bench, failure };
}
