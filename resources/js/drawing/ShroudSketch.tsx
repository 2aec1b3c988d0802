import type { FitLayout } from "../api/generated/saved-job";
import { useShown } from "../kit/units";

/** Room around the core for its figures, and how far they stand off, in millimetres of the core. */
const MARGIN = 70;

/** The shroud to scale, seen from behind: core, holes, and what is left beside, above and behind each. */
export function ShroudSketch({ layout }: { layout: FitLayout }) {
  const show = useShown();
  const { widthMm, heightMm, holes } = layout;
  const mm = (value: number) => show(value, "depth");
  const text = `fill-ink text-[22px]`;
  return (
    <figure className="break-inside-avoid">
      <figcaption className="field-label">
        {layout.mount === "puller" ? "Shroud, seen from behind" : "In front, seen from behind"}: the blades alone cover{" "}
        {layout.discPercent.toFixed(0)} %
      </figcaption>
      <svg
        viewBox={`${-MARGIN} ${-MARGIN} ${widthMm + 2 * MARGIN} ${heightMm + 2 * MARGIN}`}
        className="h-auto max-h-96 w-full print:max-h-48"
        role="img"
        aria-label={`${mm(widthMm)} by ${mm(heightMm)}, ${holes
          .map(
            (hole) => `${hole.fan}: hole ${mm(hole.holeMm)}, ${mm(hole.besideMm)} beside it, ${mm(hole.aboveMm)} above`,
          )
          .join("; ")}`}
      >
        <rect width={widthMm} height={heightMm} className="fill-sunk stroke-ink" strokeWidth={3} />
        {holes.map((hole) => (
          <g key={hole.fan} transform={`translate(${hole.xMm} ${hole.yMm})`}>
            <circle
              r={hole.holeMm / 2}
              className={`fill-panel ${hole.besideMm < 0 || hole.aboveMm < 0 ? "stroke-danger" : "stroke-accent"}`}
              strokeWidth={4}
            />
            <circle r={hole.bladesMm / 2} className="fill-none stroke-line" strokeWidth={2} strokeDasharray="10 8" />
            <path d="M-14 0H14M0 -14V14" className="stroke-ink" strokeWidth={2} />
            <text y={-28} textAnchor="middle" className={`${text} font-bold`}>
              {hole.fan}
            </text>
            <text y={44} textAnchor="middle" className={text}>
              hole {mm(hole.holeMm)}
            </text>
            <text y={72} textAnchor="middle" className={hole.gapMm < 3 ? "fill-danger text-[22px]" : text}>
              {mm(hole.gapMm)} behind
            </text>
            <text x={-hole.holeMm / 2 - hole.besideMm + 8} y={-hole.holeMm / 2 + 22} className={text}>
              ← {mm(hole.besideMm)}
            </text>
            <text y={-hole.holeMm / 2 - 8} textAnchor="middle" className={text}>
              ↑ {mm(hole.aboveMm)}
            </text>
          </g>
        ))}
        <path d={`M0 -30H${widthMm}M0 -40V-20M${widthMm} -40V-20`} className="stroke-muted" strokeWidth={2} />
        <text x={widthMm / 2} y={-40} textAnchor="middle" className={text}>
          {mm(widthMm)}
        </text>
        <path d={`M-30 0V${heightMm}M-40 0H-20M-40 ${heightMm}H-20`} className="stroke-muted" strokeWidth={2} />
        <text transform={`translate(-40 ${heightMm / 2}) rotate(-90)`} textAnchor="middle" className={text}>
          {mm(heightMm)}
        </text>
      </svg>
    </figure>
  );
}
