import type { Decider, Stage } from "../api/generated/saved-job";
import { useJob } from "../api/JobContext";
import { QuantityField } from "../kit/QuantityField";
import { TextField } from "../kit/TextField";
import { Choose, type Option } from "./Choose";

type Kind =
  | "closing"
  | "opening"
  | "direct"
  | "capillary"
  | "dry-contact"
  | "to-earth"
  | "to-supply"
  | "computer"
  | "stepless"
  | "original"
  | "pressure-switch"
  | "hand";

const PLACES: { value: NonNullable<Decider["place"]>; label: string; fits: string }[] = [
  {
    value: "engine-outlet",
    label: "Engine outlet",
    fits: "Reads engine temperature always. Drain below the port first; the gauge’s port would cost the gauge. No tape on the thread: the body is its earth.",
  },
  {
    value: "radiator-inlet",
    label: "Housing, radiator side",
    fits: "Water entering the radiator, only once the thermostat opens. No tape on the thread: the body is its earth.",
  },
  {
    value: "top-hose",
    label: "Top hose adapter",
    fits: "Water entering the radiator, only once the thermostat opens and the coolant moves. In rubber: it needs an earth lead.",
  },
  {
    value: "core-inlet",
    label: "Core near inlet",
    fits: "About the inlet temperature, slow, a little low. 100 to 150 mm from the inlet tank, through the core; no draining.",
  },
  {
    value: "core-outlet",
    label: "Core near outlet",
    fits: "Water leaving: the fan runs only when the radiator cannot cope. Set 5 to 10 K lower.",
  },
  {
    value: "bottom-hose",
    label: "Bottom hose adapter",
    fits: "Water leaving, set 5 to 10 K lower; it comes on later than the top hose. In rubber: it needs an earth lead.",
  },
];

/** Only what this decider needs. */
export function DeciderFields({ stage, path }: { stage: Stage; path: string }) {
  const { existingFuseA } = useJob().job.file.control;
  const { decider } = stage;
  const at = `${path}/decider`;
  const isSwitch = decider.kind === "thermal-switch";
  const inHose = decider.place === "top-hose" || decider.place === "bottom-hose";
  const earths = stage.side === "earth" || decider.action === "opens-when-hot";
  const isByTemperature = decider.kind !== "hand" && decider.kind !== "pressure-switch";
  const sideIsFree = !isByTemperature || isSwitch || decider.output === "capillary" || decider.output === "dry-contact";
  return (
    <>
      <Choose label="Decided by" value={kindOf(decider)} options={kinds(stage, path, existingFuseA)} />
      {isByTemperature && (
        <>
          <Choose
            label="It feels"
            value={decider.place ?? "top-hose"}
            options={PLACES.map((place) => ({ ...place, changes: { [`${at}/place`]: place.value } }))}
          />
          <div className="grid gap-3 sm:grid-cols-3">
            <QuantityField path={`${at}/onC`} label="On at" kind="temperature" value={decider.onC} />
            <QuantityField path={`${at}/offC`} label="Off at" kind="temperature" value={decider.offC} />
            <QuantityField
              path={`${at}/ratedA`}
              label="May carry"
              kind="A"
              value={decider.ratedA}
              placeholder="the usual"
            />
            {decider.kind === "stepless" && (
              <>
                <QuantityField
                  path={`${at}/leastDutyPercent`}
                  label="Starts with"
                  kind="%"
                  value={decider.leastDutyPercent}
                />
                <QuantityField path={`${at}/spanK`} label="To full over" kind="K" value={decider.spanK} />
              </>
            )}
            {decider.kind === "stepless" && (
              <QuantityField
                path={`${at}/softStartS`}
                label="Soft start"
                kind="s"
                value={decider.softStartS}
                placeholder="3"
              />
            )}
            {decider.kind === "original" && (
              <>
                <TextField path={`${at}/output`} label="Worked by" value={decider.output ?? ""} />
                <QuantityField path="/control/existingFuseA" label="Its fuse" kind="A" value={existingFuseA} />
                <QuantityField
                  path={`${at}/areaMm2`}
                  label="Its wire to the fan"
                  kind="mm²"
                  value={decider.areaMm2}
                  placeholder="2.5"
                />
              </>
            )}
            {decider.kind === "computer" && (
              <TextField path={`${at}/output`} label="Output" value={decider.output ?? ""} />
            )}
          </div>
        </>
      )}
      {isSwitch && inHose && earths && decider.isDirect !== true && (
        <Choose
          label="Hose adapter"
          value={decider.earthLead === false ? "no" : "yes"}
          options={[
            {
              value: "yes",
              label: "Has its own earth lead",
              fits: "The hose on both sides is rubber; the lead is its only earth.",
              changes: { [`${at}/earthLead`]: true },
            },
            {
              value: "no",
              label: "No earth lead",
              fits: "Then it earths nothing.",
              changes: { [`${at}/earthLead`]: false },
            },
          ]}
        />
      )}
      {decider.place !== undefined && decider.place !== "engine-outlet" && (
        <Choose
          label="Coolant there"
          value={decider.coolantStands === true ? "stands" : "moves"}
          options={[
            {
              value: "moves",
              label: "Moves past the sensor",
              fits: "Feel the hose while it warms up: it must warm there before the gauge is high.",
              changes: { [`${at}/coolantStands`]: false },
            },
            {
              value: "stands",
              label: "Stands",
              fits: "A branch that carries none until the revs rise, or none at all.",
              changes: { [`${at}/coolantStands`]: true },
            },
          ]}
        />
      )}
      {decider.kind === "computer" && (
        <Choose
          label="An open sensor"
          value={decider.openReadsHot === true ? "hot" : "cold"}
          options={[
            {
              value: "cold",
              label: "Reads as cold",
              fits: "Usual: an open thermistor reads as cold.",
              changes: { [`${at}/openReadsHot`]: false },
            },
            {
              value: "hot",
              label: "Runs the fan",
              fits: "Some computers do. Prove it first; it may set a fault code.",
              changes: { [`${at}/openReadsHot`]: true },
            },
          ]}
        />
      )}
      {sideIsFree && (
        <Choose
          label="Switched side of the coil"
          value={stage.side}
          options={[
            {
              value: "earth",
              label: "Earth side",
              fits: "Usual: sensor terminals are never live, one-wire switches work, triggers simply join.",
              changes: { [`${path}/side`]: "earth" },
            },
            {
              value: "supply",
              label: "Supply side",
              fits: "The coil is dead when off, but a bare sensor terminal is live. Needs a two-wire switch.",
              changes: { [`${path}/side`]: "supply" },
            },
          ]}
        />
      )}
    </>
  );
}

