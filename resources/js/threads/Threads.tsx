import { useState } from "react";
import type { BenchSettingInput } from "../api/client";
import type { Design, Finding, WireRow } from "../api/generated/saved-job";
import { useJob } from "../job/JobContext";
import { ReadingPanel } from "../bench/ReadingPanel";
import { useBench } from "../bench/useBench";
import { Panel } from "../kit/Panel";
import { SegmentedControl } from "../kit/SegmentedControl";
import { unbroken } from "../kit/units";
import { useFindings } from "../findings/useProof";
import { ChoicePanel } from "./ChoicePanel";
import { CircuitTable } from "./CircuitTable";
import { Feeds } from "./Feeds";
import { FindingCard } from "../findings/FindingCard";
import { FindingList } from "../findings/FindingList";
import { SupplyPanel } from "./SupplyPanel";
import { FateKey, fatesOf } from "../drawing/altered";
import type { Held } from "../drawing/drawn";
import { ThreadDrawing } from "../drawing/ThreadDrawing";
import { useFormat } from "../drawing/useFormat";

type Shown = "out" | "cold" | "hot";

/** The circuit, its parts, sizes and reasons; findings beside what they are about. */
export function Threads() {
  const { job } = useJob();
  const { design } = job;
  const format = useFormat();
  const [shown, setShown] = useState<Shown>("hot");
  const [held, setHeld] = useState<Held[]>([]);
  const [group, setGroup] = useState(`${job.file.fans[0].id}-wire`);
  const { bench } = useBench({ set: settingOf(shown, design) });
  const [first] = held;
  const choice = choiceFor(first, design);
  const { findings, stateOf, isStale } = useFindings();
  const about = first && findings.filter((finding) => isAbout(finding.subject, first, design));
  const rest = findings.filter((finding) => !about?.includes(finding));
  const card = (finding: Finding) => <FindingCard key={finding.key} finding={finding} state={stateOf(finding)} />;

  return (
    <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_19.5rem]">
      <div className="grid content-start gap-4">
        <section className="panel">
          <div className="mb-2 flex flex-wrap items-end justify-between gap-3">
            <SegmentedControl
              hideLabel
              label="State shown"
              value={shown}
              options={[
                { value: "out", label: "Key out" },
                { value: "cold", label: "Running, cold" },
                { value: "hot", label: "Running, hot" },
              ]}
              onChange={setShown}
            />
            <Legend />
          </div>
          <ThreadDrawing
            design={design}
            bench={bench}
            format={format}
            held={held}
            fates={fatesOf(job)}
            onHold={(next) => {
              setHeld([next]);
              setGroup((now) => groupOf(next, design) ?? now);
            }}
          />
          <FateKey fates={fatesOf(job)} />
        </section>
        <Feeds design={design} file={job.file} group={group} onGroup={setGroup} />
        <SupplyPanel supply={design.supply} />
        <CircuitTable design={design} bench={bench} />
      </div>
      <aside className="grid content-start gap-4 self-start">
        {first && (
          <Panel title={first.kind === "terminal" ? "Lamp" : "Chosen"}>
            {first.kind !== "component" && (
              <ReadingPanel design={design} bench={bench} held={held} systemV={job.file.supply.systemV} />
            )}
            {choice && (
              <div className={first.kind === "component" ? "" : "mt-4 border-t border-line pt-3"}>
                <ChoicePanel key={choice.id} choice={choice} />
              </div>
            )}
            {first.kind === "component" && choice === undefined && (
              <p>{design.components.find((component) => component.id === first.id)?.name}</p>
            )}
            <div className="mt-3 grid gap-2">{about?.map(card)}</div>
          </Panel>
        )}
        <Panel title="Findings" aside={isStale && <span className="text-sm text-muted">Proving …</span>}>
          <FindingList findings={rest} stateOf={stateOf} className="grid gap-2" />
        </Panel>
        <Panel title="Chosen">
          <ul className="grid">
            {design.choices.map((one) => (
              <li key={one.id}>
                <button
                  type="button"
                  className="flex min-h-11 w-full items-baseline justify-between gap-3 border-b border-line py-2 text-left hover:bg-sunk"
                  onClick={() => {
                    setHeld([heldFor(one.id, design)]);
                    setGroup((now) => groupOf({ kind: "component", id: one.id }, design) ?? now);
                  }}
                >
                  <span className="text-sm text-muted">{one.name}</span>
                  <span className="text-right font-semibold">
                    {one.fits ? "" : "▲ "}
                    {unbroken(one.label)}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </Panel>
      </aside>
    </div>
  );
}

function Legend() {
  return (
    <ul className="flex flex-wrap gap-4 text-sm text-muted" aria-label="How wires are drawn">
      {(["carrying", "live", "dead"] as const).map((state) => (
        <li key={state} className="flex items-center gap-2">
          <svg aria-hidden viewBox="0 0 40 14" className="h-4 w-10">
            {state === "carrying" && <path d="M6 7H34" className="glow" />}
            <path d="M2 7H38" className={`wire ${state === "dead" ? "" : `wire-${state}`}`} />
          </svg>
          {{ carrying: "carries current", live: "live, no current", dead: "dead" }[state]}
        </li>
      ))}
    </ul>
  );
}

function settingOf(shown: Shown, design: Design): BenchSettingInput {
  const hottest = Math.max(...design.bench.marks.map((mark) => mark.onC));
  return {
    key: shown === "out" ? "off" : "run",
    engineRpm: shown === "out" ? 0 : 850,
    coolantC: shown === "hot" ? hottest : 20,
  };
}

function choiceFor(held: Held | undefined, design: Design) {
  const wire = held?.kind === "wire" ? design.wires.find((row) => row.id === held.id) : undefined;
  const id = held?.kind === "component" ? held.id : wire && judgedBy(wire);
  return design.choices.find((choice) => choice.id === id);
}

/** A wire that is there already is judged for itself, one that is cut with the rest of its group. */
function judgedBy(wire: WireRow): string {
  return wire.isThere ? `${wire.group}-${wire.stretch}` : wire.group;
}

/** The feed a wire or a fuse belongs to. */
function groupOf(held: Held, design: Design): string | undefined {
  const wire = design.wires.find((row) => row.id === held.id);
  return (
    wire?.group ??
    design.protection.find((one) => [one.group, one.group.replace(/-wire$/, "-fuse")].includes(held.id))?.group
  );
}

function heldFor(choiceId: string, design: Design): Held {
  const wire = design.wires.find((row) => judgedBy(row) === choiceId);
  return wire === undefined ? { kind: "component", id: choiceId } : { kind: "wire", id: wire.id };
}

function isAbout(subject: string, held: Held, design: Design): boolean {
  return held.kind === "wire"
    ? design.wires.find((row) => row.id === held.id)?.group === subject
    : subject === held.id || held.id.startsWith(`${subject}:`);
}
