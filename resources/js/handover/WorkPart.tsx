import type { Handover, HandoverWork } from "../api/generated/handover";
import { Panel } from "../kit/Panel";
import { useText, useTexts } from "../kit/messages";
import { digits } from "../kit/units";
import type { Records } from "./useRecords";

interface Props {
  handover: Handover;
  records: Records;
}

/** The work step by step: what it takes, what must come before, ticked with the thumb. */
export function WorkPart({ handover, records }: Props) {
  const { work } = handover;
  const isDone = (step: string) =>
    records.waiting.findLast((record) => record.kind === "tick" && record.step === step)?.done ??
    handover.ticks[step]?.done ??
    false;
  const planned = work.reduce((sum, step) => sum + step.minutes, 0);
  const done = work.filter((step) => isDone(step.id));
  const times = done.map((step) => Date.parse(handover.ticks[step.id]?.at ?? "")).filter((at) => !Number.isNaN(at));
  const takenH = times.length > 1 ? (Math.max(...times) - Math.min(...times)) / 3_600_000 : 0;
  return (
    <Panel
      title="Work"
      aside={
        <span className="text-sm text-muted">
          {digits(planned / 60, 1)} h planned, {done.length} of {work.length} done
          {takenH > 0 && `, ${digits(takenH, 1)} h from the first tick to the last`}
        </span>
      }
    >
      <ol className="grid gap-2">
        {work.map((step) => (
          <WorkRow
            key={step.id}
            step={step}
            isDone={isDone(step.id)}
            before={step.needs.filter((need) => !isDone(need)).map((need) => work.find((one) => one.id === need))}
            tick={handover.ticks[step.id]}
            onTick={(isTicked) => {
              records.write({ kind: "tick", step: step.id, done: isTicked });
            }}
          />
        ))}
      </ol>
    </Panel>
  );
}

interface RowProps {
  step: HandoverWork;
  isDone: boolean;
  before: (HandoverWork | undefined)[];
  tick: Handover["ticks"][string] | undefined;
  onTick: (isTicked: boolean) => void;
}

function WorkRow({ step, isDone, before, tick, onTick }: RowProps) {
  const text = useText();
  const texts = useTexts();
  const needs = before.flatMap((one) => (one === undefined ? [] : [text(one, "title")]));
  const takes = [...texts(step, "tools"), ...texts(step, "consumables")];
  return (
    <li className={`border-l-4 py-1 pl-3 ${isDone ? "border-l-accent" : "border-l-line"}`}>
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="size-7 shrink-0 accent-accent"
          checked={isDone}
          onChange={(event) => {
            onTick(event.target.checked);
          }}
        />
        <span className="grow font-semibold">{text(step, "title")}</span>
        <span className="text-sm whitespace-nowrap text-muted">
          {digits(step.minutes)} min{step.isOwnMinutes && ", as here"}
          {step.hands > 1 && ", two people"}
        </span>
      </label>
      <div className="pl-10 text-[0.95rem]">
        <ul className="list-disc pl-4">
          {texts(step, "items").map((item) => (
            <li key={item}>{item}</li>
          ))}
        </ul>
        {needs.length > 0 && !isDone && <p className="text-sm text-warning">◆ First: {needs.join(", ")}.</p>}
        {step.waitsForCold && !isDone && <p className="text-sm text-warning">◆ Only cold.</p>}
        {step.caution !== null && <p className="text-sm text-warning">◆ {text(step, "caution")}</p>}
        {takes.length > 0 && <p className="text-sm text-muted">Takes {takes.join(", ")}.</p>}
        {tick?.done === true && (
          <p className="text-sm text-muted">
            {tick.by}, {new Date(tick.at).toLocaleString()}
          </p>
        )}
      </div>
    </li>
  );
}
