import { useState } from "react";
import { api, type Refused, refusedBy } from "../api/client";
import type { DriveLeg, MadeDrive } from "../api/generated/made-drive";
import { ProblemItems } from "../api/ProblemItems";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { shown, useUnits } from "../kit/units";
import { LegChart } from "./LegChart";
import { LegTable } from "./LegTable";
import { NumberField } from "./NumberField";

const LEG: DriveLeg = {
  minutes: 5,
  speedKmh: 0,
  gradientPercent: 0,
  engineRpm: null,
  airConditioning: false,
  keyOn: true,
};

/** What people say of how they drive. */
const PIECES: { name: string; legs: DriveLeg[] }[] = [
  { name: "Stand", legs: [LEG] },
  {
    name: "Lights",
    legs: [
      { ...LEG, minutes: 1, speedKmh: 45 },
      { ...LEG, minutes: 0.6 },
    ],
  },
  { name: "Country road", legs: [{ ...LEG, minutes: 10, speedKmh: 80 }] },
  { name: "Motorway", legs: [{ ...LEG, minutes: 20, speedKmh: 120 }] },
  { name: "Hill", legs: [{ ...LEG, minutes: 8, speedKmh: 40, gradientPercent: 9 }] },
  { name: "Stop, key out", legs: [{ ...LEG, minutes: 15, keyOn: false }] },
];

export const NEW_DRIVE: MadeDrive = {
  name: "As I drive",
  startsC: 80,
  ambientC: 30,
  trailerKg: 0,
  legs: [
    { ...LEG, minutes: 10, speedKmh: 60 },
    { ...LEG, minutes: 5 },
  ],
};

interface Props {
  made: MadeDrive;
  /** The drive it was made from, which it replaces; empty for a new one. */
  inPlaceOf: string;
  onKept: (id: string) => void;
  onClose: () => void;
}

/** A drive made leg by leg: dragged in the picture, or typed below it. */
export function DriveEditor({ made, inPlaceOf, onKept, onClose }: Props) {
  const { job } = useJob();
  const { units } = useUnits();
  const [drive, setDrive] = useState(made);
  const [wrong, setWrong] = useState<Refused>();
  const temp = (tempC: number) => Math.round(shown(tempC, "temperature", units).value * 10) / 10;
  const celsius = (value: number) => (units.temperature === "°F" ? (value - 32) / 1.8 : value);
  const set = (changed: Partial<MadeDrive>) => {
    setDrive((now) => ({ ...now, ...changed }));
  };
  const setLegs = (legs: DriveLeg[]) => {
    const [head, ...tail] = legs;
    if (head !== undefined) {
      set({ legs: [head, ...tail] });
    }
  };
  const keep = async () => {
    setWrong(undefined);
    try {
      onKept((await api.makeDrive(job.id, drive, inPlaceOf)).id);
    } catch (error) {
      setWrong(refusedBy(error));
    }
  };
  return (
    <Panel
      title={inPlaceOf === "" ? "A drive of your own" : `Change ‘${made.name}’`}
      aside={<Button onClick={onClose}>Close</Button>}
    >
      <div className="grid gap-4">
        <div className="flex flex-wrap gap-3">
          <label className="grid gap-1">
            <span className="field-label mb-0">Name</span>
            <input
              className="field min-h-11 px-3"
              maxLength={80}
              value={drive.name}
              onChange={(event) => {
                set({ name: event.target.value });
              }}
            />
          </label>
          <NumberField
            label="Ambient"
            unit={units.temperature}
            value={temp(drive.ambientC)}
            onValue={(value) => {
              set({ ambientC: celsius(value) });
            }}
          />
          <NumberField
            label="Coolant at first"
            unit={units.temperature}
            value={temp(drive.startsC)}
            onValue={(value) => {
              set({ startsC: celsius(value) });
            }}
          />
          <NumberField
            label="Trailer"
            unit="kg"
            value={drive.trailerKg}
            onValue={(trailerKg) => {
              set({ trailerKg });
            }}
          />
        </div>
        <LegChart legs={drive.legs} onLegs={setLegs} />
        <div className="flex flex-wrap items-center gap-2" role="group" aria-label="Add a piece">
          <span className="font-semibold">Add</span>
          {PIECES.map((piece) => (
            <Button
              key={piece.name}
              onClick={() => {
                setLegs([...drive.legs, ...piece.legs]);
              }}
            >
              {piece.name}
            </Button>
          ))}
        </div>
        <LegTable legs={drive.legs} onLegs={setLegs} />
        {wrong !== undefined && (
          <ul role="alert" className="grid gap-1 font-semibold text-danger">
            <ProblemItems problems={wrong.problems} />
          </ul>
        )}
        <Button tone="strong" className="justify-self-start" onClick={() => void keep()}>
          Keep it and drive it
        </Button>
      </div>
    </Panel>
  );
}
