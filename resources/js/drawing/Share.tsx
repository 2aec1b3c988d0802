import { digits } from "../kit/units";

/** How likely a place is what is wrong, as a tag over it; nothing where that is next to nothing. */
export function Share({ share, x, y }: { share: number | undefined; x: number; y: number }) {
  if (share === undefined || share < 0.005) {
    return null;
  }
  return (
    <g transform={`translate(${x} ${y})`} aria-label={`${digits(100 * share)} % likely`}>
      <rect
        x={-21}
        y={-11}
        width={42}
        height={20}
        rx={3}
        className="fill-panel stroke-accent"
        strokeWidth={1 + 4 * share}
      />
      <text y={4} textAnchor="middle" className="fill-ink font-mono text-[13px] font-bold">
        {share < 0.1 ? digits(100 * share) : Math.round(100 * share)} %
      </text>
    </g>
  );
}
