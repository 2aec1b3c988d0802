import { Link } from "react-router";
import type { ProvenState } from "../api/generated/proof";
import type { Finding, Remedy } from "../api/generated/saved-job";
import { useJob } from "../api/JobContext";
import { Button, SeverityMark } from "../kit/controls";
import { kindOf, money, useReworded, useShown } from "../kit/units";
import { benchLink } from "../proof/benchLink";

/** One thing to be said against the circuit, with the state that shows it and the remedies that were tried. */
export function FindingCard({ finding, state }: { finding: Finding; state?: ProvenState | undefined }) {
  const { job } = useJob();
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
      {state !== undefined && (
        <Link
          to={benchLink(job.id, state, finding.faults)}
          className="no-print mt-1 inline-flex min-h-11 items-center font-semibold text-accent underline underline-offset-4"
        >
          See it on the bench
        </Link>
      )}
      {finding.remedies.map((remedy) => (
        <TriedRemedy key={remedy.label} remedy={remedy} finding={finding} />
      ))}
    </article>
  );
}

/** A remedy says what else it does and what it costs before it is pressed. */
function TriedRemedy({ remedy, finding }: { remedy: Remedy; finding: Finding }) {
  const { change } = useJob();
  const reworded = useReworded();
  const also = remedy.removes.filter((title) => title !== finding.title);
  return (
    <div className="no-print mt-2">
      <Button
        tone="strong"
        className="whitespace-normal text-left"
        onClick={() => void change({ label: remedy.label, changes: remedy.changes })}
      >
        {reworded(remedy.label)}
      </Button>
      <p className="mt-1 text-sm text-muted">
        Tried: it works
        {also.length > 0 && `, and also takes away: ${also.join("; ")}`}
        {remedy.adds.length > 0 && `; it brings: ${remedy.adds.join("; ")}`}
        {Math.abs(remedy.cost) >= 0.01
          ? `; the parts cost ${money(Math.abs(remedy.cost))} ${remedy.cost > 0 ? "more" : "less"}.`
          : "; it costs nothing."}
      </p>
    </div>
  );
}
