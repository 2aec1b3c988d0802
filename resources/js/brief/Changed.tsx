import { useEffect, useRef, useState } from "react";
import type { Design } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";

interface Difference {
  name: string;
  before: string;
  after: string;
}

/** What the last answer changed in the circuit, said at once. */
export function Changed() {
  const { job } = useJob();
  const before = useRef(job.design);
  const [differences, setDifferences] = useState<Difference[]>();
  useEffect(() => {
    if (before.current !== job.design) {
      setDifferences(differencesOf(before.current, job.design));
      before.current = job.design;
    }
  }, [job.design]);
  if (differences === undefined) {
    return <p className="text-muted">Change an answer and see here what it changes.</p>;
  }
  if (differences.length === 0) {
    return <p>The last answer changes no part.</p>;
  }
  return (
    <ul aria-live="polite">
      {differences.map((one) => (
        <li key={one.name} className="border-b border-line py-1">
          <span className="text-sm text-muted">{one.name}</span>
          <br />
          {one.before} <span aria-label="becomes">→</span> <b>{one.after}</b>
        </li>
      ))}
    </ul>
  );
}

/** Wires one design has and the other has not, by where they go. */
function routesOnlyIn(design: Design, other: Design): string {
  const routes = (of: Design) => new Set(of.wires.map((wire) => `${wire.from} to ${wire.to}`));
  return [...routes(design).difference(routes(other))].join("; ") || "none";
}

function differencesOf(before: Design, after: Design): Difference[] {
  const now = new Map(after.choices.map((choice) => [choice.id, choice]));
  const then = new Map(before.choices.map((choice) => [choice.id, choice]));
  const ids = [...new Set([...then.keys(), ...now.keys()])];
  const parts = ids.map((id) => ({
    name: (now.get(id) ?? then.get(id))?.name ?? id,
    before: then.get(id)?.label ?? "none",
    after: now.get(id)?.label ?? "none",
  }));
  const wires = {
    name: "Wires",
    before: routesOnlyIn(before, after),
    after: routesOnlyIn(after, before),
  };
  const findings = { name: "Findings", before: String(before.findings.length), after: String(after.findings.length) };
  return [...parts, wires, findings].filter((one) => one.before !== one.after);
}
