import type { DrawnWire as WireOfDrawing } from "../api/generated/saved-job";
import { digits, useShown } from "../kit/units";
import { isHeld, press, type Drawn } from "./drawn";
import { signOf, spokenFate } from "./altered";
import { isShown, Share } from "./Share";

/** Below this length a wire's colour stands above the terminals' numbers. */
const CRAMPED = 90;

/** Letters of IEC 60757. */
const WIRE_COLOURS: Record<string, string> = {
  RD: "#c62828",
  WH: "#ffffff",
  BK: "#222222",
  GN: "#2e7d32",
  VT: "#7b3fa0",
  BN: "#795548",
};

/** A wire of a thread: its glow, its colours, size and length. */
export function DrawnWire({ wire, drawn }: { wire: WireOfDrawing; drawn: Drawn }) {
  const show = useShown();
  const row = drawn.design.wires.find((candidate) => candidate.id === wire.wire);
  const flow = wire.wire === null ? drawn.bench?.paths[wire.path ?? ""] : drawn.bench?.wires[wire.wire];
  const middle = (wire.x1 + wire.x2) / 2;
  const line = `M${wire.x1} ${wire.y}H${wire.x2}`;
  const state = flow?.isCarrying ? "carrying" : flow?.isLive ? "live" : "dead";
  const fate = drawn.fates?.[wire.wire ?? ""];
  const stroke = (
    <>
      {flow?.isCarrying && <path d={line} className="glow" />}
      <path
        d={line}
        className={`wire ${state === "dead" ? "" : `wire-${state}`} ${fate === undefined ? "" : `wire-${fate}`}`}
      />
    </>
  );
  if (row === undefined) {
    return stroke;
  }
  const spoken = `Wire ${row.id}, ${row.from} to ${row.to}, ${row.colourName}, ${row.size}, ${show(row.lengthM, "length")}, ${
    flow === undefined ? "" : `${state}, ${digits(flow.currentA)} A`
  }${spokenFate(fate)}`;
  const [base, tracer] = row.colour.split("-");
  return (
    <g
      {...press(() => {
        drawn.onHold({ kind: "wire", id: row.id });
      })}
      aria-label={spoken}
      className="cursor-pointer"
    >
      <rect
        x={wire.x1 + 8}
        y={wire.y - 22}
        width={Math.max(0, wire.x2 - wire.x1 - 16)}
        height={44}
        fill="transparent"
      />
      {isHeld(drawn.held, "wire", row.id) && (
        <rect x={wire.x1 + 6} y={wire.y - 26} width={wire.x2 - wire.x1 - 12} height={74} rx={3} className="fill-sunk" />
      )}
      {stroke}
      <Share share={drawn.shares?.[row.id]} x={middle} y={wire.y - 26} />
      {!isShown(drawn.shares?.[row.id]) && (
        <text
          x={middle}
          y={wire.y - (wire.x2 - wire.x1 < CRAMPED ? 20 : 9)}
          textAnchor="middle"
          className="fill-muted text-[13px]"
        >
          {row.colour}
          {signOf(fate)}
        </text>
      )}
      <g aria-hidden>
        <rect
          x={middle - 13}
          y={wire.y + 7}
          width={26}
          height={4}
          rx={2}
          fill={WIRE_COLOURS[base ?? ""] ?? "gray"}
          stroke="var(--line)"
          strokeWidth={0.75}
        />
        {tracer !== undefined && (
          <rect x={middle - 13} y={wire.y + 8.5} width={26} height={1.5} fill={WIRE_COLOURS[tracer] ?? "gray"} />
        )}
      </g>
      <text x={middle} y={wire.y + 25} textAnchor="middle" className="fill-ink text-[14px] font-semibold">
        {row.size}
      </text>
      <text x={middle} y={wire.y + 41} textAnchor="middle" className="fill-muted text-[13px]">
        {show(row.lengthM, "length")}
      </text>
    </g>
  );
}
