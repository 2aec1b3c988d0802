import type { DrawnTerminal as TerminalOfDrawing } from "../api/generated/saved-job";
import { digits } from "../kit/units";
import { isHeld, press, type Drawn } from "./drawn";

interface Props {
  terminal: TerminalOfDrawing;
  label?: string | undefined;
  /** Which side of its part it is on: its number stands clear of the part. */
  isLeft?: boolean;
  drawn: Drawn;
}

/** A terminal: where the lamp or a lead is held. */
export function DrawnTerminal({ terminal, label, isLeft = true, drawn }: Props) {
  const shift = label === undefined || label.length < 3 ? 0 : isLeft ? 5 : -5;
  const reading = drawn.bench?.terminals[terminal.id];
  const held = isHeld(drawn.held, "terminal", terminal.id);
  const name = drawn.names[terminal.id] ?? terminal.id;
  const live = reading !== undefined && Math.abs(reading.volts) >= 1;
  return (
    <g
      {...press(() => {
        drawn.onHold({ kind: "terminal", id: terminal.id });
      })}
      aria-label={`Terminal ${name}${reading === undefined ? "" : `, ${digits(reading.volts)} volts`}`}
      className="cursor-pointer"
    >
      <rect x={terminal.x - 12} y={terminal.y - 22} width={24} height={44} fill="transparent" />
      {held && <circle cx={terminal.x} cy={terminal.y} r={11} className="fill-lamp stroke-ink" strokeWidth={2} />}
      <circle
        cx={terminal.x}
        cy={terminal.y}
        r={4}
        className={live ? "fill-lit stroke-ink" : "fill-panel stroke-ink"}
        strokeWidth={1.5}
      />
      {terminal.joint !== null && (
        <g>
          <circle cx={terminal.x} cy={terminal.y - 34} r={9} className="fill-panel stroke-accent" strokeWidth={1.5} />
          <path
            d={`M${terminal.x} ${terminal.y - 25}V${terminal.y - 18}`}
            className="stroke-accent"
            strokeWidth={1.5}
          />
          <text x={terminal.x} y={terminal.y - 30} textAnchor="middle" className="fill-accent text-[13px] font-bold">
            {terminal.joint}
          </text>
        </g>
      )}
      {label !== undefined && (
        <text
          x={terminal.x + shift}
          y={terminal.y - 9}
          textAnchor={shift === 0 ? "middle" : isLeft ? "end" : "start"}
          className="fill-ink font-mono text-[12px]"
        >
          {label}
        </text>
      )}
    </g>
  );
}
