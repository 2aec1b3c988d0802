import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { Refused } from "../api/client";
import type { RoadRequest } from "../api/generated/road-request";
import type { MadeDrive } from "../api/generated/made-drive";
import { useJob } from "../job/JobContext";
import { Panel } from "../kit/Panel";
import { SegmentedControl } from "../kit/SegmentedControl";
import { ProblemItems } from "../api/ProblemItems";
import { Loading } from "../shell/states";
import { AdvicePanel } from "./AdvicePanel";
import { BandPanel } from "./BandPanel";
import { Charts } from "./Charts";
import { Compared } from "./Compared";
import { DriveEditor } from "./DriveEditor";
import { DriveTable } from "./DriveTable";
import { Files } from "./Files";
import { LockoutChart } from "./LockoutChart";
import { Player } from "./Player";
import { changesOf, LABELS, type Setting } from "./settings";
import { SweepPicture } from "./SweepPicture";
import { Typed } from "./Typed";
import { useAdvice, useRoad } from "./useRoad";

const FIGURES = [
  { name: "ambientC", label: "Ambient", kind: "temperature" },
  { name: "startsC", label: "Coolant at first", kind: "temperature" },
  { name: "altitudeM", label: "Altitude", kind: "length" },
  { name: "trailerKg", label: "Trailer", kind: "kg" },
] as const;

/** One drive with one setting or two, against time and in numbers. */
export function DrivePart() {
  const { job } = useJob();
  const queries = useQueryClient();
  const [question, setQuestion] = useState<RoadRequest>({ drive: "3-queue" });
  const [setting, setSetting] = useState<Setting>("none");
  const [cursorS, setCursorS] = useState<number>();
  const [making, setMaking] = useState<{ made: MadeDrive; inPlaceOf: string }>();
  const [wrong, setWrong] = useState<Refused>();
  const advice = useAdvice();
  const changes = changesOf(setting, advice ?? [], job.file);
  const asked = {
    ...question,
    ...(Object.keys(changes).length > 0 ? { changes, label: LABELS[setting] } : {}),
  };
  const { road, isStale, refused } = useRoad(asked);
  if (road === undefined) {
    return refused === undefined ? (
      <Loading what="the road" />
    ) : (
      <p role="alert" className="panel border-danger font-semibold text-danger">
        {refused.message}
      </p>
    );
  }
  const figures = FIGURES.map(({ name }) => `/${name}`);
  const problems = [...(wrong?.problems ?? []), ...(refused?.problems ?? [])].filter(
    (problem) => !figures.includes(problem.at),
  );
  return (
    <div className="grid gap-4 lg:grid-cols-[minmax(0,1fr)_19.5rem]">
      <div className="grid min-w-0 content-start gap-4">
        <section className="panel grid gap-3">
          <SegmentedControl
            label="Drive"
            value={road.drive.id}
            options={road.drives.map((drive) => ({ value: drive.id, label: drive.name, fits: drive.words }))}
            onChange={(drive) => {
              setCursorS(undefined);
              setQuestion({ drive });
            }}
          />
          <div className="no-print flex flex-wrap items-start gap-3">
            {FIGURES.map(({ name, label, kind }) => (
              <Typed
                key={name}
                label={label}
                kind={kind}
                value={name === "altitudeM" ? road.altitudeM : road.drive[name]}
                wrong={refused?.at(`/${name}`)}
                isStale={isStale}
                onTyped={(typed) => {
                  setQuestion((now) => ({ ...now, [name]: typed }));
                }}
              />
            ))}
          </div>
          <Files
            drive={road.drive.id}
            isOwn={road.drive.isOwn}
            unreadable={road.unreadableDrives}
            onDrive={(drive) => {
              setQuestion({ drive });
            }}
            onMake={(made, inPlaceOf) => {
              setMaking({ made, inPlaceOf });
            }}
            onWrong={setWrong}
          />
          {problems.length > 0 && (
            <ul role="alert" className="grid max-h-60 gap-1 overflow-y-auto font-semibold text-danger">
              <ProblemItems problems={problems} />
            </ul>
          )}
        </section>
        {making !== undefined && (
          <DriveEditor
            key={making.inPlaceOf}
            made={making.made}
            inPlaceOf={making.inPlaceOf}
            onKept={(drive) => {
              setMaking(undefined);
              setQuestion({ drive });
              void queries.invalidateQueries({ queryKey: ["road"] });
            }}
            onClose={() => {
              setMaking(undefined);
            }}
          />
        )}
        <section className={`panel ${isStale ? "opacity-60" : ""}`} aria-label="The drive against time">
          <Player
            lastsS={road.drive.lastsS}
            cursorS={cursorS}
            onCursor={setCursorS}
            samples={road.outcomes[0]?.samples ?? []}
          />
          <Charts outcomes={road.outcomes} ceilingC={job.file.cooling.ceilingC} cursorS={cursorS} />
          <DriveTable outcomes={road.outcomes} />
        </section>
        <Panel title="Result">
          <Compared outcomes={road.outcomes} />
        </Panel>
        <BandPanel question={asked} />
        <SweepPicture
          title="Many set points"
          words="Drives this drive at twenty temperatures and ten gaps, and shows which of them no other beats in heat, starts and ampere-hours at once."
          question={question}
        />
        <LockoutChart />
      </div>
      <aside className="grid content-start gap-4 self-start">
        <AdvicePanel advice={advice} boilsC={road.boilsC} setting={setting} onSetting={setSetting} />
      </aside>
    </div>
  );
}
