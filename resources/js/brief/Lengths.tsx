import type { Run, StretchRow } from "../api/generated/saved-job";
import { Choose } from "../job/Choose";
import { useJob } from "../job/JobContext";
import { SegmentedControl } from "../kit/SegmentedControl";
import { useAtOnce } from "../kit/useAtOnce";
import { VehiclePlan } from "./VehiclePlan";
import { QuantityField } from "../job/QuantityField";

const ZONES = [
  { value: "radiator", label: "Radiator" },
  { value: "bay", label: "Bay" },
  { value: "cabin", label: "Cabin" },
  { value: "outside", label: "Outside" },
];

/** How long each stretch is and how hot it lies. */
export function Lengths() {
  const { job } = useJob();
  const { wiring, runs = {} } = job.file;
  const sizes = job.design.choices.find((choice) => choice.kind === "wire")?.candidates ?? [];
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-3">
        <Choose
          label="Cable"
          value={wiring.catalogue}
          options={[
            { value: "metric", label: "mm²", changes: { "/wiring/catalogue": "metric" } },
            { value: "awg", label: "AWG", changes: { "/wiring/catalogue": "awg" } },
            { value: "sae", label: "SAE", changes: { "/wiring/catalogue": "sae" } },
          ]}
        />
        <Choose
          label="Insulation rated"
          value={String(wiring.insulationC)}
          options={[85, 100, 105, 125, 150].map((rated) => ({
            value: String(rated),
            label: `${String(rated)}°`,
            changes: { "/wiring/insulationC": rated },
          }))}
        />
        <QuantityField path="/wiring/dropLimitPercent" label="Loop may lose" kind="%" value={wiring.dropLimitPercent} />
      </div>
      <Choose
        label="Plugs at fans and probes"
        value={wiring.servicePlugs === false ? "no" : "yes"}
        options={[
          {
            value: "yes",
            label: "Each comes off at a plug",
            fits: "Usual: the radiator comes out without a cut.",
            changes: { "/wiring/servicePlugs": true },
          },
          {
            value: "no",
            label: "None but their own",
            fits: "Wires go through to the part; fewer joints, and a cut when it comes out.",
            changes: { "/wiring/servicePlugs": false },
          },
        ]}
      />
      <Choose
        label="Plugs at dash switches"
        value={wiring.dashPlugs === true ? "yes" : "no"}
        options={[
          {
            value: "no",
            label: "None",
            fits: "Usual: wires go through to the switch.",
            changes: { "/wiring/dashPlugs": false },
          },
          {
            value: "yes",
            label: "Each comes off at a plug",
            fits: "Its panel comes out without a cut.",
            changes: { "/wiring/dashPlugs": true },
          },
        ]}
      />
      <VehiclePlan />
      <ul className="grid gap-3">
        {job.design.stretches.map((stretch) => (
          <li key={stretch.id} className="grid items-start gap-3 border-t border-line pt-3 sm:grid-cols-[1fr_1.6fr]">
            <QuantityField
              path={`/runs/${stretch.id}/lengthM`}
              label={stretch.label}
              kind="length"
              value={stretch.lengthM}
            />
            <Lying stretch={stretch} run={runs[stretch.id]} sizes={sizes} />
          </li>
        ))}
      </ul>
    </>
  );
}

interface Size {
  part: string;
  label: string;
}

/** Where a stretch lies, how hot that is, what lies with it, and whether its wire is there already. */
function Lying({ stretch, run, sizes }: { stretch: StretchRow; run: Run | undefined; sizes: Size[] }) {
  const { change } = useJob();
  const path = `/runs/${stretch.id}`;
  const [zone, setZone] = useAtOnce<string>(stretch.zone);
  const [conductor, setConductor] = useAtOnce(run?.conductor ?? "");
  return (
    <div className="grid gap-2">
      <SegmentedControl
        hideLabel
        label={`${stretch.label}: where it lies`}
        value={zone}
        options={ZONES}
        path={`${path}/zone`}
        onChange={(next) => {
          setZone(next, () => change({ label: `${stretch.label}, place`, changes: { [`${path}/zone`]: next } }));
        }}
      />
      <div className="grid grid-cols-2 gap-2">
        <QuantityField
          path={`${path}/ambientC`}
          label="around it"
          of={stretch.label}
          kind="temperature"
          value={run?.ambientC}
          usual="by its place"
        />
        <QuantityField
          path={`${path}/bundle`}
          label="loaded wires together"
          of={stretch.label}
          kind=""
          value={run?.bundle}
          usual="1"
        />
      </div>
      <select
        aria-label={`${stretch.label}: new or there already`}
        data-path={`${path}/conductor`}
        className="field min-h-11 w-full px-2"
        value={conductor}
        onChange={(event) => {
          const { value } = event.target;
          setConductor(value, () =>
            change({
              label: `${stretch.label}, wire`,
              changes: { [`${path}/conductor`]: value === "" ? null : value },
            }),
          );
        }}
      >
        <option value="">Cut new</option>
        {sizes.map((size) => (
          <option key={size.part} value={size.part}>
            There already, {size.label}
          </option>
        ))}
      </select>
    </div>
  );
}
