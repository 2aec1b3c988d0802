import type { Fan, JobFile } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { QuantityField } from "../job/QuantityField";
import { TextField } from "../job/TextField";
import { Choose } from "../job/Choose";

const MOST_FANS = 4;

export function Fans() {
  const { job, change } = useJob();
  const { fans } = job.file;
  return (
    <>
      <ul className="grid gap-5">
        {fans.map((fan, at) => (
          <li key={fan.id} className="grid gap-3 border-t border-line pt-3 first:border-0 first:pt-0">
            <FanFields fan={fan} path={`/fans/${at}`} />
            {fans.length > 1 && (
              <Button
                className="justify-self-start text-muted"
                onClick={() => void change({ label: `Remove ${fan.name}`, changes: without(job.file, fan.id) })}
              >
                Remove this fan
              </Button>
            )}
          </li>
        ))}
      </ul>
      {fans.length < MOST_FANS && (
        <Button
          className="justify-self-start"
          onClick={() => void change({ label: "Add a fan", changes: withAnother(job.file) })}
        >
          Add a fan
        </Button>
      )}
    </>
  );
}

function FanFields({ fan, path }: { fan: Fan; path: string }) {
  const { job } = useJob();
  const gapMm = job.form.fit.layouts.flatMap((one) => one.holes).find((hole) => hole.fan === fan.name)?.gapMm;
  return (
    <>
      <Choose
        label={`Fan ${fan.name} sits`}
        value={fan.mount}
        options={[
          {
            value: "puller",
            label: "Behind the core, pulls",
            fits: "Usual: behind the core it does not shade the air at speed.",
            changes: { [`${path}/mount`]: "puller" },
          },
          {
            value: "pusher",
            label: "In front, pushes",
            fits: "Where there is no room behind, or for a condenser. Blade turned round and polarity reversed.",
            changes: { [`${path}/mount`]: "pusher" },
          },
        ]}
      />
      <Direction fan={fan} path={path} />
      <div className="grid gap-3 sm:grid-cols-2 xl:grid-cols-3">
        <TextField path={`${path}/name`} label="Name" value={fan.name} />
        <QuantityField path={`${path}/runA`} label="Running current" kind="A" value={fan.runA} />
        <QuantityField path={`${path}/ratedV`} label="Measured at" kind="V" value={fan.ratedV} />
        <QuantityField path={`${path}/startA`} label="Start current" kind="A" value={fan.startA} usual="3 × running" />
        <QuantityField path={`${path}/diameterMm`} label="Diameter" kind="depth" value={fan.diameterMm} />
        <QuantityField
          path={`${path}/depthMm`}
          label="Depth"
          kind="depth"
          value={fan.depthMm}
          hint={
            fan.mount === "puller" && gapMm !== undefined
              ? `Leaves ${gapMm.toFixed(0)} mm to the nearest pulley or belt.`
              : undefined
          }
        />
        <QuantityField path={`${path}/flowM3h`} label="Air moved" kind="m³/h" value={fan.flowM3h} />
        <QuantityField path={`${path}/startS`} label="Up to speed in" kind="s" value={fan.startS} usual="1" />
        <QuantityField
          path={`${path}/roomMm`}
          label="Room behind it"
          kind="depth"
          value={fan.roomMm}
          usual="as everywhere"
        />
      </div>
    </>
  );
}

/** A fan made for the other side of the core needs two things done to it; both are asked where it matters. */
function Direction({ fan, path }: { fan: Fan; path: string }) {
  const madeFor = fan.madeFor ?? fan.mount;
  return (
    <>
      <Choose
        label="It was made as"
        value={madeFor}
        options={(["puller", "pusher"] as const).map((kind) => ({
          value: kind,
          label: kind === "puller" ? "A puller" : "A pusher",
          fits:
            kind === fan.mount
              ? "Mounted as it was made: blade and leads stay as they are."
              : "Made for the other side: turn the blade round and exchange the leads.",
          changes: { [`${path}/madeFor`]: kind },
        }))}
      />
      {(madeFor !== fan.mount || fan.bladeFlipped === true || fan.polarityReversed === true) && (
        <div className="grid gap-3 sm:grid-cols-2">
          <Choose
            label="Blade"
            value={fan.bladeFlipped === true ? "flipped" : "as-made"}
            options={[
              {
                value: "as-made",
                label: "As made",
                fits: "Its hollow faces as it came.",
                changes: { [`${path}/bladeFlipped`]: false },
              },
              {
                value: "flipped",
                label: "Turned round",
                fits: "Taken off the shaft and put on the other way.",
                changes: { [`${path}/bladeFlipped`]: true },
              },
            ]}
          />
          <Choose
            label="Leads"
            value={fan.polarityReversed === true ? "reversed" : "as-made"}
            options={[
              {
                value: "as-made",
                label: "As made",
                fits: "Plus to the lead marked plus. Colours lie: check the direction.",
                changes: { [`${path}/polarityReversed`]: false },
              },
              {
                value: "reversed",
                label: "Exchanged",
                fits: "It turns the other way.",
                changes: { [`${path}/polarityReversed`]: true },
              },
            ]}
          />
        </div>
      )}
    </>
  );
}

/** Another fan like the last, run together with those of the last stage. */
function withAnother(file: JobFile): Record<string, unknown> {
  const taken = new Set(file.fans.map((fan) => fan.id));
  const free = [1, 2, 3, 4].map((number) => `fan-${number}`).find((id) => !taken.has(id));
  const like = file.fans[file.fans.length - 1];
  const stages = file.control.stages.map((stage, at) => (at === 0 ? { ...stage, fans: [...stage.fans, free] } : stage));
  return {
    "/fans": [...file.fans, { ...like, id: free, name: `fan ${file.fans.length + 1}` }],
    "/control/stages": file.control.speeds ? [stages[0]] : stages,
    "/control/speeds": null,
  };
}

function without(file: JobFile, id: string): Record<string, unknown> {
  const stages = file.control.stages
    .map((stage) => ({ ...stage, fans: stage.fans.filter((fan) => fan !== id) }))
    .filter((stage) => stage.fans.length > 0);
  return {
    "/fans": file.fans.filter((fan) => fan.id !== id),
    "/control/stages": file.control.speeds ? stages.slice(0, 1) : stages,
    "/control/speeds": null,
  };
}
