import { useState } from "react";
import type { PracticeMoveRequest } from "../api/generated/practice-move-request";
import type { PracticeRun } from "../api/generated/practice-run";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";

const WIRE = "wire";

interface Props {
  run: PracticeRun;
  isBusy: boolean;
  onSpots: (spots: string[]) => void;
  onMove: (move: PracticeMoveRequest) => void;
}

/** What lies there: an instrument, how the vehicle stands, and where it is held. */
export function Instruments({ run, isBusy, onSpots, onMove }: Props) {
  const text = useText();
  const [kindId, setKind] = useState(run.kinds[0]?.id ?? "");
  const [situation, setSituation] = useState("rest");
  const [spot, setSpot] = useState("");
  const [other, setOther] = useState("");
  const isWire = kindId === WIRE;
  const kind = run.kinds.find((one) => one.id === kindId);
  if (kind === undefined) {
    return null;
  }
  const situations = run.situations.filter((one) => one.isMeasured || kindId === "look");
  const { spots } = kind;
  const at = spots.find((one) => one.id === spot)?.id ?? spots[0]?.id ?? "";
  const to = spots.find((one) => one.id === other)?.id ?? spots[1]?.id ?? "";
  const stands = situations.find((one) => one.id === situation)?.id ?? situations[0]?.id ?? "";
  const act = () => {
    onSpots(isWire ? [at, to] : [at]);
    onMove(
      isWire
        ? { wire: { situation: stands, from: at, to } }
        : { test: [kindId, kind.hasSituation ? stands : "", at].filter((part) => part !== "").join("/") },
    );
  };
  return (
    <Panel title="What do you do?">
      <div className="flex flex-wrap gap-2" role="group" aria-label="Instrument">
        {run.kinds.map((one) => (
          <Button
            key={one.id}
            tone={one.id === kindId ? "strong" : "plain"}
            aria-pressed={one.id === kindId}
            onClick={() => {
              setKind(one.id);
            }}
          >
            {text(one, "says")}
          </Button>
        ))}
      </div>
      <div className="mt-3 grid gap-3 md:grid-cols-2">
        {kind.hasSituation && (
          <Pick
            label="How the vehicle stands"
            value={stands}
            options={situations.map((one) => ({ id: one.id, says: text(one, "says") }))}
            onChange={setSituation}
          />
        )}
        {spots.length > 0 && (
          <Pick
            label={isWire ? "From" : "Where"}
            value={at}
            options={spots.map((one) => ({ id: one.id, says: text(one, "says") }))}
            onChange={(picked) => {
              setSpot(picked);
              onSpots([picked]);
            }}
          />
        )}
        {isWire && (
          <Pick
            label="To"
            value={to}
            options={spots.map((one) => ({ id: one.id, says: text(one, "says") }))}
            onChange={setOther}
          />
        )}
      </div>
      {isWire && (
        <p className="mt-2 border-l-4 border-l-danger pl-3">
          ▲ A bare wire can burn a loom. On a vehicle: fused, never across the battery, never on airbag or high-voltage
          wires.
        </p>
      )}
      <div className="mt-3">
        <Button tone="strong" disabled={isBusy} onClick={act}>
          Do it
        </Button>
      </div>
    </Panel>
  );
}

interface PickProps {
  label: string;
  value: string;
  options: { id: string; says: string }[];
  onChange: (id: string) => void;
}

function Pick({ label, value, options, onChange }: PickProps) {
  return (
    <label className="grid min-w-0 gap-1">
      <span className="field-label mb-0">{label}</span>
      <select
        className="field min-h-11 w-full px-3"
        value={value}
        onChange={(event) => {
          onChange(event.target.value);
        }}
      >
        {options.map((option) => (
          <option key={option.id} value={option.id}>
            {option.says}
          </option>
        ))}
      </select>
    </label>
  );
}
