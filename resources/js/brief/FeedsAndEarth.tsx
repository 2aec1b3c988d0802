import { useJob } from "../job/JobContext";
import { Panel } from "../kit/Panel";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";

/** Where the currents come from and go to, and what was there before. */
export function FeedsAndEarth() {
  const { job } = useJob();
  const { control } = job.file;
  const keepsOriginal = control.stages[0].decider.kind === "original";
  const keepOriginal = job.form.stages[0]?.decider.options.find((option) => option.value === "original")?.changes ?? {};
  return (
    <Panel title="8  Feeds and earth">
      <div className="grid gap-4">
        <Choose
          label="The fan is fed from"
          value={control.feed ?? "battery"}
          options={[
            {
              value: "battery",
              label: "Battery",
              fits: "Usual: through its own fuse, close to the battery.",
              changes: { "/control/feed": "battery" },
            },
            {
              value: "fuse-box-stud",
              label: "Fuse-box stud",
              fits: "Where the battery is far; the stud’s own lead must carry it.",
              changes: { "/control/feed": "fuse-box-stud" },
            },
            {
              value: "existing-circuit",
              label: "Circuit that was there",
              fits: "At no more than the fuse it shares.",
              changes: { "/control/feed": "existing-circuit", "/control/existingFuseA": control.existingFuseA ?? 30 },
            },
          ]}
        />
        <Choose
          label="The fan circuit that was there"
          value={(control.existingFuseA ?? null) === null ? "none" : keepsOriginal ? "kept" : "removed"}
          options={[
            {
              value: "none",
              label: "None",
              fits: "Nothing electric ran a fan here before.",
              changes: { "/control/existingFuseA": null },
            },
            {
              value: "removed",
              label: "Taken out",
              fits: "Its relay and switch go; its fuse may feed the new fan, at no more than it is.",
              changes: { "/control/existingFuseA": control.existingFuseA ?? 30 },
            },
            {
              value: "kept",
              label: "Kept",
              fits:
                control.override?.kind === "change-over"
                  ? "Cut into at the fan’s plus only: the rest contact leads back to it."
                  : "Whole: what is new joins its trigger or the fan.",
              changes: keepOriginal,
            },
          ]}
        />
        {typeof control.existingFuseA === "number" && (
          <div className="grid gap-4 sm:grid-cols-2">
            <QuantityField
              path="/control/existingFuseA"
              label="Fuse of that circuit"
              kind="A"
              value={control.existingFuseA}
            />
            <QuantityField
              path="/control/fuseBeforeA"
              label="Fuse it had before"
              kind="A"
              value={control.fuseBeforeA}
              usual="not known"
              hint="As the vehicle’s maker has it."
            />
          </div>
        )}
        <Choose
          label="Coil feed"
          value={control.coilFeed}
          options={[
            {
              value: "accessory",
              label: "Accessory, 75",
              fits: "Usual: dead with the key out, and drops out while cranking.",
              changes: { "/control/coilFeed": "accessory" },
            },
            {
              value: "ignition",
              label: "Ignition, 15",
              fits: "Dead with the key out. Stays live while cranking.",
              changes: { "/control/coilFeed": "ignition" },
            },
            {
              value: "battery",
              label: "Battery, 30",
              fits: "The fan can run with the key out until the temperature ends it: wanted to cool down, or a flat battery.",
              changes: { "/control/coilFeed": "battery" },
            },
          ]}
        />
        {control.coilFeed !== "battery" && (
          <QuantityField
            path="/control/tappedFuseA"
            label="Fuse of the circuit that is tapped"
            kind="A"
            value={control.tappedFuseA}
            usual="10, nobody has looked"
            hint="0 where there is none."
          />
        )}
        {control.coilFeed !== "battery" && (
          <Choose
            label="Taken"
            value={control.feedRelay === true ? "relay" : "tap"}
            options={[
              {
                value: "tap",
                label: "By an add-on fuse",
                fits: "Usual: a coil takes a fifth of an ampere.",
                changes: { "/control/feedRelay": false },
              },
              {
                value: "relay",
                label: "Through a feed relay",
                fits: "Where the circuit that is tapped can spare next to nothing.",
                changes: { "/control/feedRelay": true },
              },
            ]}
          />
        )}
        <Choose
          label="Earths go to"
          value={control.earth ?? "body"}
          options={[
            {
              value: "body",
              label: "Body",
              fits: "Usual: scraped to bright metal.",
              changes: { "/control/earth": "body" },
            },
            {
              value: "engine",
              label: "Engine",
              fits: "Where the body is far or painted; mind the engine strap.",
              changes: { "/control/earth": "engine" },
            },
            {
              value: "battery",
              label: "Battery",
              fits: "Where the body is no conductor.",
              changes: { "/control/earth": "battery" },
            },
          ]}
        />
      </div>
    </Panel>
  );
}
