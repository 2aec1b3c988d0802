import type { Finding } from "../api/generated/saved-job";
import { useJob } from "../api/JobContext";
import { Button, SeverityMark } from "../kit/controls";
import { kindOf, useReworded, useShown } from "../kit/units";

export function FindingCard({ finding }: { finding: Finding }) {
  const { change } = useJob();
  const show = useShown();
  const reworded = useReworded();
  const edge = { danger: "border-l-danger", warning: "border-l-warning", note: "border-l-line" }[finding.severity];
  return (
    <article className={`border-l-4 bg-sunk p-3 ${edge}`}>
      <SeverityMark severity={finding.severity} />
      <h3 className="font-bold">{finding.title}</h3>
      <p className="mt-1 text-[0.95rem]">{reworded(finding.reason)}</p>
      {finding.numbers.length > 0 && (
        <dl className="mt-2 grid grid-cols-[1fr_auto] gap-x-3 text-sm">
          {finding.numbers.map((number) => (
            <div key={number.name} className="contents">
              <dt className="text-muted">{number.name}</dt>
              <dd className="text-right font-mono">{show(number.value, kindOf(number.unit))}</dd>
            </div>
          ))}
        </dl>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        {finding.remedies.map((remedy) => (
          <Button
            key={remedy.label}
            tone="strong"
            className="no-print"
            onClick={() => void change({ label: remedy.label, changes: remedy.changes })}
          >
            {reworded(remedy.label)}
          </Button>
        ))}
      </div>
    </article>
  );
}
