import type { Fan } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";
import { QuantityField } from "../job/QuantityField";
import { TextField } from "../job/TextField";
import { Act } from "../job/Act";
import { Choose } from "../job/Choose";

export function Fans() {
  const { job } = useJob();
  const { fans } = job.file;
  return (
    <>
      <ul className="grid gap-5">
        {fans.map((fan, at) => (
          <li key={fan.id} className="grid gap-3 border-t border-line pt-3 first:border-0 first:pt-0">
            <FanFields fan={fan} path={`/fans/${at}`} />
            <Act
              className="justify-self-start text-muted"
              label={`Remove ${fan.name}`}
              pick={job.form.fans.find((one) => one.id === fan.id)?.remove}
            >
              Remove this fan
            </Act>
          </li>
        ))}
      </ul>
      <Act className="justify-self-start" label="Add a fan" pick={job.form.addFan.pick}>
        Add a fan
      </Act>
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
