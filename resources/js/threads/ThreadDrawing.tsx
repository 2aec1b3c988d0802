import type { KeyboardEvent } from "react";
import type { Bench } from "../api/generated/bench";
import type { Design, DrawnItem, DrawnTerminal, DrawnThread, DrawnWire } from "../api/generated/saved-job";
import { digits, kindOf, useShown } from "../kit/units";
import { Blades, Shapes } from "./symbols";

export interface Held {
  kind: "terminal" | "component" | "wire";
  id: string;
}

interface Props {
  design: Design;
  /** The state to light the threads by; none draws them dead. */
  bench: Bench | undefined;
  format: "wide" | "narrow";
  /** What the lamp or the meter's leads are held on, and what is looked at. */
  held: Held[];
  onHold: (held: Held) => void;
}

interface Drawn extends Props {
  names: Record<string, string>;
  worst: Record<string, string>;
}

/** The threads as the core laid them out, lit as the bench has them. */
export function ThreadDrawing(props: Props) {
  const { design, format } = props;
  const drawing = design.drawings[format];
  const drawn: Drawn = {
    ...props,
    names: Object.fromEntries(design.terminals.map((terminal) => [terminal.id, terminal.name])),
    worst: Object.fromEntries([...design.findings].reverse().map((finding) => [finding.subject, finding.severity])),
  };
  return (
    <svg
      viewBox={`0 0 ${drawing.width} ${drawing.height}`}
      className="h-auto w-full max-w-[68rem] select-none"
      role="group"
      aria-label="The circuit as threads, from the supply on the left to earth on the right"
      onKeyDown={walk}
    >
      {drawing.threads.map((thread) => (
        <Thread key={thread.id} thread={thread} drawn={drawn} />
      ))}
    </svg>
  );
}

/** Arrows go along a thread and from one thread to the next, to the part that lies nearest. */
function walk(event: KeyboardEvent<SVGSVGElement>) {
  const step = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[event.key];
  const from = event.target as SVGGElement;
  const thread = from.closest("[data-thread]");
  if (step === undefined || thread === null) {
    return;
  }
  event.preventDefault();
  const centre = (part: Element) => {
    const box = part.getBoundingClientRect();
    return box.left + box.width / 2;
  };
  const partsOf = (one: Element | undefined) =>
    [...(one?.querySelectorAll<SVGGElement>("[tabindex]") ?? [])].sort((a, b) => centre(a) - centre(b));
  const [along = 0, across = 0] = step;
  if (along !== 0) {
    const parts = partsOf(thread);
    parts[parts.indexOf(from) + along]?.focus();
    return;
  }
  const threads = [...event.currentTarget.querySelectorAll("[data-thread]")];
  const distance = (part: Element) => Math.abs(centre(part) - centre(from));
  partsOf(threads[threads.indexOf(thread) + across])
    .sort((a, b) => distance(a) - distance(b))[0]
    ?.focus();
}

function Thread({ thread, drawn }: { thread: DrawnThread; drawn: Drawn }) {
  const { start, end, y } = thread;
  const rail = "stroke-ink";
  return (
    <g role="group" aria-label={thread.title} data-thread={thread.id}>
      <text x={52} y={y - 40} className="fill-ink text-[15px] font-bold">
        {thread.title}
      </text>
      {start.kind === "supply" && (
        <path d={`M${start.terminal.x} ${y - 22}V${y + 22}`} className={rail} strokeWidth={5} />
      )}
      {thread.wires.map((wire) => (
        <Wire key={`${wire.x1}`} wire={wire} drawn={drawn} />
      ))}
      {thread.items.map((item) => (
        <Item key={item.pass} item={item} drawn={drawn} />
      ))}
      {end.kind === "earth" && (
        <g transform={`translate(${end.terminal.x} ${y})`}>
          <Shapes shapes={end.shapes} isClosed={false} />
          <text x={0} y={34} textAnchor="middle" className="fill-ink text-[14px] font-bold">
            {end.label}
          </text>
        </g>
      )}
      {end.kind === "open" && (
        <text x={end.terminal.x + 10} y={y + 5} className="fill-danger text-[14px] font-bold">
          ✕ open
        </text>
      )}
      {start.kind === "supply" && (
        <text x={start.terminal.x} y={y - 27} textAnchor="middle" className="fill-ink font-mono text-[12px]">
          {start.label}
        </text>
      )}
      <Terminal terminal={start.terminal} drawn={drawn} />
      <Terminal terminal={end.terminal} drawn={drawn} />
    </g>
  );
}

