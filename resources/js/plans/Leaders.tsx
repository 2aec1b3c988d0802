import type { PlanLeader } from "../api/generated/plans-row";
import { Panel } from "../kit/Panel";
import { useText, useTexts } from "../kit/messages";

const SHOWN = ["peakC", "strands", "cost", "hours"];

/** What leads while others are still judged. */
export function Leaders({ leaders }: { leaders: PlanLeader[] }) {
  const text = useText();
  const texts = useTexts();
  return (
    <Panel title="Leading so far">
      {leaders.length === 0 && <p className="text-muted">None stands yet.</p>}
      <ol className="grid gap-2">
        {leaders.map((leader, at) => (
          <li key={at}>
            <b>{text(leader, "title")}</b> <span className="text-muted">{texts(leader, "details").join(", ")}</span>
            <span className="ml-2 font-mono text-sm">
              {leader.figures
                .filter((figure) => SHOWN.includes(figure.id))
                .map((figure) => text(figure, "says"))
                .join(" · ")}
            </span>
          </li>
        ))}
      </ol>
    </Panel>
  );
}
