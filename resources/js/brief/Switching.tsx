import { useJob } from "../api/JobContext";
import { Panel, Pick } from "../kit/controls";
import { QuantityField } from "../kit/QuantityField";
import type { ThermalSwitch } from "../api/generated/saved-job";

const PLACES: { value: ThermalSwitch["place"]; label: string; fits: string }[] = [
  {
    value: "engine-outlet",
    label: "Engine outlet",
    fits: "Reads engine temperature always. Drain below the port first; the gauge’s port would cost the gauge.",
  },
  {
    value: "radiator-inlet",
    label: "Housing, radiator side",
    fits: "Water entering the radiator, only once the thermostat opens. The body is its earth: no tape on the thread.",
  },
  {
    value: "top-hose",
    label: "Top hose adapter",
    fits: "Water entering the radiator, only once the thermostat opens. In rubber: it needs an earth lead.",
  },
  {
    value: "core-inlet",
    label: "Core near inlet",
    fits: "About the inlet temperature, slow, a little low. Through the core, no draining.",
  },
  {
    value: "core-outlet",
    label: "Core near outlet",
    fits: "Water leaving: the fan runs only when the radiator cannot cope. Set 5 to 10 K lower.",
  },
  {
    value: "bottom-hose",
    label: "Bottom hose adapter",
    fits: "Water leaving, set 5 to 10 K lower. In rubber: it needs an earth lead.",
  },
];

/** Who decides, where it is felt, which side is switched, who may override. */
export function Switching() {
  const { job, change } = useJob();
  const { control } = job.file;
  const [stage] = control.stages;
  const { decider } = stage;
  const at = "/control/stages/0";
  const inHose = decider.place === "top-hose" || decider.place === "bottom-hose";
  return (
    <Panel title="4  Switching">
      <div className="grid gap-4">
        <Pick
          label="The temperature switch feels"
          value={decider.place}
          options={PLACES}
          onPick={(place) => void change({ label: "Sensor place", changes: { [`${at}/decider/place`]: place } })}
        />
        <div className="grid gap-3 sm:grid-cols-3">
          <QuantityField path={`${at}/decider/onC`} label="On at" kind="temperature" value={decider.onC} />
          <QuantityField path={`${at}/decider/offC`} label="Off at" kind="temperature" value={decider.offC} />
          <QuantityField path={`${at}/decider/ratedA`} label="Switch may carry" kind="A" value={decider.ratedA ?? 6} />
        </div>
        {inHose && stage.side === "earth" && (
          <Pick
            label="Hose adapter"
            value={decider.earthLead === false ? "no" : "yes"}
            options={[
              { value: "yes", label: "Has its own earth lead" },
              { value: "no", label: "No earth lead" },
            ]}
            onPick={(lead) =>
              void change({
                label: "Adapter’s earth lead",
                changes: { [`${at}/decider/earthLead`]: lead === "yes" },
              })
            }
          />
        )}
        <Pick
          label="Switched side of the coil"
          value={stage.side}
          options={[
            {
              value: "earth",
              label: "Earth side",
              fits: "Usual: sensor terminals are never live, one-wire switches work, triggers simply join.",
            },
            {
              value: "supply",
              label: "Supply side",
              fits: "The coil is dead when off, but a bare sensor terminal is live. Needs a two-wire switch.",
            },
          ]}
          onPick={(side) => void change({ label: "Switched side", changes: { [`${at}/side`]: side } })}
        />
        <Pick
          label="Coil feed"
          value={control.coilFeed}
          options={[
            {
              value: "ignition",
              label: "Ignition, 15",
              fits: "Dead with the key out. Stays live while cranking.",
            },
            {
              value: "accessory",
              label: "Accessory, 75",
              fits: "Usual: dead with the key out, and drops out while cranking.",
            },
            {
              value: "battery",
              label: "Battery, 30",
              fits: "The fan can run with the key out: wanted to cool down, or a flat battery.",
            },
          ]}
          onPick={(coilFeed) => void change({ label: "Coil feed", changes: { "/control/coilFeed": coilFeed } })}
        />
        <Pick
          label="Dash override"
          value={control.override === null ? "none" : "force-on"}
          options={[
            { value: "none", label: "None" },
            {
              value: "force-on",
              label: "Switch that runs the fan",
              fits:
                stage.side === "earth"
                  ? "Earths the trigger in parallel with the temperature switch."
                  : "Feeds the coil in parallel with the temperature switch.",
            },
          ]}
          onPick={(kind) =>
            void change({
              label: "Override",
              changes: { "/control/override": kind === "none" ? null : { kind: "force-on", ratedA: 10 } },
            })
          }
        />
      </div>
    </Panel>
  );
}
