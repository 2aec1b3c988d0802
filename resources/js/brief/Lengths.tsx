import { useJob } from "../job/JobContext";
import { Why } from "../kit/Why";
import { SegmentedControl } from "../kit/SegmentedControl";
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
  const { job, change } = useJob();
  const { wiring, runs = {} } = job.file;
  const sizes = job.design.choices.find((choice) => choice.kind === "wire")?.candidates ?? [];
  return (
    <>
      <div className="grid gap-3 sm:grid-cols-3">
        <SegmentedControl
          label="Cable"
          aside={<Why path="/wiring/catalogue" label="Cable" />}
          value={wiring.catalogue}
          options={[
            { value: "metric", label: "mm²" },
            { value: "awg", label: "AWG" },
            { value: "sae", label: "SAE" },
          ]}
          onChange={(catalogue) => void change({ label: "Cable", changes: { "/wiring/catalogue": catalogue } })}
        />
        <SegmentedControl
          label="Insulation rated"
          aside={<Why path="/wiring/insulationC" label="Insulation rated" />}
          value={String(wiring.insulationC)}
          options={["85", "100", "105", "125", "150"].map((rated) => ({ value: rated, label: `${rated}°` }))}
          onChange={(rated) => void change({ label: "Insulation", changes: { "/wiring/insulationC": Number(rated) } })}
        />
        <QuantityField path="/wiring/dropLimitPercent" label="Loop may lose" kind="%" value={wiring.dropLimitPercent} />
      </div>
      <VehiclePlan />
      <ul className="grid gap-3">
        {job.design.stretches.map((stretch) => (
          <li key={stretch.id} className="grid items-end gap-3 border-t border-line pt-3 sm:grid-cols-[1fr_1.3fr]">
            <QuantityField
              path={`/runs/${stretch.id}/lengthM`}
              label={stretch.label}
              kind="length"
              value={stretch.lengthM}
            />
            <SegmentedControl
              hideLabel
              label={`${stretch.label}: where it lies`}
              value={stretch.zone}
              options={ZONES}
              onChange={(zone) =>
                void change({
                  label: `${stretch.label}, place`,
                  changes: { [`/runs/${stretch.id}/zone`]: zone },
                })
              }
            />
            <SegmentedControl
              hideLabel
              label={`${stretch.label}: what lies with it`}
              value={bundleOf(runs[stretch.id]?.bundle)}
              options={[
                { value: "1", label: "Alone or with two" },
                { value: "4", label: "4 to 6 together" },
                { value: "7", label: "7 and more" },
              ]}
              onChange={(bundle) =>
                void change({
                  label: `${stretch.label}, bundle`,
                  changes: { [`/runs/${stretch.id}/bundle`]: Number(bundle) },
                })
              }
            />
            <select
              aria-label={`${stretch.label}: new or there already`}
              className="field min-h-11 w-full px-2"
              value={runs[stretch.id]?.conductor ?? ""}
              onChange={(event) =>
                void change({
                  label: `${stretch.label}, wire`,
                  changes: { [`/runs/${stretch.id}/conductor`]: event.target.value === "" ? null : event.target.value },
                })
              }
            >
              <option value="">Cut new</option>
              {sizes.map((size) => (
                <option key={size.part} value={size.part}>
                  There already, {size.label}
                </option>
              ))}
            </select>
          </li>
        ))}
      </ul>
    </>
  );
}

/** The step of the table a number of wires lies in. */
function bundleOf(bundle = 1): string {
  return bundle >= 7 ? "7" : bundle >= 4 ? "4" : "1";
}
