import { useState } from "react";
import { Link } from "react-router";
import type { Proof, ProvenFault, ProvenState } from "../api/generated/proof";
import { Pick } from "../kit/controls";
import { digits } from "../kit/units";
import { benchLink } from "./benchLink";

interface Props {
  jobId: string;
  proof: Proof;
  states: Map<number, ProvenState>;
}

const SIGNS: Record<string, string> = {
  "fire-side": "▲",
  "no cooling": "▲",
  "less cooling": "◆",
  drains: "◆",
  silent: "●",
  "runs on": "●",
  harmless: "○",
};

const TONES: Record<string, string> = { "▲": "text-danger", "◆": "text-warning" };

/** Every single fault and what it does at its worst, worst first. A row opens that state, with that fault, on the bench. */
export function FaultTable({ jobId, proof, states }: Props) {
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
        <Pick
          hideLabel
          label="What it does"
          value={harm}
          options={[
            { value: "all", label: "All that matter" },
            ...proof.harms
              .filter((one) => count(one) > 0)
              .map((one) => ({ value: one, label: `${SIGNS[one] ?? ""} ${one}, ${String(count(one))}` })),
          ]}
          onPick={setHarm}
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
              <th className="text-right!">Air left</th>
              <th>Override</th>
              <th>Noticed</th>
            </tr>
          </thead>
          <tbody>
            {faults.map((fault) => (
              <Row
                key={`${fault.part} ${fault.kind}`}
                fault={fault}
                link={benchLink(jobId, fault.shownBy === null ? undefined : states.get(fault.shownBy), {
                  [fault.part]: fault.kind,
                })}
              />
            ))}
          </tbody>
        </table>
      </div>
      {faults.length === 0 && <p className="text-muted">No fault is called that.</p>}
    </div>
  );
}

function Row({ fault, link }: { fault: ProvenFault; link: string }) {
  const sign = SIGNS[fault.harm] ?? "";
  return (
    <tr>
      <td>
        <Link
          to={link}
          className="inline-block min-h-11 py-1.5 font-semibold underline decoration-dotted underline-offset-4"
          aria-label={`${fault.mark} ${fault.name}, ${fault.kindWords}: show on the bench`}
        >
          {fault.mark}
        </Link>
        <span className="ml-2 text-sm text-muted">{fault.name}</span>
      </td>
      <td>{fault.kindWords}</td>
      <td className={`whitespace-nowrap font-semibold ${TONES[sign] ?? "text-muted"}`}>
        {sign} {fault.harm}
      </td>
      <td>{fault.words}</td>
      <td className="text-right! font-mono whitespace-nowrap">{digits(fault.airPercent)} %</td>
      <td>{fault.overrideSaves === null ? "—" : fault.overrideSaves ? "saves it" : "does not help"}</td>
      <td>{fault.isNoticed ? "at once" : fault.harm === "harmless" ? "—" : "only by the gauge"}</td>
    </tr>
  );
}
