import { useState } from "react";
import type { PlanCriterion } from "../api/generated/plan-choices";
import type { ShownPlan } from "../api/generated/plans-row";
import { ThreadPicture } from "../drawing/ThreadPicture";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText, useTexts } from "../kit/messages";
import { ordered } from "./ordered";

/** Scores nearer than this are as good as each other. */
const FELT = 0.05;

interface Props {
  plans: ShownPlan[];
  criteria: PlanCriterion[];
  weights: Record<string, number>;
  onTake: (plan: ShownPlan, letter: string) => void;
}

/** The plans side by side: figures in one table, under it each with its drawing, why it is here and what it gives up. */
export function PlanCards({ plans, criteria, weights, onTake }: Props) {
  const text = useText();
  const texts = useTexts();
  const [open, setOpen] = useState<number>();
  if (plans.length === 0) {
    return null;
  }
  const lettered = plans.map((plan, at) => ({ plan, letter: String.fromCharCode(65 + at) }));
  const sorted = ordered(lettered, ({ plan }) => plan.scores, weights);
  const shown = sorted.find(({ plan }) => plan.number === open) ?? sorted[0];
  return (
    <>
      <Panel title="Plans that no other beats">
        <div className="overflow-x-auto">
          <table className="w-full border-collapse text-[0.95rem]">
            <thead>
              <tr>
                <td />
                {sorted.map(({ plan, letter }) => (
                  <th key={plan.number} scope="col" className="min-w-32 p-2 text-left align-top font-normal">
                    <button
                      type="button"
                      aria-pressed={plan === shown?.plan}
                      className={`grid min-h-11 w-full gap-1 border-b-4 pb-1 text-left ${plan === shown?.plan ? "border-b-accent" : "border-b-transparent"}`}
                      onClick={() => {
                        setOpen(plan.number);
                      }}
                    >
                      <span className="text-xl font-extrabold">{letter}</span>
                      <span className="font-semibold">{text(plan, "title")}</span>
                      <span className="text-sm text-muted">{texts(plan, "details").join(", ")}</span>
                    </button>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {criteria.map((criterion) => (
                <tr key={criterion.id} className="border-t border-line">
                  <th
                    scope="row"
                    className="min-w-40 py-1 pr-3 text-left font-normal text-muted first-letter:uppercase"
                  >
                    {text(criterion, "says")}
                  </th>
                  {sorted.map(({ plan }) => {
                    const figure = plan.figures.find((one) => one.id === criterion.id);
                    const best = Math.min(...plans.map((one) => one.scores[criterion.id] ?? 0));
                    const isBest = (plan.scores[criterion.id] ?? 0) <= best + FELT;
                    return (
                      <td key={plan.number} className={`p-2 py-1 font-mono ${isBest ? "font-bold" : ""}`}>
                        {figure === undefined ? "" : text(figure, "says")}
                        {isBest && <span className="sr-only"> (best)</span>}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </Panel>
      {shown !== undefined && (
        <Panel
          title={`Plan ${shown.letter}: ${text(shown.plan, "title")}`}
          aside={
            <Button
              tone="strong"
              onClick={() => {
                onTake(shown.plan, shown.letter);
              }}
            >
              Take plan {shown.letter}
            </Button>
          }
        >
          <p className="font-semibold">{text(shown.plan, "why")}</p>
          {shown.plan.caution !== null && (
            <p role="alert" className="mt-1 border-l-4 border-l-danger pl-3">
              ▲ {text({ ...shown.plan, caution: shown.plan.caution }, "caution")}
            </p>
          )}
          {shown.plan.givesUp.length > 0 && <p className="mt-1">Gives up {texts(shown.plan, "givesUp").join("; ")}.</p>}
          <p className="mt-1 font-mono text-sm">
            {shown.plan.setPoints.map((point) => text(point, "says")).join("; ")}
          </p>
          <div className="my-3 max-w-3xl">
            <ThreadPicture drawing={shown.plan.drawing} label={text(shown.plan, "title")} />
          </div>
          <ul className="grid list-disc gap-1 pl-6 text-sm">
            {texts(shown.plan, "schools").map((school) => (
              <li key={school}>{school}</li>
            ))}
          </ul>
        </Panel>
      )}
    </>
  );
}
