import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { QuantityField } from "../job/QuantityField";

/** The engine speed of a lockout, and what it means on the road in each gear. */
export function Driveline({ rpm }: { rpm: number }) {
  const { job, change } = useJob();
  const driveline = job.file.driveline ?? null;
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      <QuantityField path="/control/lockouts/engineSpeed/rpm" label="Its speed" kind="rpm" value={rpm} />
      {driveline === null ? (
        <Button
          className="self-end"
          onClick={() =>
            void change({
              label: "Driveline",
              changes: { "/driveline": { axleRatio: 4.11, gearRatios: [3.5, 2.1, 1.4, 1], tyreM: 0.66 } },
            })
          }
        >
          Say axle, gears and tyre
        </Button>
      ) : (
        <>
          <QuantityField path="/driveline/axleRatio" label="Axle ratio" kind="to 1" value={driveline.axleRatio} />
          <QuantityField path="/driveline/tyreM" label="Tyre diameter" kind="length" value={driveline.tyreM} />
          {driveline.gearRatios.map((ratio, at) => (
            <QuantityField
              key={at}
              path={`/driveline/gearRatios/${at}`}
              label={`Gear ${at + 1}`}
              kind="to 1"
              value={ratio}
            />
          ))}
        </>
      )}
    </div>
  );
}
