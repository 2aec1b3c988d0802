import type { Design, JobFile } from "../api/generated/saved-job";
import { Panel } from "../kit/Panel";
import { SegmentedControl } from "../kit/SegmentedControl";
import { DropLadder } from "./DropLadder";
import { TimeCurrentPlot } from "./TimeCurrentPlot";

interface Props {
  design: Design;
  file: JobFile;
  /** Reel that is looked at. */
  group: string;
  onGroup: (group: string) => void;
}

/** One feed at a time: when its fuse opens, and where its volts go. */
export function Feeds({ design, file, group, onGroup }: Props) {
  const protection = design.protection.find((one) => one.group === group) ?? design.protection[0];
  const ladder = design.ladders.find((one) => one.group === protection?.group);
  if (protection === undefined) {
    return null;
  }
  return (
    <Panel title="Feeds">
      <SegmentedControl
        hideLabel
        label="Feed"
        value={protection.group}
        options={design.protection.map((one) => ({ value: one.group, label: one.name }))}
        onChange={onGroup}
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
