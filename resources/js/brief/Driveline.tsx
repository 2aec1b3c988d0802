import { Act } from "../job/Act";
import { useJob } from "../job/JobContext";
import { QuantityField } from "../job/QuantityField";

/** The engine speed of a lockout, and what it means on the road in each gear. */
export function Driveline({ rpm }: { rpm: number }) {
  const { job } = useJob();
  const driveline = job.file.driveline ?? null;
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      <QuantityField path="/control/lockouts/engineSpeed/rpm" label="Its speed" kind="rpm" value={rpm} />
      {driveline === null ? (
        <Act className="self-end" label="Driveline" pick={job.form.driveline.tell.pick}>
          Say axle, gears and tyre
        </Act>
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
          <div className="flex flex-wrap items-end gap-2">
            <Act label="A gear more" pick={job.form.driveline.addGear.pick}>
              One gear more
            </Act>
            <Act label="A gear less" pick={job.form.driveline.lessGears.pick}>
              One gear less
            </Act>
          </div>
        </>
      )}
    </div>
  );
}