function press(act: () => void) {
  return {
    tabIndex: 0,
    role: "button",
    onClick: act,
    onKeyDown: (event: KeyboardEvent) => {
      if (event.key === "Enter" || event.key === " ") {
        event.preventDefault();
        act();
      }
    },
  };
}

const isHeld = (held: Held[], kind: Held["kind"], id: string) => held.some((one) => one.kind === kind && one.id === id);

function Wire({ wire, drawn }: { wire: DrawnWire; drawn: Drawn }) {
  const show = useShown();
  const row = drawn.design.wires.find((candidate) => candidate.id === wire.wire);
  const flow = wire.wire === null ? drawn.bench?.passes[wire.pass ?? ""] : drawn.bench?.wires[wire.wire];
  const middle = (wire.x1 + wire.x2) / 2;
  const line = `M${wire.x1} ${wire.y}H${wire.x2}`;
  const state = flow?.isCarrying ? "carrying" : flow?.isLive ? "live" : "dead";
  const stroke = (
    <>
      {flow?.isCarrying && <path d={line} className="glow" />}
      <path d={line} className={`wire ${state === "dead" ? "" : `wire-${state}`}`} />
    </>
  );
  if (row === undefined) {
    return stroke;
  }
  const spoken = `Wire ${row.id}, ${row.from} to ${row.to}, ${row.colourName}, ${row.size}, ${show(row.lengthM, "length")}, ${
    flow === undefined ? "" : `${state}, ${digits(flow.currentA)} A`
  }`;
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
      <text
        x={middle}
        y={wire.y - (wire.x2 - wire.x1 < CRAMPED ? 20 : 9)}
        textAnchor="middle"
        className="fill-muted text-[13px]"
      >
        {row.colour}
      </text>
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

function Item({ item, drawn }: { item: DrawnItem; drawn: Drawn }) {
  const show = useShown();
  const pass = drawn.bench?.passes[item.pass];
  const component = drawn.design.components.find((candidate) => candidate.id === item.component);
  const relay = drawn.bench?.relays[item.component];
  const fan = drawn.bench?.fans[item.component];
  const worst = drawn.worst[item.component];
  const held = isHeld(drawn.held, "component", item.component);
  const isFan = item.symbol === "motor";
  const lit = pass?.isCarrying === true;
  const state = fan
    ? fan.isTurning
      ? `turning, ${digits(fan.currentA)} A`
      : "at rest"
    : relay
      ? relay.isPulledIn
        ? "pulled in"
        : "released"
      : pass?.conducts
        ? "closed"
        : "open";
  return (
    <g transform={`translate(${item.x} ${item.y})`}>
      <g
        {...press(() => {
          drawn.onHold({ kind: "component", id: item.component });
        })}
        aria-label={`${item.mark}, ${item.name}${component?.part ? `, ${component.part}` : ""}${drawn.bench ? `, ${state}` : ""}`}
        className="cursor-pointer"
      >
        <rect x={-24} y={-30} width={48} height={72} rx={3} className={held ? "fill-sunk" : "fill-transparent"} />
        {lit && item.symbol !== "coil" && !isFan && <path d="M-26 0H26" className="glow" />}
        {item.symbol === "coil" && relay?.isPulledIn && (
          <rect x={-16} y={-12} width={32} height={24} className="fill-lamp opacity-50" />
        )}
        {isFan && fan?.isTurning ? (
          <Blades speedShare={fan.speedShare} />
        ) : (
          <Shapes shapes={item.shapes} isClosed={pass?.conducts ?? false} />
        )}
        <text y={36} textAnchor="middle" className="fill-ink text-[15px] font-bold">
          {item.mark}
          {worst !== undefined && (
            <tspan className={worst === "danger" ? "fill-danger" : "fill-warning"}>
              {worst === "danger" ? " ▲" : " ◆"}
            </tspan>
          )}
        </text>
        {item.figure && (
          <text y={52} textAnchor="middle" className="fill-muted text-[13px]">
            {show(item.figure.value, kindOf(item.figure.unit))}
          </text>
        )}
      </g>
      <g transform={`translate(${-item.x} ${-item.y})`}>
        {item.terminals.map((terminal) => (
          <Terminal
            key={terminal.id}
            terminal={terminal}
            label={terminal.number}
            isLeft={terminal.x < item.x}
            drawn={drawn}
          />
        ))}
      </g>
    </g>
  );
}

interface TerminalProps {
  terminal: DrawnTerminal;
  label?: string | undefined;
  /** Which side of its part it is on: its number stands clear of the part. */
  isLeft?: boolean;
  drawn: Drawn;
}

function Terminal({ terminal, label, isLeft = true, drawn }: TerminalProps) {
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
