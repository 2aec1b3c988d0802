import type { Protection } from "../api/generated/saved-job";
import { digits } from "../kit/units";

const WIDTH = 560;
const HEIGHT = 330;
const LEFT = 58;
const BOTTOM = 44;
const TOP = 12;
const RIGHT = 34;

const SECONDS: [number, number] = [0.01, 1000];

/** Current against time, both logarithmic: what starts, what opens, what burns, what shorts. */
export function TimeCurrentPlot({ protection }: { protection: Protection }) {
  const { ratedA, band, withstand, start } = protection;
  const amperes: [number, number] = [
    decade(Math.min(protection.carriesA, ratedA)),
    decade(protection.shortA * 1.5) * 10,
  ];
  const x = (ampere: number) => LEFT + along(ampere, amperes) * (WIDTH - LEFT - RIGHT);
  const y = (second: number) => HEIGHT - BOTTOM - along(second, SECONDS) * (HEIGHT - BOTTOM - TOP);
  const at = (ampere: number, second: number) => `${x(ampere).toFixed(1)} ${y(second).toFixed(1)}`;
  const least = band.flatMap((point) => (point.leastS === null ? [] : [at(point.ampere, point.leastS)]));
  const most = band.flatMap((point) => (point.mostS === null ? [] : [at(point.ampere, point.mostS)]));
  const shortS = protection.shortOpensS;
  return (
    <figure>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="h-auto w-full"
        role="img"
        aria-label={`Current against time for ${protection.name}; the same figures follow as a table`}
      >
        {ticks(amperes).flatMap((ampere) =>
          [2, 5].map((times) =>
            ampere * times < amperes[1] ? (
              <path
                key={ampere * times}
                d={`M${x(ampere * times)} ${TOP}V${HEIGHT - BOTTOM}`}
                className="stroke-line opacity-50"
              />
            ) : null,
          ),
        )}
        {ticks(amperes).map((ampere) => (
          <g key={ampere}>
            <path d={`M${x(ampere)} ${TOP}V${HEIGHT - BOTTOM}`} className="stroke-line" />
            <text
              x={x(ampere)}
              y={HEIGHT - BOTTOM + 17}
              textAnchor="middle"
              className="fill-muted font-mono text-[13px]"
            >
              {ampere} A
            </text>
          </g>
        ))}
        {ticks(SECONDS).map((second) => (
          <g key={second}>
            <path d={`M${LEFT} ${y(second)}H${WIDTH - RIGHT}`} className="stroke-line" />
            <text x={LEFT - 7} y={y(second) + 4} textAnchor="end" className="fill-muted font-mono text-[13px]">
              {second} s
            </text>
          </g>
        ))}
        <clipPath id={`frame-${protection.group}`}>
          <rect x={LEFT} y={TOP} width={WIDTH - LEFT - RIGHT} height={HEIGHT - TOP - BOTTOM} />
        </clipPath>
        <g clipPath={`url(#frame-${protection.group})`}>
          <path d={`M${least.join("L")}L${[...most].reverse().join("L")}Z`} className="fill-accent opacity-15" />
          <path d={`M${least.join("L")}`} className="fill-none stroke-accent" strokeWidth={2} />
          <path d={`M${most.join("L")}`} className="fill-none stroke-accent" strokeWidth={2} />
          <path
            d={`M${withstand.map((point) => at(point.ampere, point.second)).join("L")}`}
            className="fill-none stroke-danger"
            strokeWidth={2.5}
            strokeDasharray="9 5"
          />
          {start.length > 0 && (
            <path
              d={`M${start.map((point) => at(point.ampere, point.second)).join("L")}`}
              className="fill-none stroke-lit"
              strokeWidth={3.5}
            />
          )}
          <path
            d={`M${at(protection.carriesA, SECONDS[1])}L${at(protection.carriesA, SECONDS[0])}`}
            className="stroke-muted"
            strokeWidth={1.5}
            strokeDasharray="2 4"
          />
          {shortS !== null && (
            <g transform={`translate(${at(protection.shortA, shortS).replace(" ", ",")})`}>
              <path d="M-7 -7L7 7M-7 7L7 -7" className="stroke-ink" strokeWidth={2.5} />
            </g>
          )}
        </g>
        <path
          d={`M${LEFT} ${TOP}V${HEIGHT - BOTTOM}H${WIDTH - RIGHT}`}
          className="fill-none stroke-ink"
          strokeWidth={1.5}
        />
      </svg>
      <figcaption className="mt-1 flex flex-wrap gap-x-5 gap-y-1 text-sm">
        {LEGEND.filter((entry) => entry.name !== "start" || start.length > 0).map((entry) => (
          <span key={entry.name} className="inline-flex items-center gap-2">
            <svg aria-hidden viewBox="0 0 34 12" className="h-3 w-9">
              {entry.mark}
            </svg>
            {entry.says}
          </span>
        ))}
      </figcaption>
      <details className="mt-2">
        <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">As a table</summary>
        <Figures protection={protection} />
      </details>
    </figure>
  );
}

