import { useJob } from "../job/JobContext";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";
import { Fields } from "./Fields";
import { Toggles } from "./Toggles";

/** How the air conditioning makes fans run, and which. */
export function AirConditioning() {
  const { form, file } = useJob().job;
  const { fuseA } = file.control.airConditioning ?? {};
  return (
    <>
      <Choose
        label="It makes the fan run by"
        value={form.airConditioning.value}
        options={form.airConditioning.options}
      />
      <Toggles label="It asks for" path="/control/airConditioning/stages" toggles={form.airConditioning.stages} />
      {form.airConditioning.isTapped && (
        <>
          <Choose
            label="The clutch’s wire is tapped"
            value={form.airConditioning.tap.value}
            options={form.airConditioning.tap.options}
          />
          <Fields>
            <QuantityField
              path="/control/airConditioning/fuseA"
              label="Fuse the tapped wire is behind"
              kind="A"
              value={fuseA}
              usual="10, nobody has looked"
              hint="The vehicle’s own, or one fitted at the tap; 0 where there is none."
            />
          </Fields>
        </>
      )}
      <p className="text-sm text-muted">
        Only the electrical signal is used. Opening the refrigerant circuit is for licensed people.
      </p>
    </>
  );
}
