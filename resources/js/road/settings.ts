import type { AdviceOfPolicy } from "../api/generated/road-advice";
import type { JobFile } from "../api/generated/saved-job";

/** What is driven beside the job as it stands. */
export type Setting =
  "none" | "cool-narrow" | "cool-wide" | "maker-narrow" | "maker-wide" | "after-run" | "no-after-run";

export const LABELS: Record<Setting, string> = {
  none: "Nothing",
  "cool-wide": "Cool, wide gap",
  "cool-narrow": "Cool, narrow gap",
  "maker-wide": "Maker’s, wide gap",
  "maker-narrow": "Maker’s, narrow gap",
  "after-run": "With after-run",
  "no-after-run": "Without after-run",
};

const USUAL_AFTER_RUN_S = 240;

/** Places of the job file a setting would change. */
export function changesOf(setting: Setting, advice: AdviceOfPolicy[], file: JobFile): Record<string, unknown> {
  if (setting === "after-run") {
    return { "/control/afterRun": { delayS: USUAL_AFTER_RUN_S } };
  }
  if (setting === "no-after-run") {
    return { "/control/afterRun": null };
  }
  const [policy, gap] = setting.split("-");
  const stages = advice.find((one) => one.policy === policy && one.gap === gap)?.stages ?? [];
  return Object.fromEntries(
    stages
      .filter((stage) => stage.isToBeHad && file.control.stages[stage.stage] !== undefined)
      .flatMap((stage) => [
        [`/control/stages/${stage.stage}/decider/onC`, stage.onC],
        [`/control/stages/${stage.stage}/decider/offC`, stage.offC],
      ]),
  );
}
