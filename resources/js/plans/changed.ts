/** A plan as it is remembered until the next time: what it is called, and its figures as they were said. */
export interface KeptPlan {
  name: string;
  figures: Record<string, string>;
}

export interface Changed {
  appeared: string[];
  gone: string[];
  moved: { name: string; criterion: string; before: string; now: string }[];
}

/** What planning again has changed; undefined where nothing has. */
export function changedPlans(before: KeptPlan[], now: KeptPlan[]): Changed | undefined {
  const missing = (from: KeptPlan[], among: KeptPlan[]) =>
    from.filter((plan) => !among.some((other) => other.name === plan.name)).map((plan) => plan.name);
  const moved = now.flatMap((plan) => {
    const old = before.find((other) => other.name === plan.name);
    return Object.entries(plan.figures).flatMap(([criterion, said]) => {
      const was = old?.figures[criterion];
      return was === undefined || was === said ? [] : [{ name: plan.name, criterion, before: was, now: said }];
    });
  });
  const changed = { appeared: missing(now, before), gone: missing(before, now), moved };
  return changed.appeared.length + changed.gone.length + moved.length === 0 ? undefined : changed;
}
