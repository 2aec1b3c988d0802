import type { PlanRequest } from "../api/generated/plan-request";
import type { JobFile } from "../api/generated/saved-job";

/** What is asked, as a view holds it. */
export type Question = Required<Pick<PlanRequest, "complaints" | "wishes" | "switchedBy" | "compressor">> & {
  mostCost: number | null;
  mostHours: number | null;
};

/** What the job tells already: who switches its fan, which compressor it has, and what is wired now. */
export function questionOf(file: JobFile): Question {
  const { stages, airConditioning } = file.control;
  const kinds = stages.map((stage) => stage.decider.kind as string);
  const isComputer = kinds.includes("computer");
  const wishes: Question["wishes"] = {
    ...(isComputer ? { "keeps-computer": "must" } : {}),
    ...(airConditioning == null ? {} : { "air-conditioning-covered": "must" }),
    ...(file.control.overrides.length === 0 ? {} : { override: "rather" }),
  };
  return {
    complaints: ["hot-in-traffic"],
    wishes,
    switchedBy: isComputer ? "computer" : "nothing",
    compressor: airConditioning?.compressor ?? "none",
    mostCost: null,
    mostHours: null,
  };
}
