/** How likely a place is what is wrong, as a tag over it; nothing where that is next to nothing. */
export function Share({ share, x, y }: { share: number | undefined; x: number; y: number }) {
  if (!isShown(share)) {
    return null;
  }
  const percent = Math.max(1, Math.round(100 * share));
  return (
    <g transform={`translate(${x} ${y})`} role="img" aria-label={`${percent} % likely`}>
      <rect
        x={-18}
        y={-10}
        width={36}
        height={19}
        rx={3}
        className={share >= 0.15 ? "fill-lamp stroke-accent" : "fill-panel stroke-accent"}
        strokeWidth={share >= 0.15 ? 2 : 1}
      />
      <text
        y={4}
        textAnchor="middle"
        className={`text-[13px] font-bold ${share >= 0.15 ? "fill-[#16201c]" : "fill-ink"}`}
      >
        {percent} %
      </text>
    </g>
  );
}

export function isShown(share: number | undefined): share is number {
  return share !== undefined && share >= 0.005;
}
