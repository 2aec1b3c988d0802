import type { Drawing, DrawnThread } from "../api/generated/saved-job";
import { signOf, type Fate } from "./altered";
import { Shapes } from "./symbols";

interface Props {
  drawing: Drawing;
  /** What it shows, for those who do not see it. */
  label: string;
  /** Whether marks and titles are big enough to be read at the size it is shown. */
  hasText?: boolean;
  /** Threads shown, from the top. */
  most?: number;
  /** What becomes of parts and wires, where something was found. */
  fates?: Record<string, Fate>;
}

/** Room under the last thread that is shown. */
const BELOW = 50;

/** The threads to look at, not to work on: lines, symbols and marks. */
export function ThreadPicture({ drawing, label, hasText = true, most = Infinity, fates = {} }: Props) {
  const shown = drawing.threads.slice(0, most);
  const last = shown.at(-1);
  const height = last === undefined || shown.length === drawing.threads.length ? drawing.height : last.y + BELOW;
  return (
    <svg viewBox={`0 0 ${drawing.width} ${height}`} className="h-auto w-full" role="img" aria-label={label}>
      {shown.map((thread) => (
        <Thread key={thread.id} thread={thread} hasText={hasText} fates={fates} />
      ))}
    </svg>
  );
}

function Thread({ thread, hasText, fates }: { thread: DrawnThread; hasText: boolean; fates: Record<string, Fate> }) {
  const { start, end, y } = thread;
  return (
    <g>
      {hasText && (
        <text x={52} y={y - 40} className="fill-ink text-[17px] font-bold">
          {thread.title}
        </text>
      )}
      {start.kind === "supply" && (
        <path d={`M${start.terminal.x} ${y - 22}V${y + 22}`} className="stroke-ink" strokeWidth={5} />
      )}
      {thread.wires.map((wire) => (
        <path
          key={wire.x1}
          d={`M${wire.x1} ${wire.y}H${wire.x2}`}
          className="stroke-ink"
          strokeWidth={fates[wire.wire ?? ""] === "comes" ? 4 : 2}
          strokeDasharray={fates[wire.wire ?? ""] === "goes" ? "7 5" : undefined}
        />
      ))}
      {thread.items.map((item) => (
        <g key={item.path} transform={`translate(${item.x} ${item.y})`}>
          <Shapes shapes={item.shapes} isClosed={false} />
          {hasText && (
            <text y={36} textAnchor="middle" className="fill-ink text-[17px] font-bold">
              {item.mark}
              {signOf(fates[item.component])}
            </text>
          )}
        </g>
      ))}
      {end.kind === "earth" && (
        <g transform={`translate(${end.terminal.x} ${y})`}>
          <Shapes shapes={end.shapes} isClosed={false} />
        </g>
      )}
    </g>
  );
}
