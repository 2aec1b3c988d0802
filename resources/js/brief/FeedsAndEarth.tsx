import { useJob } from "../job/JobContext";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";
import { Fields } from "./Fields";

/** Where the currents come from and go to, and what was there before. */
export function FeedsAndEarth() {
  const { file, form } = useJob().job;
  const { control } = file;
  const isKeyed = control.coilFeed === "ignition" || control.coilFeed === "accessory";
  return (
    <>
      <Choose label="The fan is fed from" value={form.feed.value} options={form.feed.options} />
      <Choose label="A fan circuit that is taken out" value={form.takenOut.value} options={form.takenOut.options} />
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
      <Choose label="Coil feed" value={form.coilFeed.value} options={form.coilFeed.options} />
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
      <Choose label="Spare feed for later" value={form.spareFeed.value} options={form.spareFeed.options} />
      {typeof control.spareFeedA === "number" && (
        <QuantityField path="/control/spareFeedA" label="It shall carry" kind="A" value={control.spareFeedA} />
      )}
      <Choose label="Relays sit" value={form.relayPlace.value} options={form.relayPlace.options} />
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
