import type { Road, SetPointAdvice } from "../api/generated/road";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { SegmentedControl } from "../kit/SegmentedControl";
import { useText, useTexts } from "../kit/messages";
import { useShown } from "../kit/units";
import { changesOf, LABELS, type Setting } from "./settings";

interface Props {
  road: Road;
  setting: Setting;
  onSetting: (setting: Setting) => void;
}

const FITS: Record<Setting, string> = {
  none: "Only the job as it stands.",
  "cool-wide": "The fan comes in as soon as it can help; few starts, long runs.",
  "cool-narrow": "The fan comes in as soon as it can help; steadier temperature, many starts.",
  "maker-wide": "Warm, as emissions and economy want it; the fan mostly rests.",
  "maker-narrow": "Warm and steady; starts often when it works.",
  "after-run": "A time relay runs the fan four minutes after the key is out.",
  "no-after-run": "Shows what heat soak does without it.",
};

/** Set points proposed, with what bounds them; one press drives them beside the present ones, another takes them. */
export function AdvicePanel({ road, setting, onSetting }: Props) {
  const { job, change } = useJob();
  const show = useShown();
  const texts = useTexts();
  const [policy, gap] = setting.split("-");
  const advice = road.advice.find((one) => one.policy === policy && one.gap === gap);
  const present = road.advice[0]?.stages ?? [];
  const changes = changesOf(setting, road.advice, job.file);
  const settings: Setting[] = [
    "none",
    ...(present.length > 0 ? (["cool-wide", "cool-narrow", "maker-wide", "maker-narrow"] as const) : []),
    job.file.control.afterRun == null ? "after-run" : "no-after-run",
  ];
  return (
    <Panel title="Set points">
      <div className="grid gap-3">
        {present.length === 0 && <p className="text-muted">No temperature decides here.</p>}
        {present.map((stage) => (
          <p key={stage.stage} className={stage.verdicts.length > 0 ? "font-semibold text-warning" : ""}>
            Stage {stage.stage + 1} now:{" "}
            {stage.verdicts.length === 0 ? "sound." : `◆ ${texts(stage, "verdicts").join(" ")}`}
          </p>
        ))}
        <p className="text-sm text-muted">The coolant boils at {show(road.boilsC, "temperature")} under its cap.</p>
        <SegmentedControl
          label="Drive beside it"
          value={setting}
          options={settings.map((one) => ({ value: one, label: LABELS[one], fits: FITS[one] }))}
          onChange={onSetting}
        />
        {advice?.stages.map((stage) => (
          <Stage key={stage.stage} stage={stage} />
        ))}
        {Object.keys(changes).length > 0 && (
          <Button tone="strong" onClick={() => void change({ label: "Set points", changes })}>
            Apply
          </Button>
        )}
      </div>
    </Panel>
  );
}

function Stage({ stage }: { stage: SetPointAdvice }) {
  const show = useShown();
  const text = useText();
  return (
    <section className="border-l-4 border-l-line bg-sunk p-3" aria-label={`Stage ${stage.stage + 1}`}>
      <h3 className="font-bold">
        Stage {stage.stage + 1}: on {show(stage.onC, "temperature")}, off {show(stage.offC, "temperature")}
      </h3>
      {stage.switch !== null && <p className="text-sm">Nearest fixed switch that works: {stage.switch}</p>}
      <dl className="mt-1 text-sm">
        {stage.bounds.map((bound) => (
          <div key={bound.what} className="border-t border-line py-1">
            <dt className="flex justify-between gap-2 font-semibold">
              {text(bound, "what")} <span className="whitespace-nowrap">{show(bound.valueC, "temperature")}</span>
            </dt>
            <dd className="text-muted">{text(bound, "says")}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
