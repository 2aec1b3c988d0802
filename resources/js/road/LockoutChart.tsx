import { scaleLinear } from "d3-scale";
import { useJob } from "../job/JobContext";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";

const WIDTH = 700;
const HEIGHT = 260;
const LEFT = 56;
const RIGHT = 70;
const BOTTOM = 34;
const MOST_RPM = 6000;

/** What an engine-speed lockout means on the road: in each gear, from which road speed it stops the fan. */
export function LockoutChart() {
  const { lockout } = useJob().job;
  const text = useText();
  if (lockout === null) {
    return null;
  }
  const { aboveRpm, believedRpm, gears } = lockout;
  const fastest = Math.max(...gears.map((gear) => gear.kmhPerRpm)) * MOST_RPM;
  const x = scaleLinear([0, fastest], [LEFT, WIDTH - RIGHT]);
  const y = scaleLinear([0, MOST_RPM], [HEIGHT - BOTTOM, 10]);
  const line = (rpm: number) => `M${LEFT} ${y(rpm)}H${WIDTH - RIGHT}`;
  const speeds = gears.map((gear) => text(gear, "name")).join(", ");
  return (
    <Panel title="Engine speed is not road speed">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label="Engine speed against road speed in each gear"
        className="w-full max-w-3xl"
      >
        {y.ticks(3).map((rpm) => (
          <g key={rpm}>
            <path d={line(rpm)} className="stroke-line" />
            <text x={LEFT - 6} y={y(rpm) + 4} textAnchor="end" className="fill-muted text-[12px]">
              {rpm}
            </text>
          </g>
        ))}
        {x.ticks(6).map((speed) => (
          <text key={speed} x={x(speed)} y={HEIGHT - 14} textAnchor="middle" className="fill-muted text-[12px]">
            {speed} km/h
          </text>
        ))}
        {gears.map((gear, at) => (
          <g key={gear.gear}>
            <path
              d={`M${x(0)} ${y(0)}L${x(gear.kmhPerRpm * MOST_RPM)} ${y(MOST_RPM)}`}
              className="stroke-accent"
              strokeWidth="2"
            />
            <text
              x={x(gear.kmhPerRpm * MOST_RPM) + 4}
              y={y(MOST_RPM) + 12 + 12 * (at % 2)}
              className="fill-ink text-[12px] font-semibold"
            >
              gear {gear.gear}
            </text>
          </g>
        ))}
        {aboveRpm !== null && (
          <path d={line(aboveRpm)} className="stroke-danger [stroke-dasharray:6_4]" strokeWidth="2" />
        )}
      </svg>
      <p className="mt-2 text-sm">
        {aboveRpm === null
          ? `There is no lockout. ${believedRpm} rpm, often taken for the open road, are ${speeds}.`
          : `▲ Above ${aboveRpm} rpm the fan is held off: from ${speeds}.`}
      </p>
    </Panel>
  );
}
