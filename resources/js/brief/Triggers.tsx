import { useJob } from "../api/JobContext";
import { Panel } from "../kit/controls";
import { QuantityField } from "../kit/QuantityField";
import { Choose } from "./Choose";
import { Driveline } from "./Driveline";

const AIR = "/control/airConditioning";

/** What else makes the fan run, keeps it from running, or feeds it. */
export function Triggers() {
  const { job } = useJob();
  const { control } = job.file;
  const first = control.stages[0].decider;
  const keepsOriginal = first.kind === "original";
  const air = control.airConditioning ?? null;
  const override = control.override;
  const afterRun = control.afterRun ?? null;
  const aboveRpm = control.lockouts?.aboveRpm ?? null;
  const airOption = (value: string, label: string, fits: string, compressor = "clutch") => ({
    value,
    label,
    fits,
    changes: { [AIR]: value === "none" ? null : { compressor: compressor, trigger: value.replace("variable ", "") } },
  });
  const overrideOption = (value: string, label: string, fits: string) => ({
    value,
    label,
    fits,
    changes: {
      "/control/override": value === "none" ? null : { kind: value, indicator: override?.indicator ?? false },
    },
  });
  return (
    <>
      <Panel title="6  Air conditioning">
        <Choose
          label="It makes the fan run by"
          value={air === null ? "none" : air.compressor === "variable" ? `variable ${air.trigger}` : air.trigger}
          options={[
            airOption("none", "None", "No air conditioning, or its own condenser fan does the work."),
            airOption(
              "separate-relay",
              "Relay on the clutch wire",
              "Usual: its own fuse, joined at the fan, so the clutch is never fed back.",
            ),
            airOption(
              "interposing-relay",
              "Small relay on the trigger",
              "The clutch wire works a small relay that joins the shared trigger.",
            ),
            airOption(
              "diode",
              "Diode into the coil",
              "Supply side only: the clutch wire feeds the coil, the diode keeps the coil from feeding the clutch.",
            ),
            airOption(
              "joined",
              "Clutch wire joined",
              "The classic fault: the fan then engages the compressor. Here to be shown and mended.",
            ),
            airOption("pressure-switch", "Pressure switch", "Runs when the condenser needs air; cycles with it."),
            airOption(
              "variable pressure-switch",
              "Pressure switch, variable compressor",
              "Right for variable displacement, whose “on” is permanent.",
              "variable",
            ),
            airOption("computer", "Engine computer", "The computer knows of the request and works its fan output."),
            airOption(
              "controller-input",
              "Controller’s input",
              "The clutch wire goes to the stepless controller’s own input.",
            ),
          ]}
        />
        <p className="mt-2 text-sm text-muted">
          Only the electrical signal is used. Opening the refrigerant circuit is for licensed people.
        </p>
      </Panel>

      <Panel title="7  Override, after-run, lockouts">
        <div className="grid gap-4">
          <Choose
            label="Dash override"
            value={override?.kind ?? "none"}
            options={[
              overrideOption("none", "None", "Nothing to forget and nothing to leave on."),
              overrideOption("force-on", "Runs the fan", "Joins the trigger in parallel with what decides."),
              overrideOption("three-position", "Off, automatic, on", "The driver may also stop it."),
              overrideOption(
                "change-over",
                "Change-over relay",
                "Let into the fan’s own lead, rest contact to what was there: if it fails the old control still works.",
              ),
              overrideOption("sensor-open", "Opens the sensor", "Only where the computer takes an open sensor as hot."),
              overrideOption("low-high", "Automatic, low, high", "For two stages or two speeds."),
              overrideOption(
                "cut-out",
                "Cut-out",
                "Stops it for deep water or a dynamometer, air conditioning included.",
              ),
            ]}
          />
          {override !== null && (
            <Choose
              label="Indicator lamp"
              value={override.indicator === true ? "yes" : "no"}
              options={[
                {
                  value: "no",
                  label: "None",
                  fits: "An override nobody sees stays on.",
                  changes: { "/control/override/indicator": false },
                },
                {
                  value: "yes",
                  label: "Lit while the fan is fed",
                  fits: "From the fan’s plus to earth, so it tells the truth.",
                  changes: { "/control/override/indicator": true },
                },
              ]}
            />
          )}
          <Choose
            label="After the key is out"
            value={afterRun === null ? "none" : afterRun.isPush === true ? "push" : "key"}
            options={[
              { value: "none", label: "Stops", fits: "Usual.", changes: { "/control/afterRun": null } },
              {
                value: "key",
                label: "Runs on by time relay",
                fits: "Heat soak: in parallel with the main relay, 30 to 30 and 87 to 87. 3.5 to 4 min is usual.",
                changes: { "/control/afterRun": { delayS: 235 } },
              },
              {
                value: "push",
                label: "Runs on by a push",
                fits: "The same relay, started by a button.",
                changes: { "/control/afterRun": { delayS: 120, isPush: true } },
              },
            ]}
          />
          {afterRun !== null && (
            <QuantityField path="/control/afterRun/delayS" label="It runs on for" kind="s" value={afterRun.delayS} />
          )}
          <Choose
            label="Off above an engine speed"
            value={aboveRpm === null ? "no" : "yes"}
            options={[
              {
                value: "no",
                label: "No",
                fits: "Usual.",
                changes: { "/control/lockouts": { ...control.lockouts, aboveRpm: null } },
              },
              {
                value: "yes",
                label: "Yes",
                fits: "Cheap, but engine speed is not road speed: think of a low gear up a hill.",
                changes: { "/control/lockouts": { ...control.lockouts, aboveRpm: 4500 } },
              },
            ]}
          />
          {aboveRpm !== null && <Driveline aboveRpm={aboveRpm} />}
          <Choose
            label="Off while cranking"
            value={control.lockouts?.cranking === true ? "yes" : "no"}
            options={[
              {
                value: "no",
                label: "By the feed",
                fits: "A feed from 75 drops out by itself.",
                changes: { "/control/lockouts": { ...control.lockouts, cranking: false } },
              },
              {
                value: "yes",
                label: "By a contact",
                fits: "Where the feed stays live while the starter turns.",
                changes: { "/control/lockouts": { ...control.lockouts, cranking: true } },
              },
            ]}
          />
        </div>
      </Panel>

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
                  override?.kind === "change-over"
                    ? "Cut into at the fan’s plus only: the rest contact leads back to it."
                    : "Whole: what is new joins its trigger or the fan.",
                changes: {
                  "/control/existingFuseA": control.existingFuseA ?? 30,
                  "/control/stages/0/side": "earth",
                  "/control/stages/0/decider": {
                    kind: "original",
                    output: "engine computer",
                    onC: first.onC ?? 96,
                    offC: first.offC ?? 91,
                    place: first.place ?? "engine-outlet",
                  },
                },
              },
            ]}
          />
          {typeof control.existingFuseA === "number" && (
            <QuantityField
              path="/control/existingFuseA"
              label="Fuse of that circuit"
              kind="A"
              value={control.existingFuseA}
            />
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
    </>
  );
}
