import type { FanCandidate } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";
import { QuantityField } from "../job/QuantityField";
import { TextField } from "../job/TextField";
import { Button } from "../kit/Button";
import { digits, money, useShown } from "../kit/units";
import { Fields } from "./Fields";

const MOST = 6;

/** Fans that could take the first one's place, side by side on this core. */
export function Candidates() {
  const { job, change } = useJob();
  const { candidates = [], fans } = job.file;
  const set = (label: string, list: FanCandidate[]) => change({ label, changes: { "/candidates": list } });
  const without = (at: number) => candidates.filter((_, other) => other !== at);
  const like: FanCandidate = {
    name: `candidate ${String(candidates.length + 1)}`,
    diameterMm: fans[0].diameterMm,
    depthMm: fans[0].depthMm,
    ratedV: fans[0].ratedV,
    runA: fans[0].runA,
    startA: fans[0].startA ?? null,
    flowM3h: fans[0].flowM3h,
  };
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
              <Button
                onClick={() =>
                  void change({
                    label: `Take ${candidate.name}`,
                    changes: {
                      "/candidates": [...without(at), { ...like, name: fans[0].name }],
                      "/fans/0": { ...fans[0], ...fanOf(candidate) },
                    },
                  })
                }
              >
                Take this fan
              </Button>
              <Button className="text-muted" onClick={() => void set(`Remove ${candidate.name}`, without(at))}>
                Remove
              </Button>
            </div>
          </section>
        );
      })}
      {candidates.length < MOST && (
        <Button
          className="justify-self-start"
          onClick={() => void set("Another fan to compare", [...candidates, like])}
        >
          Compare another fan
        </Button>
      )}
    </div>
  );
}

const fanOf = ({ name, diameterMm, depthMm, ratedV, runA, startA, flowM3h }: FanCandidate) => ({
  name,
  diameterMm,
  depthMm,
  ratedV,
  runA,
  startA,
  flowM3h,
});

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
