import { useJob } from "../api/JobContext";
import { Panel } from "../kit/controls";

const WIDTH = 700;
const HEIGHT = 260;
const LEFT = 56;
const RIGHT = 70;
const BOTTOM = 34;
const MOST_RPM = 6000;
const BELIEVED_RPM = 2000;

/** What an engine-speed lockout means on the road: in each gear, from which road speed it takes the fan away. */
export function LockoutChart() {
  const { job } = useJob();
  const { driveline, control } = job.file;
  const lockoutRpm = control.lockouts?.aboveRpm ?? null;
  if (driveline == null) {
    return null;
  }
  const kmh = (rpm: number, ratio: number) =>
    ((rpm / (driveline.axleRatio * ratio)) * Math.PI * driveline.tyreM * 60) / 1000;
  const most = Math.ceil(kmh(MOST_RPM, Math.min(...driveline.gearRatios)) / 20) * 20;
  const x = (speed: number) => LEFT + ((WIDTH - LEFT - RIGHT) * speed) / most;
  const y = (rpm: number) => 10 + ((HEIGHT - 10 - BOTTOM) * (MOST_RPM - rpm)) / MOST_RPM;
  const line = (rpm: number) => `M${LEFT} ${y(rpm)}H${WIDTH - RIGHT}`;
  const speeds = driveline.gearRatios
    .map((ratio, at) => `${kmh(lockoutRpm ?? BELIEVED_RPM, ratio).toFixed(0)} km/h in gear ${at + 1}`)
    .join(", ");
  return (
    <Panel title="Engine speed is not road speed">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label="Engine speed against road speed in each gear"
        className="w-full max-w-3xl"
      >
        {[0, 2000, 4000, 6000].map((rpm) => (
          <g key={rpm}>
            <path d={line(rpm)} className="stroke-line" />
            <text x={LEFT - 6} y={y(rpm) + 4} textAnchor="end" className="fill-muted text-[12px]">
              {rpm}
            </text>
          </g>
        ))}
        {Array.from({ length: Math.floor(most / 40) + 1 }, (_, at) => at * 40).map((speed) => (
          <text key={speed} x={x(speed)} y={HEIGHT - 14} textAnchor="middle" className="fill-muted text-[12px]">
            {speed} km/h
          </text>
        ))}
        {driveline.gearRatios.map((ratio, at) => (
          <g key={ratio}>
            <path
              d={`M${x(0)} ${y(0)}L${x(kmh(MOST_RPM, ratio))} ${y(MOST_RPM)}`}
              className="stroke-accent"
              strokeWidth="2"
            />
            <text
              x={x(kmh(MOST_RPM, ratio)) + 4}
              y={y(MOST_RPM) + 12 + 12 * (at % 2)}
              className="fill-ink text-[12px] font-semibold"
            >
              gear {at + 1}
            </text>
          </g>
        ))}
        {lockoutRpm !== null && (
          <path d={line(lockoutRpm)} className="stroke-danger [stroke-dasharray:6_4]" strokeWidth="2" />
        )}
      </svg>
      <p className="mt-2 text-sm">
        {lockoutRpm === null
          ? `There is no lockout. ${BELIEVED_RPM} rpm, often taken for the open road, are ${speeds}.`
          : `▲ Above ${lockoutRpm} rpm the fan is held off: from ${speeds}.`}
      </p>
    </Panel>
  );
}
