import { useState } from "react";
import { useSearchParams } from "react-router";
import type { BenchSettingInput } from "../api/client";
import { useJob } from "../job/JobContext";
import { capital } from "../kit/capital";
import { Panel } from "../kit/Panel";
import { SegmentedControl } from "../kit/SegmentedControl";
import { digits, shown, useUnits, volts } from "../kit/units";
import { benchStart } from "../findings/benchLink";
import { FateKey, fatesOf } from "../drawing/altered";
import type { Held } from "../drawing/drawn";
import { ThreadDrawing } from "../drawing/ThreadDrawing";
import { useFormat } from "../drawing/useFormat";
import { Breaking } from "./Breaking";
import { CoolantSlider } from "./CoolantSlider";
import { DelayClock } from "./DelayClock";
import { ReadingPanel } from "./ReadingPanel";
import { useBench } from "./useBench";

type Tool = "lamp" | "meter" | "ohm";

const IDLE_RPM = 850;

/** Turn the key, warm the coolant, throw the switches, and watch. */
export function Bench() {
  const { job } = useJob();
  const { design } = job;
  const format = useFormat();
  const [query] = useSearchParams();
  const [start] = useState(() => benchStart(query, { key: "run", engineRpm: IDLE_RPM, coolantC: 70 }));
  const [setting, setSetting] = useState<BenchSettingInput>(start.setting);
  const [tool, setTool] = useState<Tool>("lamp");
  const [held, setHeld] = useState<Held[]>([]);
  // A vehicle as it was found begins with what is wrong with it.
  const [faults, setFaults] = useState<Record<string, string>>(() =>
    job.state === "found" && Object.keys(start.faults).length === 0
      ? Object.fromEntries(job.form.wrong.map((one) => [one.id, one.kind]))
      : start.faults,
  );
  const terminals = held.filter((one) => one.kind === "terminal");
  const { bench, failure } = useBench(
    {
      set: setting,
      faults,
      leads: tool === "ohm" && terminals[0] && terminals[1] ? [terminals[0].id, terminals[1].id] : null,
    },
    start.memory,
  );
  const set = (change: Partial<BenchSettingInput>) => {
    setSetting((now) => ({ ...now, ...change }) as BenchSettingInput);
  };
  const hold = (next: Held) => {
    setHeld((now) => {
      const leads = now.filter((one) => one.kind === "terminal");
      return tool !== "lamp" && next.kind === "terminal" && leads.length === 1 ? [...leads, next] : [next];
    });
  };

  return (
    <div className="grid gap-4 lg:grid-cols-[17.5rem_minmax(0,1fr)]">
      <section className="panel grid content-start gap-4" aria-label="Inputs">
        <SegmentedControl
          label="Key"
          value={setting.key}
          options={[
            { value: "off", label: "Off" },
            { value: "run", label: "Run" },
            { value: "crank", label: "Crank" },
          ]}
          onChange={(key) => {
            set({
              key,
              ...(key === "run" ? {} : { engineRpm: 0 }),
              ...(key === "off" && design.bench.delayS !== null ? { elapsedS: 0 } : {}),
            });
          }}
        />
        <SegmentedControl
          label="Engine, rpm"
          value={setting.engineRpm === 0 ? "stands" : setting.engineRpm === IDLE_RPM ? "idle" : "fast"}
          options={[
            { value: "stands", label: "Stands" },
            { value: "idle", label: "Idle" },
            { value: "fast", label: "3000" },
          ]}
          onChange={(speed) => {
            set({
              key: speed === "stands" ? setting.key : "run",
              engineRpm: { stands: 0, idle: IDLE_RPM, fast: 3000 }[speed],
            });
          }}
        />
        <CoolantSlider
          value={setting.coolantC}
          marks={design.bench.marks}
          onChange={(coolantC) => {
            set({ coolantC });
          }}
        />
        {design.bench.inputs.map((one) => (
          <SegmentedControl
            key={one.id}
            label={one.label}
            value={String(setting[one.id] ?? one.positions[0])}
            options={one.positions.map((position, at) => ({
              value: position,
              label: capital(one.positionNames[at] ?? position),
            }))}
            onChange={(position) => {
              set({ [one.id]: position });
            }}
          />
        ))}
        {design.bench.delayS !== null && (
          <DelayClock
            delayS={design.bench.delayS}
            elapsedS={typeof setting.elapsedS === "number" ? setting.elapsedS : undefined}
            onElapsed={(elapsedS) => {
              set({ elapsedS });
            }}
          />
        )}
        {failure !== undefined && (
          <p role="alert" className="font-semibold text-danger">
            {failure}
          </p>
        )}
      </section>
      <div className="grid content-start gap-4">
        <section className="panel">
          {bench?.isSettled === false && (
            <p role="alert" className="mb-2 font-bold text-danger">
              ▲ Chattering: {bench.chattering.join(", ")} never comes to rest.
            </p>
          )}
          <ThreadDrawing design={design} bench={bench} format={format} held={held} onHold={hold} fates={fatesOf(job)} />
          <FateKey fates={fatesOf(job)} />
        </section>
        <div className="grid gap-4 md:grid-cols-2">
          <Panel
            title="Held on it"
            aside={
              <SegmentedControl
                hideLabel
                label="Instrument"
                value={tool}
                options={[
                  { value: "lamp", label: "Lamp" },
                  { value: "meter", label: "Volts" },
                  { value: "ohm", label: "Ohms" },
                ]}
                onChange={(picked) => {
                  setTool(picked);
                  setHeld([]);
                }}
              />
            }
          >
            <ReadingPanel design={design} bench={bench} held={held} tool={tool} systemV={job.file.supply.systemV} />
            <Breaking design={design} held={held} faults={faults} setFaults={setFaults} />
          </Panel>
          <Panel title="What it does">
            <CircuitState bench={bench} />
          </Panel>
        </div>
      </div>
    </div>
  );
}

function CircuitState({ bench }: { bench: ReturnType<typeof useBench>["bench"] }) {
  const { units } = useUnits();
  if (bench === undefined) {
    return <p className="text-muted">Solving …</p>;
  }
  const rows = [
    ...Object.entries(bench.fans).map(([id, fan]) => ({
      id,
      name: `${fan.mark} ${fan.name}`,
      does: fan.isTurning
        ? `${digits(fan.speedShare * 100)} % of rated speed, ${digits(fan.flowM3h)} m³/h, ${digits(fan.currentA)} A at ${volts(fan.volts)}`
        : "at rest",
    })),
    ...Object.entries(bench.relays).map(([id, relay]) => ({
      id,
      name: `${relay.mark} ${relay.name}`,
      does: `${relay.isPulledIn ? "pulled in" : "released"}, coil ${volts(relay.coilV)}`,
    })),
    {
      id: "supply",
      name: "Battery",
      does: `${volts(bench.batteryV)}, ${bench.batteryA >= 0 ? `gives ${digits(bench.batteryA)} A` : `takes ${digits(-bench.batteryA)} A`}`,
    },
    { id: "alternator", name: "Alternator", does: `gives ${digits(bench.alternatorA)} A` },
    {
      id: "coolant",
      name: "Coolant",
      does: `${digits(shown(bench.setting.coolantC, "temperature", units).value)} ${units.temperature}`,
    },
  ];
  return (
    <dl className="grid gap-1">
      {rows.map((row) => (
        <div key={row.id} className="flex flex-wrap justify-between gap-x-3 border-b border-line py-1">
          <dt className="font-semibold">{row.name}</dt>
          <dd className="font-mono text-[0.9rem]">{row.does}</dd>
        </div>
      ))}
    </dl>
  );
}
