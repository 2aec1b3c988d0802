import type { PlanChoices } from "../api/generated/plan-choices";
import { Panel } from "../kit/Panel";
import { SegmentedControl } from "../kit/SegmentedControl";
import { Toggle } from "../kit/Toggle";
import { useText } from "../kit/messages";
import type { Question } from "./question";

const SWITCHED_BY: Record<string, string> = {
  nothing: "Nothing yet",
  switch: "A thermal switch",
  computer: "The engine computer",
  amplifier: "An amplifier",
};
const COMPRESSORS: Record<string, string> = { none: "None", clutch: "Clutch", variable: "Variable" };
const OPEN = "open";

interface Props {
  choices: PlanChoices;
  question: Question;
  onChange: (question: Question) => void;
}

/** Complaints, what the vehicle has, and wishes. */
export function Asking({ choices, question, onChange }: Props) {
  const text = useText();
  return (
    <>
      <Panel title="What is complained of">
        <div className="grid">
          {choices.complaints.map((one) => (
            <Toggle
              key={one.id}
              label={text(one, "says")}
              isOn={question.complaints.includes(one.id)}
              onChange={(isOn) => {
                const complaints = question.complaints.filter((id) => id !== one.id);
                onChange({ ...question, complaints: isOn ? [...complaints, one.id] : complaints });
              }}
            />
          ))}
        </div>
      </Panel>
      <Panel title="What there is">
        <div className="grid gap-3">
          <SegmentedControl
            label="What switches the fan now"
            value={question.switchedBy}
            options={choices.switchedBy.map((value) => ({ value, label: SWITCHED_BY[value] ?? value }))}
            onChange={(switchedBy) => {
              onChange({ ...question, switchedBy });
            }}
          />
          <SegmentedControl
            label="Compressor of the air conditioning"
            value={question.compressor}
            options={choices.compressors.map((value) => ({ value, label: COMPRESSORS[value] ?? value }))}
            onChange={(compressor) => {
              onChange({ ...question, compressor });
            }}
          />
          <Most
            label="Parts may cost, at most"
            value={question.mostCost}
            onChange={(mostCost) => {
              onChange({ ...question, mostCost });
            }}
          />
          <Most
            label="Hours there are"
            value={question.mostHours}
            onChange={(mostHours) => {
              onChange({ ...question, mostHours });
            }}
          />
        </div>
      </Panel>
      <Panel title="Wishes">
        <div className="grid gap-2">
          {choices.wishes.map((wish) => (
            <label key={wish.id} className="grid grid-cols-[minmax(0,1fr)_7rem] items-center gap-2">
              <span>{text(wish, "says")}</span>
              <select
                className="field min-h-11 px-2"
                value={question.wishes[wish.id] ?? OPEN}
                onChange={(event) => {
                  const wishes = Object.fromEntries(Object.entries(question.wishes).filter(([id]) => id !== wish.id));
                  onChange({
                    ...question,
                    wishes: event.target.value === OPEN ? wishes : { ...wishes, [wish.id]: event.target.value },
                  });
                }}
              >
                <option value={OPEN}>Open</option>
                {choices.strengths.map((strength) => (
                  <option key={strength.id} value={strength.id}>
                    {text(strength, "says")}
                  </option>
                ))}
              </select>
            </label>
          ))}
        </div>
      </Panel>
    </>
  );
}

function Most(props: { label: string; value: number | null; onChange: (value: number | null) => void }) {
  return (
    <label className="grid gap-1">
      <span className="field-label mb-0">{props.label}</span>
      <input
        className="field min-h-11 px-3 font-mono"
        inputMode="decimal"
        placeholder="any"
        defaultValue={props.value ?? ""}
        onBlur={(event) => {
          const value = Number.parseFloat(event.target.value.replace(",", "."));
          props.onChange(Number.isFinite(value) && value >= 0 ? value : null);
        }}
      />
    </label>
  );
}
