import { useJob } from "../job/JobContext";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";
import { Fields } from "./Fields";

/** Battery, charging, and where the battery sits. */
export function Supply() {
  const { form, file } = useJob().job;
  const { supply } = file;
  const place = supply.batteryPlace ?? "bay";
  return (
    <>
      <Choose label="System voltage" value={form.system.value} options={form.system.options} />
      <Choose
        label="The battery sits"
        value={place}
        options={[
          { value: "bay", label: "In the engine bay", fits: "Usual.", changes: { "/supply/batteryPlace": "bay" } },
          {
            value: "seat",
            label: "Under a seat",
            fits: "Some metres more of feed, and the body as the way back.",
            changes: { "/supply/batteryPlace": "seat" },
          },
          {
            value: "boot",
            label: "In the boot",
            fits: "A long feed: think of the starter’s terminal. The way back through the body counts.",
            changes: { "/supply/batteryPlace": "boot" },
          },
        ]}
      />
      <Fields>
        <QuantityField path="/supply/restingV" label="Battery at rest" kind="V" value={supply.restingV} />
        <QuantityField path="/supply/chargingV" label="Charging" kind="V" value={supply.chargingV} />
        <QuantityField path="/supply/crankingV" label="While cranking" kind="V" value={supply.crankingV} />
        <QuantityField path="/supply/batteryAh" label="Battery size" kind="Ah" value={supply.batteryAh} />
        <QuantityField
          path="/supply/batteryMilliohm"
          label="Battery resistance"
          kind="mΩ"
          value={supply.batteryMilliohm}
        />
        <QuantityField
          path="/supply/alternatorIdleA"
          label="Alternator at idle"
          kind="A"
          value={supply.alternatorIdleA}
        />
        <QuantityField
          path="/supply/alternatorRatedA"
          label="Alternator rated"
          kind="A"
          value={supply.alternatorRatedA}
        />
        <QuantityField path="/supply/baseLoadA" label="Everything else on" kind="A" value={supply.baseLoadA} />
        <QuantityField
          path="/supply/bodyMilliohm"
          label="Way back through the body"
          kind="mΩ"
          value={supply.bodyMilliohm}
          usual={{ bay: "2", seat: "2.5", boot: "3" }[place]}
        />
      </Fields>
    </>
  );
}
