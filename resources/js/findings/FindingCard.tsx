import { Link } from "react-router";
import type { ProvenState } from "../api/generated/proof";
import type { Finding, Remedy } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { SeverityMark } from "../kit/SeverityMark";
import { kindOf, money, useShown } from "../kit/units";
import { useText, useTexts } from "../kit/messages";
import { Accepting } from "./Accepting";
import { benchLink } from "./benchLink";

/** One thing to be said against the circuit, with the state that shows it and the remedies that were tried. */
export function FindingCard({ finding, state }: { finding: Finding; state?: ProvenState | undefined }) {
  const { job } = useJob();
  const show = useShown();
  const text = useText();
  const edge = { danger: "border-l-danger", warning: "border-l-warning", note: "border-l-line" }[finding.severity];
  return (
    <article className={`border-l-4 bg-sunk p-3 ${edge}`}>
      <SeverityMark severity={finding.severity} />
      <h3 className="font-bold">{text(finding, "title")}</h3>
      <p className="mt-1 text-[0.95rem]">{text(finding, "reason")}</p>
      {finding.numbers.length > 0 && (
        <dl className="mt-2 grid grid-cols-[1fr_auto] gap-x-3 text-sm">
          {finding.numbers.map((number) => (
            <div key={number.name} className="contents">
              <dt className="text-muted">{text(number, "name")}</dt>
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
      {finding.consequences.length > 0 && <Consequences finding={finding} />}
      {finding.remedies.map((remedy) => (
        <TriedRemedy key={remedy.label} remedy={remedy} finding={finding} />
      ))}
      {finding.remedies.length === 0 && (
        <p className="mt-2 text-[0.95rem]">
          <b>By hand:</b> {text(finding, "byHand")}
        </p>
      )}
      {finding.severity !== "note" && <Accepting finding={finding} />}
    </article>
  );
}

/** What the same cause brings with it, folded under it. */
function Consequences({ finding }: { finding: Finding }) {
  const text = useText();
  return (
    <details className="mt-1">
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        {finding.consequences.length === 1
          ? "It brings one thing with it"
          : `It brings ${String(finding.consequences.length)} things with it`}
      </summary>
      <ul className="grid gap-1 border-l border-line pl-3 text-sm">
        {finding.consequences.map((one) => (
          <li key={one.title}>
            <SeverityMark severity={one.severity} /> <b>{text(one, "title")}</b>
            <br />
            {text(one, "reason")}
          </li>
        ))}
      </ul>
    </details>
  );
}

/** A remedy says what else it does and what it costs before it is pressed. */
function TriedRemedy({ remedy, finding }: { remedy: Remedy; finding: Finding }) {
  const { job, change } = useJob();
  const text = useText();
  const texts = useTexts();
  const also = texts(remedy, "removes").filter((title) => title !== text(finding, "title"));
  const adds = texts(remedy, "adds");
  return (
    <div className="no-print mt-2">
      <Button
        tone="strong"
        className="whitespace-normal text-left"
        onClick={() => void change({ label: remedy.label, changes: remedy.changes, madeOn: job.version })}
      >
        {text(remedy, "label")}
      </Button>
      <p className="mt-1 text-sm text-muted">
        Tried: it works
        {also.length > 0 && `, and also takes away: ${also.join("; ")}`}
        {adds.length > 0 && `; it brings: ${adds.join("; ")}`}
        {Math.abs(remedy.cost) >= 0.01
          ? `; the parts cost ${money(Math.abs(remedy.cost))} ${remedy.cost > 0 ? "more" : "less"}.`
          : "; it costs nothing."}
      </p>
    </div>
  );
}