const LEGEND = [
  { name: "start", says: "the start, as heat", mark: <path d="M2 6H32" className="stroke-lit" strokeWidth={3.5} /> },
  {
    name: "band",
    says: "fuse opens, earliest to latest",
    mark: (
      <>
        <rect x={2} y={1} width={30} height={10} className="fill-accent opacity-15" />
        <path d="M2 1H32M2 11H32" className="stroke-accent" strokeWidth={2} />
      </>
    ),
  },
  {
    name: "wire",
    says: "wire withstands",
    mark: <path d="M2 6H32" className="stroke-danger" strokeWidth={2.5} strokeDasharray="9 5" />,
  },
  {
    name: "load",
    says: "steady load",
    mark: <path d="M2 6H32" className="stroke-muted" strokeWidth={1.5} strokeDasharray="2 4" />,
  },
  {
    name: "short",
    says: "short at the far end",
    mark: <path d="M11 1L23 11M11 11L23 1" className="stroke-ink" strokeWidth={2.5} />,
  },
];

function Figures({ protection }: { protection: Protection }) {
  const facts: [string, string][] = [
    ["Steady load", `${digits(protection.carriesA)} A`],
    ["Wire carries", `${digits(protection.ampacityA)} A`],
    ["Start peaks at", `${digits(protection.peakA)} A`],
    ["Start is over in", seconds(protection.overS)],
    ["Heat of the start", `${digits(protection.heatA2s)} A²s`],
    ["Short at the far end", `${digits(protection.shortA)} A`],
    ["Open then within", seconds(protection.shortOpensS)],
    ...stallFacts(protection.stall),
  ];
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      <table className="table w-full text-sm">
        <caption className="sr-only">The feed</caption>
        <tbody>
          {facts.map(([name, value]) => (
            <tr key={name}>
              <th scope="row" className="font-normal!">
                {name}
              </th>
              <td className="text-right! font-mono">{value}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <table className="table w-full text-sm">
        <caption className="sr-only">When the fuse opens</caption>
        <thead>
          <tr>
            <th className="text-right!">Current</th>
            <th className="text-right!">Holds</th>
            <th className="text-right!">Open by</th>
          </tr>
        </thead>
        <tbody>
          {protection.band.map((point) => (
            <tr key={point.ampere}>
              <td className="text-right! font-mono">{digits(point.ampere)} A</td>
              <td className="text-right! font-mono">{seconds(point.leastS)}</td>
              <td className="text-right! font-mono">{seconds(point.mostS)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const seconds = (value: number | null) => (value === null ? "never" : `${digits(value)} s`);

/** A jammed fan: what it draws for ever, and how long its fuse lets it. */
function stallFacts(stall: Protection["stall"]): [string, string][] {
  return stall === null
    ? []
    : [
        ["Jammed fan draws", `${digits(stall.leastA)} to ${digits(stall.mostA)} A`],
        [
          "Its fuse opens",
          `after ${seconds(stall.soonestS)} at the soonest, by ${seconds(stall.latestS)} at the latest`,
        ],
        ["Heat in it meanwhile", `${digits(stall.watts)} W`],
      ];
}

const decade = (value: number) => 10 ** Math.floor(Math.log10(Math.max(value, 0.01)));

/** Where a value lies between two, logarithmically. */
const along = (value: number, [from, to]: [number, number]) => Math.log(value / from) / Math.log(to / from);

function ticks([from, to]: [number, number]): number[] {
  const marks = [];
  for (let tick = from; tick <= to * 1.0001; tick *= 10) {
    marks.push(Number(tick.toPrecision(1)));
  }
  return marks;
}
