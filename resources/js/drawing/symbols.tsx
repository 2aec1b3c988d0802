import type { Shape } from "../api/generated/saved-job";

/** A fan's blades; they turn as fast as its motor does, and the way it does. */
export function Blades({ speedShare }: { speedShare: number }) {
  const seconds = 0.9 / Math.max(0.1, Math.abs(speedShare));
  return (
    <>
      <path d="M-26 0H-17M17 0H26" className="part-shape" />
      <circle r={17} className="fill-lamp stroke-ink" strokeWidth={2} fillOpacity={0.45} />
      <g style={{ animation: `turn ${seconds.toFixed(2)}s linear infinite${speedShare < 0 ? " reverse" : ""}` }}>
        {[0, 90, 180, 270].map((angle) => (
          <path
            key={angle}
            d="M0 0C4 -5 4 -11 0 -15C-5 -11 -4 -4 0 0"
            transform={`rotate(${angle})`}
            className="fill-ink"
          />
        ))}
      </g>
    </>
  );
}

/** The strokes of a symbol as it stands. */
export function Shapes({ shapes, isClosed }: { shapes: Shape[]; isClosed: boolean }) {
  return shapes
    .filter((shape) => shape.when === "always" || shape.when === (isClosed ? "closed" : "open"))
    .map((shape) => <path key={shape.d} d={shape.d} className="part-shape" />);
}
