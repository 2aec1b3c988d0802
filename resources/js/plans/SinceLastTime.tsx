import { useEffect, useState } from "react";
import type { PlanCriterion } from "../api/generated/plan-choices";
import type { ShownPlan } from "../api/generated/plans-row";
import { Panel } from "../kit/Panel";
import { useText, useTexts } from "../kit/messages";
import { changedPlans, type KeptPlan } from "./changed";

const keyOf = (job: string) => `lamp-thread/plans/${job}`;

function keptOf(job: string): KeptPlan[] {
  try {
    const kept = JSON.parse(localStorage.getItem(keyOf(job)) ?? "[]") as unknown;
    return Array.isArray(kept) ? (kept as KeptPlan[]) : [];
  } catch {
    return [];
  }
}

interface Props {
  job: string;
  plans: ShownPlan[];
  criteria: PlanCriterion[];
}

/** What a new part, price, length or wish has changed in the plans since they were last looked at in this browser. */
export function SinceLastTime({ job, plans, criteria }: Props) {
  const text = useText();
  const texts = useTexts();
  const now = plans.map((plan) => ({
    name: [text(plan, "title"), ...texts(plan, "details")].join(", "),
    figures: Object.fromEntries(plan.figures.map((figure) => [figure.id, text(figure, "says")])),
  }));
  const [before] = useState(() => keptOf(job));
  const next = JSON.stringify(now);
  useEffect(() => {
    localStorage.setItem(keyOf(job), next);
  }, [job, next]);
  const changed = before.length === 0 ? undefined : changedPlans(before, now);
  if (changed === undefined) {
    return null;
  }
  const named = (id: string) => {
    const criterion = criteria.find((one) => one.id === id);
    return criterion === undefined ? id : text(criterion, "says");
  };
  return (
    <Panel title="Since last time">
      <ul className="grid gap-1">
        {changed.appeared.map((name) => (
          <li key={name}>New: {name}</li>
        ))}
        {changed.gone.map((name) => (
          <li key={name}>No longer among them: {name}</li>
        ))}
        {changed.moved.map((one) => (
          <li key={`${one.name} ${one.criterion}`}>
            {one.name}: {named(one.criterion)} {one.now}, was {one.before}
          </li>
        ))}
      </ul>
    </Panel>
  );
}
