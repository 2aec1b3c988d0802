import { useJob } from "../job/JobContext";
import { Choose } from "../job/Choose";
import { Driveline } from "./Driveline";

/** What keeps the fans from running: an engine speed, the starter. */
export function Lockouts() {
  const { control } = useJob().job.file;
  const lockouts = control.lockouts ?? {};
  const speed = lockouts.engineSpeed ?? null;
  const set = (engineSpeed: object | null) => ({ "/control/lockouts": { ...lockouts, engineSpeed } });
  return (
    <>
      <Choose
        label="Engine-speed switch"
        value={speed === null ? "none" : (speed.action ?? "opens-above")}
        options={[
          { value: "none", label: "None", fits: "Usual.", changes: set(null) },
          {
            value: "opens-above",
            label: "Off above a speed",
            fits: "Cheap, but engine speed is not road speed: think of a low gear up a hill.",
            changes: set({ ...speed, rpm: 4500, action: "opens-above" }),
          },
          {
            value: "closes-above",
            label: "On above a speed only",
            fits: "Normally open: nothing runs before the engine does. Set it between cranking and idle.",
            changes: set({ ...speed, rpm: 500, action: "closes-above" }),
          },
        ]}
      />
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
            changes: { "/control/lockouts": { ...lockouts, cranking: false } },
          },
          {
            value: "yes",
            label: "By a contact",
            fits: "Where the feed stays live while the starter turns.",
            changes: { "/control/lockouts": { ...lockouts, cranking: true } },
          },
        ]}
      />
    </>
  );
}
