import { useState } from "react";
import type { TrailSymptom } from "../api/generated/trail";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";
import { matching } from "./matching";

interface Props {
  symptoms: TrailSymptom[];
  onSeen: (ids: string[]) => void;
}

/** What is seen, in the words people use: typed to narrow the list, or pressed. */
export function Complaint({ symptoms, onSeen }: Props) {
  const text = useText();
  const [typed, setTyped] = useState("");
  const [picked, setPicked] = useState<string[]>([]);
  const named = symptoms.map((symptom) => ({ id: symptom.id, says: text(symptom, "says") }));
  const listed = matching(named, typed);
  return (
    <Panel title="What is wrong with it?">
      <label className="grid max-w-xl gap-1">
        <span className="field-label mb-0">As it was told</span>
        <input
          className="field min-h-11 px-3"
          placeholder="fan does not run, key out, fuse, clicks …"
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value);
          }}
        />
      </label>
      {listed.length === 0 && <p className="mt-2 text-muted">Nothing here is called that. All that can be told:</p>}
      <ul className="mt-3 grid gap-2 sm:grid-cols-2 xl:grid-cols-3">
        {(listed.length === 0 ? named : listed).map((symptom) => (
          <li key={symptom.id}>
            <label className="flex min-h-11 items-center gap-3 border border-line px-3 has-checked:border-accent has-checked:bg-sunk">
              <input
                type="checkbox"
                className="size-5 shrink-0 accent-accent"
                checked={picked.includes(symptom.id)}
                onChange={() => {
                  setPicked((now) =>
                    now.includes(symptom.id) ? now.filter((id) => id !== symptom.id) : [...now, symptom.id],
                  );
                }}
              />
              {symptom.says}
            </label>
          </li>
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap items-center gap-3">
        <Button
          tone="strong"
          disabled={picked.length === 0}
          onClick={() => {
            onSeen(picked);
          }}
        >
          Look for it
        </Button>
        <p className="text-muted">Tick all that is seen; leave what nobody is sure of.</p>
      </div>
    </Panel>
  );
}
