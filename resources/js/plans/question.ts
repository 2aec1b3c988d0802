import type { PlanRequest } from "../api/generated/plan-request";
import type { JobFile } from "../api/generated/saved-job";

/** What is asked, as a view holds it. */
export type Question = Required<Pick<PlanRequest, "complaints" | "wishes" | "switchedBy" | "compressor">> & {
  mostCost: number | null;
  mostHours: number | null;
};

/** What the job tells already: who switches its fan, and which compressor it has. */
export function questionOf(file: JobFile): Question {
  const { stages, airConditioning } = file.control;
  const kinds = stages.map((stage) => stage.decider.kind as string);
  const isComputer = kinds.includes("computer") || kinds.includes("original");
  return {
    complaints: ["hot-in-traffic"],
    wishes: isComputer ? { "keeps-computer": "must" } : {},
    switchedBy: isComputer ? "computer" : "nothing",
    compressor: airConditioning?.compressor ?? "none",
    mostCost: null,
    mostHours: null,
  };
}
