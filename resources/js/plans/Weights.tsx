import type { PlanCriterion } from "../api/generated/plan-choices";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";

const MOST = 8;

interface Props {
  criteria: PlanCriterion[];
  usual: Record<string, number>;
  moved: Record<string, number>;
  onMove: (moved: Record<string, number>) => void;
}

/** How much each figure counts in the order of the plans; the plans themselves stay. */
export function Weights({ criteria, usual, moved, onMove }: Props) {
  const text = useText();
  return (
    <Panel
      title="What counts"
      aside={
        Object.keys(moved).length > 0 && (
          <Button
            tone="quiet"
            onClick={() => {
              onMove({});
            }}
          >
            As usual
          </Button>
        )
      }
    >
      <div className="grid gap-1">
        {criteria.map((criterion) => (
          <label key={criterion.id} className="grid min-h-11 grid-cols-[minmax(0,1fr)_8rem] items-center gap-2">
            <span className="inline-block first-letter:uppercase">{text(criterion, "says")}</span>
            <input
              type="range"
              className="accent-accent"
              min={0}
              max={MOST}
              step={0.5}
              value={moved[criterion.id] ?? usual[criterion.id] ?? 0}
              onChange={(event) => {
                onMove({ ...moved, [criterion.id]: Number(event.target.value) });
              }}
            />
          </label>
        ))}
      </div>
    </Panel>
  );
}
