import type { AdviceOfPolicy, SetPointAdvice } from "../api/generated/road-advice";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { SegmentedControl } from "../kit/SegmentedControl";
import { useText, useTexts } from "../kit/messages";
import { digits, useShown } from "../kit/units";
import { changesOf, LABELS, type Setting } from "./settings";

interface Props {
  /** Undefined while it is driven. */
  advice: AdviceOfPolicy[] | undefined;
  boilsC: number;
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
export function AdvicePanel({ advice: all, boilsC, setting, onSetting }: Props) {
  const { job, change } = useJob();
  const show = useShown();
  const texts = useTexts();
  const [policy, gap] = setting.split("-");
  const advice = all?.find((one) => one.policy === policy && one.gap === gap);
  const present = all?.[0]?.stages ?? [];
  const changes = changesOf(setting, all ?? [], job.file);
  const settings: Setting[] = [
    "none",
    ...(present.length > 0 ? (["cool-wide", "cool-narrow", "maker-wide", "maker-narrow"] as const) : []),
    job.file.control.afterRun == null ? "after-run" : "no-after-run",
  ];
  return (
    <Panel title="Set points">
      <div className="grid gap-3">
        {all === undefined && <p className="text-muted">Set points are being driven…</p>}
        {all?.length === 0 && <p className="text-muted">No temperature decides here.</p>}
        {present.map((stage) => (
          <p key={stage.stage} className={stage.verdicts.length > 0 ? "font-semibold text-warning" : ""}>
            Stage {stage.stage + 1} now:{" "}
            {stage.verdicts.length === 0 ? "sound." : `◆ ${texts(stage, "verdicts").join(" ")}`}
          </p>
        ))}
        <p className="text-sm text-muted">The coolant boils at {show(boilsC, "temperature")} under its cap.</p>
        <SegmentedControl
          label="Drive beside it"
          value={setting}
          options={settings.map((one) => ({ value: one, label: LABELS[one], fits: FITS[one] }))}
          onChange={onSetting}
        />
        {advice !== undefined && (
          <>
            {advice.widenedToK !== null && (
              <p className="text-sm">
                The gap is wider than asked for: a narrower one would wear a relay out within six years.
              </p>
            )}
            {advice.stages.map((stage) => (
              <Stage key={stage.stage} stage={stage} />
            ))}
            <p className="text-sm">
              Driven in town and in the queue: at most {show(advice.peakC, "temperature")},{" "}
              {digits(advice.startsPerHour)} starts of fans an hour
              {advice.relayYears === null
                ? "; no relay wears."
                : `; the first relay lasts ${digits(Math.min(advice.relayYears, 99))} years.`}
            </p>
          </>
        )}
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
      {stage.switch !== null && <p className="text-sm">Fixed switch: {stage.switch}</p>}
      {!stage.isToBeHad && (
        <p className="text-sm font-semibold text-warning">
          ◆ No fixed switch on the shelf works here. These are what an adjustable thermostat would be set to.
        </p>
      )}
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
