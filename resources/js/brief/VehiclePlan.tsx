import { useState } from "react";
import type { DrawnPlan, PlanContradiction } from "../api/generated/saved-job";
import { Act } from "../job/Act";
import { Choose } from "../job/Choose";
import { useJob } from "../job/JobContext";
import { useText } from "../kit/messages";
import { PlanDrawing } from "../drawing/PlanDrawing";

/** Where things sit in the vehicle, and so how long the stretches are; every length can still be typed over. */
export function VehiclePlan() {
  const { plan } = useJob().job.form;
  return (
    <>
      <Choose label="Plan of the vehicle" value={plan.value} options={plan.options} />
      {plan.contradictions.length > 0 && <Contradictions found={plan.contradictions} />}
      {plan.drawn !== null && <Places plan={plan.drawn} />}
    </>
  );
}

/** What was told stands; where the plan has it otherwise, the installer says which is right. */
function Contradictions({ found }: { found: PlanContradiction[] }) {
  const text = useText();
  return (
    <div className="border-l-4 border-l-warning bg-sunk px-3 py-2 text-[0.95rem]">
      <p className="font-semibold">Told otherwise than the plan has it; what was told stands.</p>
      <ul className="grid gap-1">
        {found.map((one) => (
          <li key={one.id} className="flex flex-wrap items-center justify-between gap-x-3">
            {text(one, "says")}
            <Act label="As the plan has it" tone="quiet" pick={one.pick}>
              As the plan has it
            </Act>
          </li>
        ))}
      </ul>
    </div>
  );
}

function Places({ plan }: { plan: DrawnPlan }) {
  const { change } = useJob();
  const text = useText();
  const [held, setHeld] = useState(plan.places[0]?.id ?? "");
  const put = (id: string, zone: string) => {
    const place = plan.places.find((one) => one.id === id);
    const option = place?.options.find((one) => one.zone === zone);
    if (place !== undefined && option !== undefined && place.zone !== zone) {
      void change({ label: `${place.label}: ${option.label}`, picks: [option.pick] });
    }
  };
  return (
    <div className="grid gap-3">
      <PlanDrawing
        plan={plan}
        held={held}
        onZone={(zone) => {
          put(held, zone);
        }}
      />
      <p className="text-sm text-muted">
        Press a part in the list, then a zone on the plan, or choose the zone beside it.
      </p>
      <ul className="grid gap-2 sm:grid-cols-2">
        {plan.places.map((place, at) => (
          <li key={place.id} className="flex items-center gap-2">
            <button
              type="button"
              aria-pressed={held === place.id}
              className="min-h-11 w-36 shrink-0 rounded-[3px] border border-line px-2 text-left text-[0.95rem] aria-pressed:border-accent aria-pressed:bg-sunk aria-pressed:font-semibold"
              onClick={() => {
                setHeld(place.id);
              }}
            >
              <span className="font-mono font-bold">{at + 1}</span> {text(place, "label")}
            </button>
            <select
              aria-label={`${place.label} sits`}
              data-path={`/plan/places/${place.id}`}
              className="field min-h-11 w-full min-w-0 px-2"
              value={place.zone}
              onChange={(event) => {
                put(place.id, event.target.value);
              }}
            >
              {place.options.map((option) => (
                <option key={option.zone} value={option.zone}>
                  {option.label}
                </option>
              ))}
            </select>
          </li>
        ))}
      </ul>
    </div>
  );
}
