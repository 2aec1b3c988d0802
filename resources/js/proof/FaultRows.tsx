import { Link } from "react-router";
import type { Proof, ProofHarm, ProvenFault, ProvenState } from "../api/generated/proof";
import { useText } from "../kit/messages";
import { kindOf, useShown } from "../kit/units";
import { benchLink } from "../findings/benchLink";
import { SIGNS, TONES } from "./harm";

interface Props {
  jobId: string;
  proof: Proof;
  states: Map<number, ProvenState>;
  faults: ProvenFault[];
}

const NOTICED = {
  noise: "heard at once",
  lamp: "its lamp, at once",
  gauge: "the gauge, when it is hot",
  nothing: "nothing",
};

/** Faults and what each does at its worst. A row opens that state, with that fault, on the bench. */
export function FaultRows({ jobId, proof, states, faults }: Props) {
  return (
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
