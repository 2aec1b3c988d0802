import { useJob } from "../job/JobContext";
import { Panel } from "../kit/Panel";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";

/** How the air conditioning makes the fan run. */
export function AirConditioning() {
  const { form, file } = useJob().job;
  const { fuseA } = file.control.airConditioning ?? {};
  return (
    <Panel title="6  Air conditioning">
      <Choose
        label="It makes the fan run by"
        value={form.airConditioning.value}
        options={form.airConditioning.options}
      />
      {form.airConditioning.isTapped && (
        <div className="mt-4 max-w-sm">
          <QuantityField
            path="/control/airConditioning/fuseA"
            label="Fuse the tapped wire is behind"
            kind="A"
            value={fuseA}
            usual="10, nobody has looked"
            hint="The vehicle’s own, or one fitted at the tap; 0 where there is none."
          />
        </div>
      )}
      <p className="mt-2 text-sm text-muted">
        Only the electrical signal is used. Opening the refrigerant circuit is for licensed people.
      </p>
    </Panel>
  );
}
