import { useJob } from "../job/JobContext";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";
import { Fields } from "./Fields";

/** The cooling system, the engine that heats it, and the fan the engine drives. */
export function Cooling() {
  const { file, form } = useJob().job;
  const { cooling, heat = {}, roadLoad = {}, engineFan = null } = file;
  return (
    <>
      <Fields>
        <QuantityField
          path="/cooling/thermostatOpensC"
          label="Thermostat opens"
          kind="temperature"
          value={cooling.thermostatOpensC}
        />
        <QuantityField path="/cooling/ceilingC" label="Must stay below" kind="temperature" value={cooling.ceilingC} />
        <QuantityField path="/cooling/coolantLitres" label="Coolant" kind="l" value={cooling.coolantLitres} />
        <QuantityField path="/cooling/glycolPercent" label="Glycol" kind="%" value={cooling.glycolPercent} />
        <QuantityField path="/cooling/capKpa" label="Cap" kind="kPa" value={cooling.capKpa} />
        <QuantityField path="/heat/ratedKw" label="Engine’s rated power" kind="kW" value={heat.ratedKw} usual="80" />
        <QuantityField path="/heat/engineKg" label="Metal that warms up" kind="kg" value={heat.engineKg} usual="110" />
        <QuantityField path="/heat/heatShare" label="Heat over power" kind="" value={heat.heatShare} usual="0.8" />
        <QuantityField
          path="/heat/airShare"
          label="Ram air over road speed"
          kind=""
          value={heat.airShare}
          usual="0.2"
        />
        <QuantityField
          path="/heat/coreWPerK"
          label="The core takes"
          kind="W/K"
          value={heat.coreWPerK}
          usual="by its size"
        />
        <QuantityField path="/roadLoad/massKg" label="Mass, laden" kind="kg" value={roadLoad.massKg} usual="1500" />
        <QuantityField
          path="/roadLoad/frontalM2"
          label="Frontal area"
          kind="m²"
          value={roadLoad.frontalM2}
          usual="2.2"
        />
        <QuantityField
          path="/roadLoad/dragCoefficient"
          label="Drag of the air"
          kind=""
          value={roadLoad.dragCoefficient}
          usual="0.35"
        />
        <QuantityField
          path="/roadLoad/rollingCoefficient"
          label="Rolling over weight"
          kind=""
          value={roadLoad.rollingCoefficient}
          usual="0.012"
        />
      </Fields>
      <Choose label="The fan the engine drives" value={form.engineFan.value} options={form.engineFan.options} />
      {engineFan !== null && (
        <>
          <Choose
            label="It is driven"
            value={engineFan.drive}
            options={[
              {
                value: "viscous",
                label: "By a viscous coupling",
                fits: "Lets go while cold and at speed.",
                changes: { "/engineFan/drive": "viscous" },
              },
              {
                value: "fixed",
                label: "Fixed to its pulley",
                fits: "Turns as the engine does.",
                changes: { "/engineFan/drive": "fixed" },
              },
            ]}
          />
          <Fields>
            <QuantityField
              path="/engineFan/diameterMm"
              label="Its diameter"
              kind="depth"
              value={engineFan.diameterMm}
            />
          </Fields>
        </>
      )}
    </>
  );
}
