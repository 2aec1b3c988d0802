import { useJob } from "../job/JobContext";
import { Choose } from "../job/Choose";
import { Driveline } from "./Driveline";

/** What keeps the fans from running: an engine speed, the starter. */
export function Lockouts() {
  const { file, form } = useJob().job;
  const lockouts = file.control.lockouts ?? {};
  const speed = lockouts.engineSpeed ?? null;
  return (
    <>
      <Choose label="Engine-speed switch" value={form.engineSpeed.value} options={form.engineSpeed.options} />
      {speed !== null && (
        <>
          <Choose
            label="It stands"
            value={speed.isInFeed === true ? "feed" : "lines"}
            options={[
              {
                value: "lines",
                label: "In each trigger",
                fits: "A contact for each stage; what feeds a fan past the trigger is not locked.",
                changes: { "/control/lockouts/engineSpeed/isInFeed": false },
              },
              {
                value: "feed",
                label: "In the coil feed",
                fits: "One contact before all coils and controllers.",
                changes: { "/control/lockouts/engineSpeed/isInFeed": true },
              },
            ]}
          />
          <Driveline rpm={speed.rpm} />
        </>
      )}
      <Choose
        label="Off while cranking"
        value={lockouts.cranking === true ? "yes" : "no"}
        options={[
          {
            value: "no",
            label: "By the feed",
            fits: "A feed from 75 drops out by itself.",
            changes: { "/control/lockouts/cranking": false },
          },
          {
            value: "yes",
            label: "By a contact",
            fits: "Where the feed stays live while the starter turns.",
            changes: { "/control/lockouts/cranking": true },
          },
        ]}
      />
    </>
  );
}
