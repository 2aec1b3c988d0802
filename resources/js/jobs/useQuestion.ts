import { useSearchParams } from "react-router";
import type { JobQuestion } from "../api/client";

const DRAWERS = ["desk", "archive", "bin"] as const;

/** What the desk is asked for stands in its address: it survives a reload and can be sent to someone. */
export function useQuestion(): { question: JobQuestion; ask: (change: Partial<JobQuestion>) => void } {
  const [params, setParams] = useSearchParams();
  const question: JobQuestion = {
    in: DRAWERS.find((drawer) => drawer === params.get("in")) ?? "desk",
    state: params.get("state") ?? "",
    sort: params.get("sort") ?? "",
    search: params.get("search") ?? "",
  };
  const ask = (change: Partial<JobQuestion>) => {
    const told = Object.entries({ ...question, ...change }).filter(([, value]) => value !== "" && value !== "desk");
    setParams(Object.fromEntries(told), { replace: true });
  };
  return { question, ask };
}
