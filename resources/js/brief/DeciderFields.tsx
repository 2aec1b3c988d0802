import type { FormDeciding } from "../api/generated/saved-job";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";
import { Fields } from "./Fields";
import { FormFields } from "./FormFields";

/** What decides a stage, and only what that decider needs to be told: the server says what to ask. */
export function DeciderFields({ deciding }: { deciding: FormDeciding }) {
  const { path, band, place, decider } = deciding;
  return (
    <>
      {decider.options.length > 1 && <Choose label="Decided by" value={decider.value} options={decider.options} />}
      {place !== null && <Choose label="It senses at" value={place.value} options={place.options} />}
      {band !== null && (
        <Fields>
          <QuantityField path={`${path}/onC`} label="On at" kind="temperature" value={band.onC} />
          <QuantityField path={`${path}/offC`} label="Off at" kind="temperature" value={band.offC} />
        </Fields>
      )}
      <FormFields fields={deciding.fields} />
    </>
  );
}
