import { scaleLinear } from "d3-scale";
import { useRef, useState } from "react";
import type { DriveLeg } from "../api/generated/made-drive";

interface Props {
  legs: DriveLeg[];
  onLegs: (legs: DriveLeg[]) => void;
}

const WIDTH = 900;
const HEIGHT = 210;
const LEFT = 52;
const RIGHT = 24;
const TOP = 14;
const BOTTOM = 26;
const LEAST_MINUTES = 0.5;
const STEPS = { ArrowLeft: [-0.5, 0], ArrowRight: [0.5, 0], ArrowUp: [0, 5], ArrowDown: [0, -5] } as const;

/** Speed against time; the end of each leg can be dragged, or moved with the arrows. */
export function LegChart({ legs, onLegs }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [dragged, setDragged] = useState<number>();
  const lasts = legs.reduce((sum, leg) => sum + leg.minutes, 0);
  // The scale stays still while a handle is held.
  const [held, setHeld] = useState({ lasts, fastest: 0 });
  const fastest = Math.max(60, ...legs.map((leg) => leg.speedKmh)) * 1.15;
  const scale = dragged === undefined ? { lasts, fastest } : held;
  const x = scaleLinear([0, Math.max(1, scale.lasts)], [LEFT, WIDTH - RIGHT]);
  const y = scaleLinear([0, scale.fastest], [HEIGHT - BOTTOM, TOP]);
  const from = legs.map((_, at) => legs.slice(0, at).reduce((sum, leg) => sum + leg.minutes, 0));
  const set = (at: number, minutes: number, speedKmh: number) => {
    onLegs(
      legs.map((leg, index) =>
        index === at
          ? {
              ...leg,
              minutes: Math.max(LEAST_MINUTES, Math.round(minutes * 2) / 2),
              speedKmh: Math.min(250, Math.max(0, Math.round(speedKmh / 5) * 5)),
            }
          : leg,
      ),
    );
  };
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full touch-none"
      role="group"
      aria-label="Speed of each leg against time"
      onPointerMove={(event) => {
        const box = svg.current?.getBoundingClientRect();
        if (dragged !== undefined && box !== undefined) {
          const scaleX = WIDTH / box.width;
          set(
            dragged,
            x.invert((event.clientX - box.left) * scaleX) - (from[dragged] ?? 0),
            y.invert((event.clientY - box.top) * scaleX),
          );
        }
      }}
      onPointerUp={() => {
        setDragged(undefined);
      }}
      onPointerLeave={() => {
        setDragged(undefined);
      }}
    >
      {y.ticks(4).map((speed) => (
        <g key={speed}>
          <path d={`M${LEFT} ${y(speed)}H${WIDTH - RIGHT}`} className="stroke-line" />
          <text x={LEFT - 6} y={y(speed) + 4} textAnchor="end" className="fill-muted text-[13px]">
            {speed}
          </text>
        </g>
      ))}
      {x.ticks(6).map((minute) => (
        <text key={minute} x={x(minute)} y={HEIGHT - 6} textAnchor="middle" className="fill-muted text-[13px]">
          {minute} min
        </text>
      ))}
      <path
        className="fill-none stroke-accent [stroke-width:2.5]"
        d={legs
          .map((leg, at) => {
            const start = from[at] ?? 0;
            return `${at === 0 ? "M" : "L"}${x(start)} ${y(leg.speedKmh)}L${x(start + leg.minutes)} ${y(leg.speedKmh)}`;
          })
          .join("")}
      />
      {legs.map((leg, at) => {
        const start = from[at] ?? 0;
        return (
          <g key={at}>
            {leg.gradientPercent !== 0 && (
              <text x={x(start) + 4} y={y(leg.speedKmh) - 8} className="fill-ink text-[13px] font-semibold">
                {leg.gradientPercent} %
              </text>
            )}
            <circle
              cx={x(start + leg.minutes)}
              cy={y(leg.speedKmh)}
              r={dragged === at ? 12 : 9}
              className="cursor-grab fill-lamp stroke-accent [stroke-width:2.5] focus-visible:[stroke-width:5]"
              tabIndex={0}
              role="slider"
              aria-label={`End of leg ${at + 1}`}
              aria-valuenow={leg.speedKmh}
              aria-valuetext={`${leg.speedKmh} km/h for ${leg.minutes} min`}
              onPointerDown={() => {
                setHeld({ lasts, fastest });
                setDragged(at);
              }}
              onKeyDown={(event) => {
                const step = STEPS[event.key as keyof typeof STEPS] as readonly [number, number] | undefined;
                if (step !== undefined) {
                  event.preventDefault();
                  set(at, leg.minutes + step[0], leg.speedKmh + step[1]);
                }
              }}
            />
          </g>
        );
      })}
    </svg>
  );
}
