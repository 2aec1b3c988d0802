import { useState } from "react";
import type { Handover, HandoverTest } from "../api/generated/handover";
import { ThreadDrawing } from "../drawing/ThreadDrawing";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { Toggle } from "../kit/Toggle";
import { Diagnosis } from "./Diagnosis";
import { TestRow } from "./TestRow";
import type { Records } from "./useRecords";

const PHASES: { phase: HandoverTest["phase"]; name: string }[] = [
  { phase: "before-power", name: "Before power" },
  { phase: "cold", name: "Cold, battery on" },
  { phase: "warm", name: "Warm" },
  { phase: "road", name: "On the road" },
  { phase: "later", name: "A week and a season later" },
];

interface Props {
  handover: Handover;
  records: Records;
}

/** Every test in order, with what it should read, a place for what it does, and what a wrong one means. */
export function TestsPart({ handover, records }: Props) {
  const { job } = useJob();
  const [shown, setShown] = useState<string[]>([]);
  const [hasBadJoint, setBadJoint] = useState(false);
  const { lacks } = handover;
  return (
    <div className="grid gap-4">
      <div className="panel flex flex-wrap items-center gap-x-6 gap-y-2">
        <p className="mr-auto">
          <b>
            {handover.tests.length - lacks.tests} of {handover.tests.length} read
          </b>
          {lacks.failing > 0 && <span className="ml-3 font-semibold text-danger">▲ {lacks.failing} outside</span>}
          {lacks.outdated > 0 && (
            <span className="ml-3 font-semibold text-warning">
              ◆ {lacks.outdated} of another version of the job: read again
            </span>
          )}
        </p>
        <Toggle label="Simulated vehicle with a bad joint" isOn={hasBadJoint} onChange={setBadJoint} />
      </div>
      <Diagnosis handover={handover} records={records} hasBadJoint={hasBadJoint} onShow={setShown} />
      {shown.length > 0 && (
        <div className="sticky top-16 z-10 max-h-[45vh] overflow-auto print:hidden">
          <Panel
            title="Where the leads go"
            aside={
              <Button
                onClick={() => {
                  setShown([]);
                }}
              >
                Close
              </Button>
            }
          >
            <ThreadDrawing
              design={job.design}
              bench={undefined}
              format="wide"
              held={shown.map((id) => ({ kind: id.includes(":") ? "terminal" : "wire", id }))}
              onHold={() => undefined}
            />
          </Panel>
        </div>
      )}
      {PHASES.map(({ phase, name }) => {
        const tests = handover.tests.filter((test) => test.phase === phase);
        return tests.length === 0 ? null : (
          <Panel
            key={phase}
            title={name}
            aside={
              <span className="text-sm text-muted">about {tests.reduce((sum, test) => sum + test.minutes, 0)} min</span>
            }
          >
            <ol className="grid gap-3">
              {tests.map((test, at) => (
                <TestRow
                  key={test.id}
                  test={test}
                  isSameSetting={tests[at - 1]?.setting.join() === test.setting.join()}
                  reading={handover.readings[test.id]}
                  records={records}
                  hasBadJoint={hasBadJoint}
                  onShow={setShown}
                />
              ))}
            </ol>
          </Panel>
        );
      })}
    </div>
  );
}
