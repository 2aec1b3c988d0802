import { useMutation, useQuery } from "@tanstack/react-query";
import { api, type Refused } from "../../api/client";
import { keys } from "../../api/keys";
import type { Calibration as Fit } from "../../api/generated/calibration";
import type { LogOverPlan, LogSwitchedAt } from "../../api/generated/log";
import { useJob } from "../../job/JobContext";
import { Button } from "../../kit/Button";
import { Panel } from "../../kit/Panel";
import { useText, useTexts } from "../../kit/messages";
import { digits, shown, useShown, useUnits } from "../../kit/units";
import { Calibration } from "../Calibration";
import { LineChart, type Line } from "../LineChart";

/** One log over what the plan would do on the same drive; when its fans came on and went off; and the vehicle fitted to it. */
export function LogView({ id }: { id: string }) {
  const { job } = useJob();
  const { data, error } = useQuery<LogOverPlan, Refused>({
    queryKey: keys.log(job.id, job.version, id),
    queryFn: () => api.log(job.id, id),
    retry: false,
  });
  const fit = useMutation<Fit, Refused>({ mutationFn: () => api.fitToLog(job.id, id) });
  if (data === undefined) {
    return error === null ? null : (
      <p role="alert" className="panel font-semibold text-danger">
        {error.message}
      </p>
    );
  }
  return (
    <>
      <Panel
        title={`${data.log.name} over the plan`}
        aside={
          <Button
            disabled={fit.isPending}
            onClick={() => {
              fit.mutate();
            }}
          >
            {fit.isPending ? "Fitting…" : "Fit the vehicle to it"}
          </Button>
        }
      >
        <Curves over={data} />
        <Assumed over={data} />
        <Switched over={data} />
        {fit.error !== null && (
          <p role="alert" className="mt-2 font-semibold text-danger">
            {fit.error.message}
          </p>
        )}
      </Panel>
      {fit.data !== undefined && <Calibration fit={fit.data} />}
    </>
  );
}

function Curves({ over }: { over: LogOverPlan }) {
  const { units } = useUnits();
  const temp = (tempC: number) => shown(tempC, "temperature", units).value;
  const known = over.curve.flatMap((point) =>
    point.coolantC === null ? [] : [{ ...point, coolantC: point.coolantC }],
  );
  const currents = over.curve.flatMap((point): [number, number][] =>
    point.fanA === null ? [] : [[point.timeS, point.fanA]],
  );
  // A line is not drawn over a stretch in which nothing came in.
  const stretches = over.gaps.reduce<[number, number][]>(
    (cut, [from, to]) => [...cut.slice(0, -1), [cut.at(-1)?.[0] ?? 0, from], [to, Infinity]],
    [[0, Infinity]],
  );
  const measured = stretches.flatMap(([from, to], at): Line[] => {
    const points = known
      .filter((point) => point.timeS >= from && point.timeS <= to)
      .map((point): [number, number] => [point.timeS, temp(point.coolantC)]);
    return points.length < 2
      ? []
      : [{ name: at === 0 ? "Measured" : "", points, className: "stroke-ink [stroke-width:2]" }];
  });
  const events = over.switching?.events ?? [];
  return (
    <div className="grid gap-3">
      <LineChart
        title="Coolant measured and planned"
        unit={units.temperature}
        height={260}
        bands={over.bands.flatMap((band, at) =>
          band.onC === null || band.offC === null
            ? []
            : [{ from: temp(band.offC), to: temp(band.onC), name: `stage ${at + 1}: off to on` }],
        )}
        marks={events.map((event) => ({ atS: event.atS, name: event.isOn ? "on" : "off" }))}
        lines={[
          ...measured,
          {
            name: "The plan",
            points: over.planned.map((point): [number, number] => [point.timeS, temp(point.coolantC)]),
            className: "stroke-accent [stroke-width:2.5] [stroke-dasharray:7_4]",
          },
        ]}
      />
      {currents.length > 1 && (
        <LineChart
          title="Current of the fans"
          unit="A"
          least={0}
          height={120}
          lines={[{ name: "Measured", points: currents, className: "stroke-ink [stroke-width:2]" }]}
        />
      )}
    </div>
  );
}

function Switched({ over }: { over: LogOverPlan }) {
  const text = useText();
  const show = useShown();
  const { switching } = over;
  if (switching === null) {
    return <p className="mt-2 text-muted">This log tells nothing of when the fans ran.</p>;
  }
  const said = (at: LogSwitchedAt | null) =>
    at === null
      ? "never"
      : `at ${show(at.meanC, "temperature")}${at.count > 1 ? ` ± ${digits(at.spreadK, 1)} K, ${at.count} times` : ", once"}`;
  const [band] = over.bands;
  return (
    <dl className="mt-2 grid gap-1">
      <div>
        <dt className="inline font-semibold">Fans came on </dt>
        <dd className="inline">
          {said(switching.on)}
          {band?.onC != null && `; the plan has ${show(band.onC, "temperature")}`}
        </dd>
      </div>
      <div>
        <dt className="inline font-semibold">Fans went off </dt>
        <dd className="inline">
          {said(switching.off)}
          {band?.offC != null && `; the plan has ${show(band.offC, "temperature")}`}
        </dd>
      </div>
      <div className="text-sm text-muted">Found {text(switching, "says")}.</div>
    </dl>
  );
}

/** What the plan takes for granted because the log does not have it. */
function Assumed({ over }: { over: LogOverPlan }) {
  const texts = useTexts();
  return over.assumes.length === 0 ? null : (
    <ul className="mt-2 grid gap-1 text-warning">
      {texts(over, "assumes").map((said) => (
        <li key={said}>◆ {said}</li>
      ))}
    </ul>
  );
}
