import { useJob } from "../job/JobContext";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";
import { Button } from "../kit/Button";
import { AddOption } from "./AddOption";
import { Fields } from "./Fields";
import { FormFields } from "./FormFields";
import { OverrideTruth } from "./OverrideTruth";
import { Toggles } from "./Toggles";

const MOST = 4;

/** What the driver may do to the fans, what it all comes to, and what runs them on. */
export function Overrides() {
  const { job, change } = useJob();
  const { overrides, addOverride } = job.form;
  const afterRun = job.file.control.afterRun ?? null;
  return (
    <>
      {overrides.length === 0 && <p>No switch on the dash: nothing to forget and nothing to leave on.</p>}
      {overrides.map((override, at) => (
        <section
          key={override.id}
          className="grid gap-4 border-b border-line pb-4"
          aria-label={`Dash switch ${String(at + 1)}`}
        >
          <Choose
            label={overrides.length === 1 ? "Dash override" : `Dash override ${String(at + 1)}`}
            value={override.value}
            options={override.options}
          />
          <Toggles label="It acts on" path="/control/overrides/stages" toggles={override.stages} />
          <FormFields fields={override.fields} />
          <Button
            className="justify-self-start text-muted"
            onClick={() => void change({ label: "Remove a switch", picks: [override.remove] })}
          >
            Remove this switch
          </Button>
        </section>
      ))}
      {overrides.length < MOST && (
        <AddOption label={overrides.length === 0 ? "Add a dash switch" : "Add another"} options={addOverride} />
      )}
      <OverrideTruth />
      <Choose label="After the key is out" value={job.form.afterRun.value} options={job.form.afterRun.options} />
      {afterRun !== null && (
        <Fields>
          <QuantityField path="/control/afterRun/delayS" label="It runs on for" kind="s" value={afterRun.delayS} />
        </Fields>
      )}
    </>
  );
}
