import type { WireRow } from "../api/generated/saved-job";

/** A label for each end of each wire: its number, this end, the other. */
export function Labels({ wires }: { wires: WireRow[] }) {
  return (
    <ul className="grid grid-cols-2 gap-1.5 sm:grid-cols-4 print:grid-cols-6 print:gap-0.5" aria-label="Wire labels">
      {wires.flatMap((wire) =>
        [
          [wire.from, wire.to],
          [wire.to, wire.from],
        ].map(([here, there], end) => (
          <li
            key={`${wire.id}-${String(end)}`}
            className="break-inside-avoid border border-dashed border-line px-2 py-1"
          >
            <b className="font-mono">{wire.id}</b>
            <span className="block font-mono text-sm">
              {here} ▸ {there}
            </span>
          </li>
        )),
      )}
    </ul>
  );
}