function kindOf(decider: Decider): Kind {
  if (decider.kind === "thermal-switch") {
    return decider.isDirect === true ? "direct" : decider.action === "opens-when-hot" ? "opening" : "closing";
  }
  return decider.kind === "thermostat" ? (decider.output as Kind) : decider.kind;
}

/** Each kind with its sentence; temperatures and place are carried over. */
function kinds(stage: Stage, path: string, existingFuseA: number | null | undefined): Option<Kind>[] {
  const { onC = 92, offC = 87, place = "top-hose" } = stage.decider;
  const band = { onC, offC, place };
  const option = (value: Kind, label: string, fits: string, decider: Decider, side = stage.side): Option<Kind> => ({
    value,
    label,
    fits,
    changes: { [`${path}/decider`]: decider, [`${path}/side`]: side },
  });
  const thermal = (action: "closes-when-hot" | "opens-when-hot"): Decider => ({
    kind: "thermal-switch",
    action,
    ...band,
  });
  const thermostat = (output: string): Decider => ({ kind: "thermostat", output, ...band });
  return [
    option(
      "closing",
      "Switch, closes hot",
      "Usual: a fixed pair of temperatures, cheap and sure.",
      thermal("closes-when-hot"),
    ),
    option(
      "opening",
      "Switch, opens hot",
      "Older designs: a broken wire runs the fan, which is the safe way to fail.",
      thermal("opens-when-hot"),
    ),
    option("direct", "Switch carries the fan", "Only within its rating; no relay.", {
      ...thermal("closes-when-hot"),
      isDirect: true,
      ratedA: 20,
    }),
    option(
      "capillary",
      "Capillary thermostat",
      "Adjustable, needs no supply; bulb in the core or hose.",
      thermostat("capillary"),
    ),
    option(
      "dry-contact",
      "Electronic, contact",
      "Adjustable with a probe; its contact switches either side.",
      thermostat("dry-contact"),
    ),
    option(
      "to-earth",
      "Electronic, to earth",
      "Adjustable; its output goes to earth when hot.",
      thermostat("to-earth"),
      "earth",
    ),
    option(
      "to-supply",
      "Electronic, to supply",
      "Adjustable; its output goes live when hot.",
      thermostat("to-supply"),
      "supply",
    ),
    option(
      "computer",
      "Engine computer",
      "A low-side output of the engine computer, by the computer’s own rule.",
      { kind: "computer", output: "fan", ...band },
      "earth",
    ),
    option(
      "stepless",
      "Stepless controller",
      "As much fan as is needed, from soft start to all of it. More than a short lead from the battery wants 470 µF, 35 V across its supply, polarity observed.",
      { kind: "stepless", ...band, spanK: 8, leastDutyPercent: 25, ratedA: 40 },
    ),
    option(
      "pressure-switch",
      "Pressure switch",
      "A condenser fan on its own: runs when the refrigerant’s pressure asks for it.",
      { kind: "pressure-switch" },
    ),
    {
      value: "original",
      label: "What was there",
      fits: "The vehicle’s own fuse, relay and control stay whole: join its trigger, or let a change-over relay into the fan’s lead.",
      changes: {
        [`${path}/decider`]: { kind: "original", output: "engine computer", ...band },
        [`${path}/side`]: "earth",
        "/control/existingFuseA": existingFuseA ?? 30,
      },
    },
    option("hand", "Hand switch", "Nobody but the driver: for a vehicle that is always watched.", { kind: "hand" }),
  ];
}
