import { useJob } from "../job/JobContext";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";
import { Fields } from "./Fields";

/** Where the currents come from and go to, and what was there before. */
export function FeedsAndEarth() {
  const { job } = useJob();
  const { control } = job.file;
  const isKeyed = control.coilFeed === "ignition" || control.coilFeed === "accessory";
  const live = [
    {
      value: "battery",
      label: "Battery",
      fits: "Usual: through its own fuse, close to the battery.",
    },
    {
      value: "fuse-box-stud",
      label: "Fuse-box stud",
      fits: "Where the battery is far; the stud’s own lead must carry it.",
    },
    {
      value: "starter-terminal",
      label: "Starter’s terminal",
      fits: "Short to reach with the battery in the boot. Live at all times and unfused: cover it, battery off while working.",
    },
    {
      value: "alternator-output",
      label: "Alternator’s output",
      fits: "Live at all times from the battery, and no fuse on either side: the loom’s own stands right there.",
    },
    {
      value: "existing-circuit",
      label: "Circuit that was there",
      fits: "At no more than the fuse it shares.",
    },
  ] as const;
  const shared = { "/control/existingFuseA": control.existingFuseA ?? 30 };
  return (
    <>
      <Choose
        label="The fan is fed from"
        value={control.feed ?? "battery"}
        options={live.map((option) => ({
          ...option,
          changes: { "/control/feed": option.value, ...(option.value === "existing-circuit" ? shared : {}) },
        }))}
      />
      <Choose
        label="A fan circuit that is taken out"
        value={(control.existingFuseA ?? null) === null ? "none" : "removed"}
        options={[
          {
            value: "none",
            label: "None",
            fits: "Nothing electric ran a fan here before, or it stays: say that of the stage it feeds.",
            changes: { "/control/existingFuseA": null },
          },
          {
            value: "removed",
            label: "Taken out",
            fits: "Its relay and switch go; its fuse may feed the new fan, at no more than it is.",
            changes: shared,
          },
        ]}
      />
      {typeof control.existingFuseA === "number" && (
        <Fields>
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
        </Fields>
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
          ...live.map((option) => ({
            value: option.value,
            label: `${option.label}, 30`,
            fits: "The fan can run with the key out until the temperature ends it: wanted to cool down, or a flat battery.",
            changes: { "/control/coilFeed": option.value, ...(option.value === "existing-circuit" ? shared : {}) },
          })),
        ]}
      />
      {isKeyed && (
        <QuantityField
          path="/control/tappedFuseA"
          label="Fuse of the circuit that is tapped"
          kind="A"
          value={control.tappedFuseA}
          usual="10, nobody has looked"
          hint="0 where there is none."
        />
      )}
      {isKeyed && (
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
    </>
  );
}
