import type { ReactNode } from "react";
import { Link } from "react-router";
import { useJob } from "../job/JobContext";
import { Panel } from "../kit/Panel";
import { Choose } from "../job/Choose";
import { QuantityField } from "../job/QuantityField";
import { TextField } from "../job/TextField";
import { unbroken } from "../kit/units";
import { useFindings } from "../findings/useProof";
import { FindingCard } from "../findings/FindingCard";
import { Changed } from "./Changed";
import { Fans } from "./Fans";
import { FitFields } from "./FitFields";
import { Lengths } from "./Lengths";
import { Stages } from "./Stages";
import { AirConditioning } from "./AirConditioning";
import { FeedsAndEarth } from "./FeedsAndEarth";
import { Overrides } from "./Overrides";

/** What only the installer knows, in the order of the work. */
export function Brief() {
  const { job } = useJob();
  const { file, design } = job;
  const { findings, stateOf, isStale } = useFindings();
  const { supply, cooling } = file;

  return (
    <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_19.5rem]">
      <div className="grid gap-4">
        <Panel title="1  The vehicle">
          <Fields>
            <TextField path="/job/title" label="Job" value={file.job.title} />
            <TextField path="/job/customer" label="Customer" value={file.job.customer ?? ""} />
            <div className="sm:col-span-2">
              <TextField path="/job/vehicle" label="Vehicle" value={file.job.vehicle ?? ""} />
            </div>
          </Fields>
          <TextField
            path="/job/notes"
            label="What the owner complains of, what is there now"
            value={file.job.notes ?? ""}
            lines={3}
          />
        </Panel>

        <Panel title="2  Supply">
          <Choose label="System voltage" value={job.form.system.value} options={job.form.system.options} />
          <Fields>
            <QuantityField path="/supply/restingV" label="Battery at rest" kind="V" value={supply.restingV} />
            <QuantityField path="/supply/chargingV" label="Charging" kind="V" value={supply.chargingV} />
            <QuantityField path="/supply/crankingV" label="While cranking" kind="V" value={supply.crankingV} />
            <QuantityField path="/supply/batteryAh" label="Battery size" kind="Ah" value={supply.batteryAh} />
            <QuantityField
              path="/supply/batteryMilliohm"
              label="Battery resistance"
              kind="mΩ"
              value={supply.batteryMilliohm}
            />
            <QuantityField
              path="/supply/alternatorIdleA"
              label="Alternator at idle"
              kind="A"
              value={supply.alternatorIdleA}
            />
            <QuantityField
              path="/supply/alternatorRatedA"
              label="Alternator rated"
              kind="A"
              value={supply.alternatorRatedA}
            />
            <QuantityField path="/supply/baseLoadA" label="Everything else on" kind="A" value={supply.baseLoadA} />
          </Fields>
        </Panel>

        <Panel title="3  Cooling">
          <Fields>
            <QuantityField
              path="/cooling/thermostatOpensC"
              label="Thermostat opens"
              kind="temperature"
              value={cooling.thermostatOpensC}
            />
            <QuantityField
              path="/cooling/ceilingC"
              label="Must stay below"
              kind="temperature"
              value={cooling.ceilingC}
            />
            <QuantityField path="/cooling/coolantLitres" label="Coolant" kind="l" value={cooling.coolantLitres} />
            <QuantityField path="/cooling/glycolPercent" label="Glycol" kind="%" value={cooling.glycolPercent} />
            <QuantityField path="/cooling/capKpa" label="Cap" kind="kPa" value={cooling.capKpa} />
            <QuantityField
              path="/cooling/clearanceMm"
              label="Room behind the core"
              kind="depth"
              value={cooling.clearanceMm}
            />
          </Fields>
          <FitFields />
        </Panel>

        <Fans />
        <Stages />
        <AirConditioning />
        <Overrides />
        <FeedsAndEarth />
        <Lengths />
        <Link
          to="../threads"
          relative="path"
          className="grid min-h-12 place-items-center rounded-[3px] bg-accent px-4 font-semibold text-on-accent"
        >
          See the threads
        </Link>
      </div>

      <aside className="grid content-start gap-4 self-start lg:sticky lg:top-20">
        <Panel title="What it changes">
          <Changed />
        </Panel>
        <Panel title="As it stands">
          <dl>
            {design.choices.map((choice) => (
              <div key={choice.id} className="flex justify-between gap-3 border-b border-line py-1.5">
                <dt className="text-sm text-muted">{choice.name}</dt>
                <dd className="text-right font-semibold">{unbroken(choice.label)}</dd>
              </div>
            ))}
          </dl>
        </Panel>
        {findings.length > 0 && (
          <Panel title="Findings" aside={isStale && <span className="text-sm text-muted">Proving …</span>}>
            <div className="grid gap-2">
              {findings.map((finding) => (
                <FindingCard key={finding.code + finding.subject} finding={finding} state={stateOf(finding)} />
              ))}
            </div>
          </Panel>
        )}
      </aside>
    </div>
  );
}

function Fields({ children }: { children: ReactNode }) {
  return <div className="my-3 grid gap-3 sm:grid-cols-2 xl:grid-cols-3">{children}</div>;
}
