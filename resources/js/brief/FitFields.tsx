import { useJob } from "../job/JobContext";
import { QuantityField } from "../job/QuantityField";
import { Choose } from "../job/Choose";

/** The core and its shroud; asked for once it is said that they were measured. */
export function FitFields() {
  const { job } = useJob();
  const fit = job.file.fit ?? null;
  return (
    <div className="grid gap-3 border-t border-line pt-3">
      <Choose
        label="The core"
        value={fit === null ? "no" : "yes"}
        options={[
          {
            value: "no",
            label: "Not measured",
            fits: "Then nothing is said of how much of it gets air.",
            changes: { "/fit": null },
          },
          {
            value: "yes",
            label: "Measured",
            fits: "A shroud over the whole core matters more than the fan.",
            changes: { "/fit": fit ?? { coreWidthMm: 500, coreHeightMm: 400, shroudPercent: 0, flaps: false } },
          },
        ]}
      />
      {fit !== null && (
        <>
          <div className="grid gap-3 sm:grid-cols-3">
            <QuantityField path="/fit/coreWidthMm" label="Core width" kind="depth" value={fit.coreWidthMm} />
            <QuantityField path="/fit/coreHeightMm" label="Core height" kind="depth" value={fit.coreHeightMm} />
            <QuantityField path="/fit/shroudPercent" label="Shroud covers" kind="%" value={fit.shroudPercent} />
          </div>
          <Choose
            label="Flaps in the shroud"
            value={fit.flaps ? "yes" : "no"}
            options={[
              {
                value: "no",
                label: "None",
                fits: "At speed the shroud holds ram air back.",
                changes: { "/fit/flaps": false },
              },
              {
                value: "yes",
                label: "Let ram air out",
                fits: "At speed they open by themselves.",
                changes: { "/fit/flaps": true },
              },
            ]}
          />
        </>
      )}
    </div>
  );
}
