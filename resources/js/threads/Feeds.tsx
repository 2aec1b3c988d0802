import type { Design, JobFile } from "../api/generated/saved-job";
import { Panel, Pick } from "../kit/controls";
import { DropLadder } from "./DropLadder";
import { TimeCurrentPlot } from "./TimeCurrentPlot";

interface Props {
  design: Design;
  file: JobFile;
  /** Reel that is looked at. */
  reel: string;
  onReel: (reel: string) => void;
}

/** One feed at a time: when its fuse opens, and where its volts go. */
export function Feeds({ design, file, reel, onReel }: Props) {
  const protection = design.protection.find((one) => one.reel === reel) ?? design.protection[0];
  const ladder = design.ladders.find((one) => one.reel === protection?.reel);
  if (protection === undefined) {
    return null;
  }
  return (
    <Panel title="Feeds">
      <Pick
        hideLabel
        label="Feed"
        value={protection.reel}
        options={design.protection.map((one) => ({ value: one.reel, label: one.name }))}
        onPick={onReel}
      />
      <div className="mt-4 grid gap-6 2xl:grid-cols-2">
        <div>
          <h3 className="mb-2 font-bold">When {protection.fuse} opens</h3>
          <TimeCurrentPlot protection={protection} />
        </div>
        {ladder !== undefined && (
          <div>
            <h3 className="mb-2 font-bold">Where the volts go</h3>
            <DropLadder ladder={ladder} limitPercent={file.wiring.dropLimitPercent} systemV={file.supply.systemV} />
          </div>
        )}
      </div>
    </Panel>
  );
}
