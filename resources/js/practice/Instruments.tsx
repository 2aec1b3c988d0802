import { useState, type ReactNode } from "react";
import type { PracticeMoveRequest } from "../api/generated/practice-move-request";
import type { PracticeRun, PracticeSpot } from "../api/generated/practice-run";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";

const WIRE = "wire";

interface Props {
  run: PracticeRun;
  isBusy: boolean;
  /** What was touched on the drawing, the last one last. */
  touched: string[];
  onTouch: (touched: string[]) => void;
  onMove: (move: PracticeMoveRequest) => void;
  /** The drawing it is held on. */
  children?: ReactNode;
}

/** The spot an instrument is held on when these were touched: one that the last is of, and most of the others. */
export function heldSpot(spots: PracticeSpot[], touched: string[]): PracticeSpot | undefined {
  const last = touched.at(-1);
  const of = (spot: PracticeSpot) => touched.filter((one) => spot.on.includes(one)).length;
  return last === undefined
    ? undefined
    : [...spots].filter((spot) => spot.on.includes(last)).sort((one, other) => of(other) - of(one))[0];
}

/** What lies there: an instrument, how the vehicle stands, and where it is held – picked here, or touched on the drawing. */
export function Instruments({ run, isBusy, touched, onTouch, onMove, children }: Props) {
  const text = useText();
  const [kindId, setKind] = useState(run.kinds[0]?.id ?? "");
  const [situation, setSituation] = useState("rest");
  const [other, setOther] = useState("");
  const isWire = kindId === WIRE;
  const kind = run.kinds.find((one) => one.id === kindId);
  if (kind === undefined) {
    return null;
  }
  const situations = run.situations.filter((one) => one.isMeasured || kindId === "look");
  const { spots } = kind;
  const isOff = touched.length > 0 && spots.length > 0 && heldSpot(spots, touched) === undefined;
  const at = (heldSpot(spots, isWire ? touched.slice(0, 1) : touched) ?? spots[0])?.id ?? "";
  const ends = spots.filter((one) => one.id !== at);
  const to = (heldSpot(ends, touched.slice(1)) ?? ends.find((one) => one.id === other) ?? ends[0])?.id ?? "";
  const stands = situations.find((one) => one.id === situation)?.id ?? situations[0]?.id ?? "";
  const act = () => {
    onTouch(isWire ? [at, to] : (spots.find((one) => one.id === at)?.on ?? []));
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
              onTouch(spots.find((one) => one.id === picked)?.on ?? []);
            }}
          />
        )}
        {isWire && (
          <Pick
            label="To"
            value={to}
            options={spots.map((one) => ({ id: one.id, says: text(one, "says") }))}
            onChange={(picked) => {
              setOther(picked);
              onTouch([at, picked]);
            }}
          />
        )}
      </div>
      {isWire && (
        <p className="mt-2 border-l-4 border-l-danger pl-3">
          ▲ A bare wire can burn a loom. On a vehicle: fused, never across the battery, never on airbag or high-voltage
          wires.
        </p>
      )}
      {children !== undefined && <div className="mt-4 border-t border-line pt-3">{children}</div>}
      <div className="sticky bottom-0 mt-3 flex flex-wrap items-center gap-3 bg-panel py-2">
        <Button tone="strong" disabled={isBusy} onClick={act}>
          Do it
        </Button>
        {spots.some((one) => one.on.length > 0) && (
          <p className={isOff ? "text-warning" : "text-muted"} role="status">
            {isOff
              ? "◆ That is not where this goes. It is held where it says above."
              : "Touch the drawing to hold it there."}
          </p>
        )}
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
