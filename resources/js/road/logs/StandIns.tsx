import { useState } from "react";
import { api } from "../../api/client";
import { useJob } from "../../job/JobContext";
import { Button } from "../../kit/Button";
import { Toggle } from "../../kit/Toggle";

const FAULTS = [
  { value: "drop-outs", label: "drops out" },
  { value: "one-second-steps", label: "whole seconds" },
  { value: "wrong-unit", label: "does not say its units" },
];

interface Props {
  onRecorded: (file: File) => void;
  onWrong: (error: unknown) => void;
}

/** Simulated devices that record a climb in a vehicle that is a little other than the job tells: for trying and for teaching. */
export function StandIns({ onRecorded, onWrong }: Props) {
  const { job } = useJob();
  const [faults, setFaults] = useState<string[]>([]);
  const record = (device: string) => {
    api.recordWithStandIn(job.id, device, { drive: "5-climb", faults: faults.join(",") }).then(onRecorded, onWrong);
  };
  return (
    <div className="flex flex-wrap items-center gap-3">
      <span className="text-muted">or record a climb with a</span>
      <Button
        onClick={() => {
          record("logger");
        }}
      >
        Simulated logger
      </Button>
      <Button
        onClick={() => {
          record("scan-tool");
        }}
      >
        Simulated scan tool
      </Button>
      <fieldset className="flex flex-wrap items-center gap-2">
        <legend className="sr-only">What is wrong with it</legend>
        {FAULTS.map((fault) => (
          <Toggle
            key={fault.value}
            label={fault.label}
            isOn={faults.includes(fault.value)}
            onChange={(isOn) => {
              setFaults((now) => (isOn ? [...now, fault.value] : now.filter((one) => one !== fault.value)));
            }}
          />
        ))}
      </fieldset>
    </div>
  );
}
