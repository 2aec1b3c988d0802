import { scaleLinear } from "d3-scale";
import { line as lineThrough } from "d3-shape";

export interface Line {
  name: string;
  points: [number, number][];
  /** Class of the stroke; dashes tell lines apart without colour. */
  className: string;
}

export interface Band {
  from: number;
  to: number;
  name: string;
}

/** What lies between two lines at the same times. */
export interface Area {
  low: [number, number][];
  high: [number, number][];
  className: string;
}

interface Props {
  title: string;
  unit: string;
  lines: Line[];
  bands?: Band[];
  /** Moments that are named along the lower edge. */
  marks?: { atS: number; name: string }[];
  areas?: Area[];
  /** Where the player stands, s. */
  cursorS?: number | undefined;
  least?: number;
  most?: number;
  height?: number;
}

const WIDTH = 900;
const LEFT = 52;
const RIGHT = 120;
const TOP = 12;
const BOTTOM = 24;

/** One quantity against time. Lines are named at their end; bands lie behind. */
export function LineChart({
  title,
  unit,
  lines,
  bands = [],
  marks = [],
  areas = [],
  cursorS,
  least,
  most,
  height = 190,
}: Props) {
  const all = lines.flatMap((line) => line.points);
  const lastS = Math.max(1, ...all.map(([time]) => time));
  const values = [
    ...[...all, ...areas.flatMap((area) => [...area.low, ...area.high])].map(([, value]) => value),
    ...bands.flatMap((band) => [band.from, band.to]),
  ];
  const low = least ?? Math.floor(Math.min(...values) - 1);
  const high = Math.max(low + 1, most ?? Math.ceil(Math.max(...values) + 1));
  const x = scaleLinear([0, lastS], [LEFT, WIDTH - RIGHT]);
  const y = scaleLinear([low, high], [height - BOTTOM, TOP]);
  const minutes = scaleLinear([0, lastS / 60], [0, 1]).ticks(6);
  const path = lineThrough()
    .x(([time]) => x(time))
    .y(([, value]) => y(value))
    .digits(1);
  const ends = spread(
    lines.map((line) => y(line.points[line.points.length - 1]?.[1] ?? low)),
    15,
  );
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      role="img"
      aria-label={`${title}, ${unit}, against time`}
      className="w-full"
    >
      {y.ticks(5).map((value) => (
        <g key={value}>
          <path d={`M${LEFT} ${y(value)}H${WIDTH - RIGHT}`} className="stroke-line" />
          <text x={LEFT - 6} y={y(value) + 4} textAnchor="end" className="fill-muted text-[13px]">
            {value}
          </text>
        </g>
      ))}
      {minutes.map((minute) => (
        <text key={minute} x={x(minute * 60)} y={height - 6} textAnchor="middle" className="fill-muted text-[13px]">
          {minute} min
        </text>
      ))}
      {bands.map((band) => (
        <g key={band.name}>
          <rect
            x={LEFT}
            width={WIDTH - LEFT - RIGHT}
            y={y(band.to)}
            height={Math.max(1, y(band.from) - y(band.to))}
            className="fill-lamp opacity-25"
          />
          <text x={LEFT + 4} y={y(band.to) - 3} className="fill-muted text-[12px]">
            {band.name}
          </text>
        </g>
      ))}
      {areas.map((area) => (
        <path
          key={area.className}
          d={`${path(area.high) ?? ""}L${(path(area.low.toReversed()) ?? "").slice(1)}Z`}
          className={area.className}
        />
      ))}
      {lines.map((line, at) => (
        <g key={`${line.name}${at}`}>
          <path d={path(line.points) ?? ""} className={`fill-none ${line.className}`} />
          <text x={WIDTH - RIGHT + 6} y={(ends[at] ?? 0) + 4} className="fill-ink text-[13px] font-semibold">
            {line.name}
          </text>
        </g>
      ))}
      {marks.map((mark) => (
        <g key={mark.atS}>
          <path d={`M${x(mark.atS).toFixed(1)} ${TOP}V${height - BOTTOM}`} className="stroke-line [stroke-width:1.5]" />
          <text x={x(mark.atS) + 3} y={height - BOTTOM - 4} className="fill-muted text-[12px]">
            {mark.name}
          </text>
        </g>
      ))}
      {cursorS !== undefined && (
        <path d={`M${x(cursorS).toFixed(1)} ${TOP}V${height - BOTTOM}`} className="stroke-accent" strokeWidth="2" />
      )}
    </svg>
  );
}

/** Heights moved apart so that no name lies on another. */
function spread(heights: number[], apart: number): number[] {
  const order = heights.map((height, at) => ({ height, at })).sort((a, b) => a.height - b.height);
  const placed: number[] = [];
  let last = -Infinity;
  for (const { height, at } of order) {
    last = Math.max(height, last + apart);
    placed[at] = last;
  }
  return placed;
}
