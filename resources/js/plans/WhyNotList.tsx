import type { PlanWhyNot } from "../api/generated/plans-row";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";

const RESPECTS: { id: PlanWhyNot["respect"]; name: string }[] = [
  { id: "arrangement", name: "Arrangements" },
  { id: "fan", name: "Fans" },
  { id: "place", name: "Places" },
];

/** Why what is not shown is not. */
export function WhyNotList({ rows }: { rows: PlanWhyNot[] }) {
  const text = useText();
  return rows.length === 0 ? null : (
    <Panel title="Why not …?">
      {RESPECTS.filter(({ id }) => rows.some((row) => row.respect === id)).map(({ id, name }) => (
        <details key={id}>
          <summary className="min-h-11 cursor-pointer py-2 font-semibold">{name}</summary>
          <dl className="grid gap-x-4 gap-y-1 pb-2 md:grid-cols-[16rem_minmax(0,1fr)]">
            {rows
              .filter((row) => row.respect === id)
              .map((row) => (
                <div key={row.name} className="contents">
                  <dt>{text(row, "name")}</dt>
                  <dd className="text-muted">{text(row, "says")}</dd>
                </div>
              ))}
          </dl>
        </details>
      ))}
    </Panel>
  );
}
