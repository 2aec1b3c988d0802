import { useJob } from "../job/JobContext";
import { Panel } from "../kit/Panel";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";
import { Driveline } from "./Driveline";

/** What the driver may do to the fan, what runs it on, and what keeps it from running. */
export function Overrides() {
  const { job } = useJob();
  const { control } = job.file;
  const { form } = job;
  const override = control.override;
  const afterRun = control.afterRun ?? null;
  const aboveRpm = control.lockouts?.aboveRpm ?? null;
  return (
    <Panel title="7  Override, after-run, lockouts">
      <div className="grid gap-4">
        <Choose label="Dash override" value={form.override.value} options={form.override.options} />
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
  );
}
