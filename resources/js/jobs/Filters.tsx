import { SegmentedControl } from "../kit/SegmentedControl";
import { useQuestion } from "./useQuestion";

const STATES = [
  ["", "Every state"],
  ["danger", "With a danger"],
  ["warning", "With a warning"],
  ["not-proven", "Not proven yet"],
  ["sound", "Proven, nothing to mend"],
  ["unreadable", "Cannot be read"],
] as const;

const SORTS = [
  ["", "Changed last"],
  ["title", "By title"],
  ["customer", "By customer"],
] as const;

/** Words, state, order and drawer of the desk. */
export function Filters() {
  const { question, ask } = useQuestion();
  return (
    <search className="mb-4 flex flex-wrap items-end gap-3">
      <label className="min-w-56 grow">
        <span className="field-label">Search</span>
        <input
          type="search"
          className="field min-h-11 w-full px-3"
          placeholder="Title, customer, vehicle, notes, part or finding"
          defaultValue={question.search}
          maxLength={200}
          onChange={(event) => {
            ask({ search: event.target.value });
          }}
        />
      </label>
      <Picked
        label="Show"
        value={question.state}
        options={STATES}
        onPick={(state) => {
          ask({ state });
        }}
      />
      <Picked
        label="Sort"
        value={question.sort}
        options={SORTS}
        onPick={(sort) => {
          ask({ sort });
        }}
      />
      <SegmentedControl
        label="Where"
        value={question.in}
        options={[
          { value: "desk", label: "Desk" },
          { value: "archive", label: "Archive" },
          { value: "bin", label: "Bin" },
        ]}
        onChange={(drawer) => {
          ask({ in: drawer });
        }}
      />
    </search>
  );
}

interface PickedProps {
  label: string;
  value: string;
  options: readonly (readonly [string, string])[];
  onPick: (value: string) => void;
}

function Picked({ label, value, options, onPick }: PickedProps) {
  return (
    <label>
      <span className="field-label">{label}</span>
      <select
        className="field min-h-11 px-2"
        value={value}
        onChange={(event) => {
          onPick(event.target.value);
        }}
      >
        {options.map(([option, text]) => (
          <option key={option} value={option}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}
