import type { DriveLeg } from "../api/generated/made-drive";
import { Button } from "../kit/Button";
import { Toggle } from "../kit/Toggle";
import { NumberField } from "./NumberField";

interface Props {
  legs: DriveLeg[];
  onLegs: (legs: DriveLeg[]) => void;
}

/** The legs of a drive, typed. */
export function LegTable({ legs, onLegs }: Props) {
  const set = (at: number, changed: Partial<DriveLeg>) => {
    onLegs(legs.map((leg, index) => (index === at ? { ...leg, ...changed } : leg)));
  };
  return (
    <div className="overflow-x-auto">
      <table className="table w-full">
        <thead>
          <tr>
            <th>Leg</th>
            <th>Lasts</th>
            <th>Speed</th>
            <th>Gradient</th>
            <th>Engine</th>
            <th>Air conditioning, key</th>
            <th>
              <span className="sr-only">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {legs.map((leg, at) => (
            // Legs have no names: their place is what they are known by.
            <tr key={at}>
              <th scope="row">{at + 1}</th>
              <td>
                <NumberField
                  hideLabel
                  label={`Minutes of leg ${at + 1}`}
                  unit="min"
                  value={leg.minutes}
                  onValue={(minutes) => {
                    set(at, { minutes });
                  }}
                />
              </td>
              <td>
                <NumberField
                  hideLabel
                  label={`Speed of leg ${at + 1}`}
                  unit="km/h"
                  value={leg.speedKmh}
                  onValue={(speedKmh) => {
                    set(at, { speedKmh });
                  }}
                />
              </td>
              <td>
                <NumberField
                  hideLabel
                  label={`Gradient of leg ${at + 1}`}
                  unit="%"
                  value={leg.gradientPercent}
                  onValue={(gradientPercent) => {
                    set(at, { gradientPercent });
                  }}
                />
              </td>
              <td>
                <NumberField
                  hideLabel
                  label={`Engine speed of leg ${at + 1}`}
                  unit="rpm"
                  value={leg.engineRpm}
                  placeholder="by gear"
                  onValue={(engineRpm) => {
                    set(at, { engineRpm });
                  }}
                  onEmptied={() => {
                    set(at, { engineRpm: null });
                  }}
                />
              </td>
              <td>
                <div className="flex gap-4">
                  <Toggle
                    label="A/C"
                    isOn={leg.airConditioning}
                    onChange={(airConditioning) => {
                      set(at, { airConditioning });
                    }}
                  />
                  <Toggle
                    label="key in"
                    isOn={leg.keyOn}
                    onChange={(keyOn) => {
                      set(at, { keyOn });
                    }}
                  />
                </div>
              </td>
              <td>
                <Button
                  tone="quiet"
                  disabled={legs.length === 1}
                  onClick={() => {
                    onLegs(legs.filter((_, index) => index !== at));
                  }}
                >
                  Remove<span className="sr-only"> leg {at + 1}</span>
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
