import { Act } from "../job/Act";
import { useJob } from "../job/JobContext";
import { QuantityField } from "../job/QuantityField";
import { TextField } from "../job/TextField";
import { digits, money, useShown } from "../kit/units";
import { Fields } from "./Fields";

/** Fans that could take the first one's place, side by side on this core. */
export function Candidates() {
  const { job } = useJob();
  const { candidates = [] } = job.file;
  return (
    <div className="grid gap-4 border-t border-line pt-3">
      <h3 className="font-bold">Fans side by side</h3>
      {candidates.length > 0 && <CandidateTable />}
      {candidates.map((candidate, at) => {
        const path = `/candidates/${String(at)}`;
        return (
          <section key={at} aria-label={candidate.name} className="grid gap-3 border-l-4 border-l-line pl-4">
            <Fields>
              <TextField path={`${path}/name`} label="Name" value={candidate.name} />
              <QuantityField path={`${path}/diameterMm`} label="Diameter" kind="depth" value={candidate.diameterMm} />
              <QuantityField path={`${path}/depthMm`} label="Depth" kind="depth" value={candidate.depthMm} />
              <QuantityField path={`${path}/ratedV`} label="Measured at" kind="V" value={candidate.ratedV} />
              <QuantityField path={`${path}/runA`} label="Running current" kind="A" value={candidate.runA} />
              <QuantityField
                path={`${path}/startA`}
                label="Start current"
                kind="A"
                value={candidate.startA}
                usual="3 × running"
              />
              <QuantityField path={`${path}/flowM3h`} label="Air moved" kind="m³/h" value={candidate.flowM3h} />
              <QuantityField
                path={`${path}/noiseDb`}
                label="Noise"
                kind="dB"
                value={candidate.noiseDb}
                usual="not told"
              />
              <QuantityField path={`${path}/price`} label="Price" kind="" value={candidate.price} usual="not told" />
            </Fields>
            <div className="flex flex-wrap gap-2">
              <Act label={`Take ${candidate.name}`} pick={job.form.candidates[at]?.pick}>
                Take this fan
              </Act>
              <Act className="text-muted" label={`Remove ${candidate.name}`} pick={job.form.candidates[at]?.remove}>
                Remove
              </Act>
            </div>
          </section>
        );
      })}
      <Act className="justify-self-start" label="Another fan to compare" pick={job.form.addCandidate.pick}>
        Compare another fan
      </Act>
    </div>
  );
}

function CandidateTable() {
  const { candidates } = useJob().job.form.fit;
  const show = useShown();
  return (
    <div className="overflow-x-auto">
      <table className="table w-full">
        <caption className="field-label text-left">
          In the first fan’s place, standing, all fans on; heat taken with coolant 60 K above the air
        </caption>
        <thead>
          <tr>
            {["Fan", "Air through the core", "Takes", "Running", "Start", "Gap", "Covered", "Noise", "Price"].map(
              (head) => (
                <th key={head} scope="col">
                  {head}
                </th>
              ),
            )}
          </tr>
        </thead>
        <tbody>
          {candidates.map((row, at) => (
            <tr key={at}>
              <th scope="row">{at === 0 ? <b>{row.name}, now</b> : row.name}</th>
              <td className="font-mono">{row.airM3h} m³/h</td>
              <td className="font-mono">{digits(row.takesKw)} kW</td>
              <td className="font-mono">{digits(row.runA)} A</td>
              <td className="font-mono">{row.startA} A</td>
              <td className={`font-mono ${row.gapMm < 3 ? "font-bold text-danger" : ""}`}>
                {show(row.gapMm, "depth")}
              </td>
              <td className="font-mono">{row.coveredPercent === null ? "—" : `${String(row.coveredPercent)} %`}</td>
              <td className="font-mono">{row.noiseDb === null ? "—" : `${digits(row.noiseDb)} dB`}</td>
              <td className="font-mono">{row.price === null ? "—" : money(row.price)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
