import { useState } from "react";
import { Link } from "react-router";
import type { Proof, ProofHarm, ProvenFault, ProvenState } from "../api/generated/proof";
import { SegmentedControl } from "../kit/SegmentedControl";
import { useText } from "../kit/messages";
import { kindOf, useShown } from "../kit/units";
import { benchLink } from "../findings/benchLink";
import { SIGNS, TONES } from "./harm";

interface Props {
  jobId: string;
  proof: Proof;
  states: Map<number, ProvenState>;
}

const NOTICED = {
  noise: "heard at once",
  lamp: "its lamp, at once",
  gauge: "the gauge, when it is hot",
  nothing: "nothing",
};

/** Every single fault and what it does at its worst, worst first. A row opens that state, with that fault, on the bench. */
export function FaultTable({ jobId, proof, states }: Props) {
  const words = useText();
  const [harm, setHarm] = useState("all");
  const [text, setText] = useState("");
  const count = (of: string) => proof.faults.filter((fault) => fault.harm === of).length;
  const wanted = text.trim().toLowerCase();
  const faults = proof.faults.filter(
    (fault) =>
      (harm === "all" ? fault.harm !== "harmless" : fault.harm === harm) &&
      `${fault.mark} ${fault.name} ${fault.kindWords}`.toLowerCase().includes(wanted),
  );
  return (
    <div className="grid gap-3">
      <div className="no-print grid gap-3">
        <SegmentedControl
          hideLabel
          label="What it does"
          value={harm}
          options={[
            { value: "all", label: "All that matter" },
            ...proof.harms
              .filter((one) => count(one.id) > 0)
              .map((one) => ({
                value: one.id,
                label: `${SIGNS[one.severity]} ${words(one, "name")}, ${String(count(one.id))}`,
              })),
          ]}
          onChange={setHarm}
        />
        <div className="field max-w-sm">
          <input
            aria-label="Part, wire or fault"
            placeholder="Part, wire or fault"
            className="min-h-11 w-full min-w-0 bg-transparent px-3 outline-none"
            value={text}
            onChange={(event) => {
              setText(event.target.value);
            }}
          />
        </div>
      </div>
      <div className="overflow-x-auto">
        <table className="table w-full">
          <thead>
            <tr>
              <th>Part or wire</th>
              <th>Fault</th>
              <th>At its worst</th>
              <th>What comes of it</th>
              <th>Override</th>
              <th>Who notices</th>
            </tr>
          </thead>
          <tbody>
            {faults.map((fault) => (
              <Row
                key={`${fault.part} ${fault.kind}`}
                fault={fault}
                harm={proof.harms.find((one) => one.id === fault.harm)}
                link={benchLink(
                  jobId,
                  fault.shownBy === null ? undefined : states.get(fault.shownBy),
                  fault.shownBy === null ? {} : { [fault.part]: fault.kind },
                )}
              />
            ))}
          </tbody>
        </table>
      </div>
      {faults.length === 0 && <p className="text-muted">No fault is called that.</p>}
      <details className="text-sm text-muted">
        <summary className="min-h-11 cursor-pointer py-2">What the words mean</summary>
        <dl className="grid gap-x-4 gap-y-1 sm:grid-cols-[auto_1fr]">
          {proof.harms.map((one) => (
            <div key={one.id} className="contents">
              <dt className={`font-semibold ${TONES[one.severity]}`}>
                {SIGNS[one.severity]} {words(one, "name")}
              </dt>
              <dd>{words(one, "meaning")}</dd>
            </div>
          ))}
        </dl>
      </details>
    </div>
  );
}

function Row({ fault, harm, link }: { fault: ProvenFault; harm: ProofHarm | undefined; link: string }) {
  const words = useText();
  const show = useShown();
  const severity = harm?.severity ?? "note";
  return (
    <tr>
      <td>
        <Link
          to={link}
          className="block min-h-11"
          aria-label={`${fault.mark} ${words(fault, "name")}, ${words(fault, "kindWords")}: show on the bench`}
        >
          <b className="underline decoration-dotted underline-offset-4">{fault.mark}</b>
          <span className="block text-sm text-muted">{words(fault, "name")}</span>
        </Link>
      </td>
      <td>{words(fault, "kindWords")}</td>
      <td className="whitespace-nowrap">
        <span className={`font-semibold ${TONES[severity]}`}>
          {SIGNS[severity]} {harm === undefined ? fault.harm : words(harm, "name")}
        </span>
        {fault.figure !== null && (
          <span className="block text-sm text-muted">
            <b className="font-mono text-ink">{show(fault.figure.value, kindOf(fault.figure.unit))}</b>{" "}
            {words(fault.figure, "name")}
          </span>
        )}
      </td>
      <td>
        {words(fault, "words")}
        {fault.excuse !== null && <span className="block text-sm text-muted">{words(fault, "excuse")}</span>}
      </td>
      <td>{fault.overrideSaves === null ? "—" : fault.overrideSaves ? "saves it" : "does not help"}</td>
      <td>{fault.harm === "harmless" ? "—" : NOTICED[fault.notice]}</td>
    </tr>
  );
}
