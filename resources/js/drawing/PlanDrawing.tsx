import type { DrawnPlan } from "../api/generated/saved-job";
import { press } from "./drawn";
import { useText } from "../kit/messages";

/** Units of the drawing for a metre of the vehicle. */
const SCALE = 220;

/** How far apart the numbers of parts in one zone stand. */
const BESIDE = 36;

interface Props {
  plan: DrawnPlan;
  /** Id of the part that is put somewhere next; none where the plan is only looked at. */
  held?: string;
  onZone?: (zone: string) => void;
}

/** The vehicle from above, its front to the left: zones, the parts in them by number, and the ways of the loom. */
export function PlanDrawing({ plan, held, onZone }: Props) {
  const text = useText();
  const width = plan.lengthM * SCALE;
  const height = plan.widthM * SCALE;
  const inZone = (zone: string) =>
    plan.places.map((place, at) => ({ place, number: at + 1 })).filter(({ place }) => place.zone === zone);
  return (
    <svg
      viewBox={`-20 -20 ${width + 40} ${height + 40}`}
      className="h-auto w-full"
      role="group"
      aria-label="The vehicle from above, its front to the left"
    >
      <rect width={width} height={height} rx={70} className="fill-panel stroke-ink" strokeWidth={3} />
      <path
        d={`M30 ${height * 0.3}Q8 ${height / 2} 30 ${height * 0.7}`}
        className="fill-none stroke-ink"
        strokeWidth={3}
      />
      {plan.routes.map((route) => (
        <polyline
          key={route.stretch}
          points={route.corners.map(([x = 0, y = 0]) => `${x * SCALE},${y * SCALE}`).join(" ")}
          className="fill-none stroke-accent opacity-60"
          strokeWidth={4}
          strokeLinejoin="round"
        >
          <title>{`${text(route, "label")}: ${String(route.lengthM)} m`}</title>
        </polyline>
      ))}
      {plan.zones.map((zone) => {
        const here = inZone(zone.id);
        const act =
          onZone &&
          press(() => {
            onZone(zone.id);
          });
        return (
          <g
            key={zone.id}
            transform={`translate(${zone.xM * SCALE} ${zone.yM * SCALE})`}
            className={onZone ? "cursor-pointer" : ""}
            {...act}
            aria-label={`${text(zone, "label")}: ${here.map(({ place }) => place.label).join(", ") || "nothing"}`}
          >
            <circle r={26} className="fill-ground stroke-line" strokeWidth={2} strokeDasharray="6 5" />
            <text y={48} textAnchor="middle" className="fill-muted text-[24px]">
              {text(zone, "label")}
            </text>
            {here.map(({ place, number }, at) => (
              <g key={place.id} transform={`translate(${(at - (here.length - 1) / 2) * BESIDE} 0)`}>
                <circle
                  r={18}
                  className={held === place.id ? "fill-lamp stroke-ink" : "fill-accent stroke-panel"}
                  strokeWidth={2}
                />
                <text
                  y={6}
                  textAnchor="middle"
                  className={`text-[22px] font-bold ${held === place.id ? "fill-black" : "fill-on-accent"}`}
                >
                  {number}
                </text>
              </g>
            ))}
          </g>
        );
      })}
    </svg>
  );
}
