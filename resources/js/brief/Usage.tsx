import { useJob } from "../job/JobContext";
import { QuantityField } from "../job/QuantityField";
import { Fields } from "./Fields";

/** How much the fans are used: what wears relays. */
export function Usage() {
  const { usage = {} } = useJob().job.file;
  return (
    <Fields>
      <QuantityField
        path="/usage/hoursPerYear"
        label="Engine hours a year"
        kind="h"
        value={usage.hoursPerYear}
        usual="400"
      />
      <QuantityField
        path="/usage/startsPerHour"
        label="Starts an hour, counted"
        kind=""
        value={usage.startsPerHour}
        usual="by the gap"
      />
    </Fields>
  );
}
