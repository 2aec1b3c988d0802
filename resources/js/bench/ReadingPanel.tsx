import type { Bench } from "../api/generated/bench";
import type { Design } from "../api/generated/saved-job";
import { useText } from "../kit/messages";
import { digits, volts } from "../kit/units";
import type { Held } from "../drawing/drawn";

interface Props {
  design: Design;
  bench: Bench | undefined;
  held: Held[];
  /** Of the vehicle: at so many volts the lamp is fully lit. */
  systemV: number;
  tool?: "lamp" | "meter" | "ohm";
}

/** What the lamp shows at a terminal, or the meter between two, or the clamp round a wire. */
export function ReadingPanel({ design, bench, held, systemV, tool = "lamp" }: Props) {
  const [first, second] = held.filter((one) => one.kind === "terminal");
  const wire = held.find((one) => one.kind === "wire");
  const text = useText();
  const name = (id: string) => design.terminals.find((terminal) => terminal.id === id)?.name ?? id;
  if (bench === undefined) {
    return null;
  }
  if (wire !== undefined) {
    const row = design.wires.find((candidate) => candidate.id === wire.id);
    return (
      <Shown title={`Clamp round ${wire.id}`} reading={`${digits(bench.wires[wire.id]?.currentA ?? 0)} A`}>
        {row &&
          `${row.from} to ${row.to}, ${row.colourName}, ${row.size}. At most ${digits(row.greatestA)} A in any condition.`}
      </Shown>
    );
  }
  if (first === undefined) {
    return <p className="text-muted">Touch a terminal, a wire or a part on the drawing.</p>;
  }
  const reading = bench.terminals[first.id];
  if (reading === undefined) {
    return null;
  }
  if (second !== undefined && tool === "ohm") {
    return (
      <Shown
        title={`Ohms, ${name(first.id)} to ${name(second.id)}`}
        reading={bench.ohm === null ? "open" : `${digits(bench.ohm)} Ω`}
      >
        With the battery taken off, everything standing as it does now.
      </Shown>
    );
  }
  if (second !== undefined) {
    const across = reading.volts - (bench.terminals[second.id]?.volts ?? 0);
    return (
      <Shown title={`Meter, ${name(first.id)} to ${name(second.id)}`} reading={volts(across)}>
        Red lead on {name(first.id)}, black lead on {name(second.id)}.
      </Shown>
    );
  }
  const share = Math.min(1, Math.abs(reading.volts) / systemV);
  return (
    <div className="flex gap-3">
      <svg
        viewBox="0 0 40 56"
        className="h-20 shrink-0"
        role="img"
        aria-label={share > 0.08 ? "Lamp lit" : "Lamp dark"}
      >
        <path d="M20 40V56" className="stroke-ink" strokeWidth={2} />
        {share > 0.08 && <circle cx={20} cy={20} r={19} className="fill-lamp" opacity={share * 0.55} />}
        <circle
          cx={20}
          cy={20}
          r={13}
          className={share > 0.08 ? "fill-lamp stroke-ink" : "fill-panel stroke-ink"}
          strokeWidth={2}
        />
        <path d="M13 33H27V40H13Z" className="fill-ink" />
      </svg>
      <Shown title={`Lamp on ${name(first.id)}`} reading={`${volts(reading.volts)} to earth`}>
        {text(reading, "because")}
      </Shown>
    </div>
  );
}

function Shown({ title, reading, children }: { title: string; reading: string; children: React.ReactNode }) {
  return (
    <div aria-live="polite">
      <p className="text-sm text-muted">{title}</p>
      <p className="font-mono text-2xl font-bold">{reading}</p>
      <p className="mt-1 text-[0.95rem]">{children}</p>
    </div>
  );
}
