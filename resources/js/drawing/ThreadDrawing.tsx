import type { KeyboardEvent } from "react";
import type { DrawnThread } from "../api/generated/saved-job";
import { DrawnItem } from "./DrawnItem";
import { DrawnTerminal } from "./DrawnTerminal";
import { DrawnWire } from "./DrawnWire";
import type { Drawn, DrawingProps } from "./drawn";
import { Share } from "./Share";
import { Shapes } from "./symbols";

/** The threads as the core laid them out, lit as the bench has them. */
export function ThreadDrawing(props: DrawingProps) {
  const { design, format } = props;
  const drawing = design.drawings[format];
  const drawn: Drawn = {
    ...props,
    names: Object.fromEntries(design.terminals.map((terminal) => [terminal.id, terminal.name])),
    worst: Object.fromEntries(
      [...design.findings]
        .filter((finding) => finding.severity !== "note" && finding.accepted === null)
        .reverse()
        .map((finding) => [finding.subject, finding.severity]),
    ),
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
        <DrawnWire key={`${wire.x1}`} wire={wire} drawn={drawn} />
      ))}
      {thread.items.map((item) => (
        <DrawnItem key={item.path} item={item} drawn={drawn} />
      ))}
      {end.kind === "earth" && (
        <g transform={`translate(${end.terminal.x} ${y})`}>
          <Shapes shapes={end.shapes} isClosed={false} />
          <text x={0} y={34} textAnchor="middle" className="fill-ink text-[14px] font-bold">
            {end.label}
          </text>
          <Share
            share={drawn.shares?.[drawn.design.components.find(({ mark }) => mark === end.label)?.id ?? ""]}
            x={4}
            y={-26}
          />
        </g>
      )}
      {end.kind === "capped" && (
        <text x={end.terminal.x + 30} y={y + 34} textAnchor="end" className="fill-ink text-[14px] font-bold">
          {end.label}, capped
        </text>
      )}
      {end.kind === "open" && (
        <text x={end.terminal.x} y={y + 34} textAnchor="middle" className="fill-danger text-[14px] font-bold">
          ✕ open
        </text>
      )}
      {start.kind === "supply" && (
        <text x={start.terminal.x} y={y - 27} textAnchor="middle" className="fill-ink font-mono text-[12px]">
          {start.label}
        </text>
      )}
      <DrawnTerminal terminal={start.terminal} drawn={drawn} />
      <DrawnTerminal terminal={end.terminal} drawn={drawn} />
    </g>
  );
}
