import { useJob } from "../job/JobContext";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";
import { Candidates } from "./Candidates";
import { Fields } from "./Fields";
import { ShroudSketch } from "../drawing/ShroudSketch";

/** The core, its shroud and the room behind it; asked for once it is said that they were measured. */
export function Fit() {
  const { file, form } = useJob().job;
  const { cooling, fans } = file;
  const fit = file.fit ?? null;
  const hasPusher = fans.some((fan) => fan.mount === "pusher");
  return (
    <>
      <Fields>
        <QuantityField
          path="/cooling/clearanceMm"
          label="Room behind"
          kind="depth"
          value={cooling.clearanceMm}
          hint="To the nearest pulley, belt or blade."
        />
      </Fields>
      <Choose label="The core" value={form.core.value} options={form.core.options} />
      {fit !== null && (
        <>
          <Fields>
            <QuantityField path="/fit/coreWidthMm" label="Core width" kind="depth" value={fit.coreWidthMm} />
            <QuantityField path="/fit/coreHeightMm" label="Core height" kind="depth" value={fit.coreHeightMm} />
            <QuantityField path="/fit/shroudPercent" label="Shroud covers" kind="%" value={fit.shroudPercent} />
            <QuantityField
              path="/fit/shroudDepthMm"
              label="Shroud depth"
              kind="depth"
              value={fit.shroudDepthMm}
              placeholder="0"
            />
            <QuantityField
              path="/fit/boltHeadsMm"
              label="Bolt heads, shaft"
              kind="depth"
              value={fit.boltHeadsMm}
              placeholder="0"
            />
            <QuantityField path="/fit/movedMm" label="Moved forward" kind="depth" value={fit.movedMm} placeholder="0" />
            <QuantityField
              path="/fit/rimMm"
              label="Hole narrower than the fan"
              kind="depth"
              value={fit.rimMm}
              placeholder="0"
              hint="Where the fan’s rim seats on the shroud; 25 mm is usual."
            />
            {fans.length > 1 && (
              <>
                <QuantityField
                  path="/fit/unitWidthMm"
                  label="Frame of the pair, width"
                  kind="depth"
                  value={fit.unitWidthMm}
                  usual="none"
                />
                <QuantityField
                  path="/fit/unitHeightMm"
                  label="Frame of the pair, height"
                  kind="depth"
                  value={fit.unitHeightMm}
                  usual="none"
                />
              </>
            )}
            {hasPusher && (
              <>
                <QuantityField
                  path="/fit/condenserWidthMm"
                  label="Condenser width"
                  kind="depth"
                  value={fit.condenserWidthMm}
                  usual="as the core"
                />
                <QuantityField
                  path="/fit/condenserHeightMm"
                  label="Condenser height"
                  kind="depth"
                  value={fit.condenserHeightMm}
                  usual="as the core"
                />
              </>
            )}
          </Fields>
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
          <Choose
            label="The shroud is"
            value={fit.shroudWork ?? "none"}
            options={[
              {
                value: "none",
                label: "As it is",
                fits: "It goes in as it came.",
                changes: { "/fit/shroudWork": "none" },
              },
              {
                value: "cut-down",
                label: "Cut down",
                fits: "To the core’s edge, or its hole to another fan.",
                changes: { "/fit/shroudWork": "cut-down" },
              },
              {
                value: "extended",
                label: "Lengthened",
                fits: "With riveted angle, to reach the core’s edge.",
                changes: { "/fit/shroudWork": "extended" },
              },
            ]}
          />
          {form.fit.layouts.map((layout) => (
            <ShroudSketch key={layout.mount} layout={layout} />
          ))}
        </>
      )}
      <Candidates />
    </>
  );
}
