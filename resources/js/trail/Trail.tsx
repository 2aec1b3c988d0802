import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, type Refused } from "../api/client";
import { keys } from "../api/keys";
import type { TrailAnswer } from "../api/generated/trail";
import { fatesOf } from "../drawing/altered";
import { ThreadDrawing } from "../drawing/ThreadDrawing";
import { useRecords } from "../handover/useRecords";
import { useJob } from "../job/JobContext";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";
import { Complaint } from "./Complaint";
import { FoundPanel } from "./FoundPanel";
import { Given } from "./Given";
import { NextTests } from "./NextTests";
import { Possibilities } from "./Possibilities";
import { ToolBox, useTools } from "./ToolBox";

/** What is wrong with it, which test next and why: from what is seen to the fault, step by step. */
export function Trail() {
  const { job } = useJob();
  const records = useRecords(job.id);
  const text = useText();
  const [tools, setTools] = useTools();
  const [shown, setShown] = useState<string[]>([]);
  const { data, error, isFetching } = useQuery<TrailAnswer, Refused>({
    queryKey: keys.trail(job.id, job.version, tools),
    queryFn: () => api.trail(job.id, tools),
    retry: false,
    placeholderData: (before) => before,
  });
  const waits = records.waiting.length > 0;
  if (error !== null && data === undefined) {
    return (
      <p role="alert" className="panel font-semibold text-danger">
        {error.message}
      </p>
    );
  }
  if (data === undefined) {
    return (
      <p role="status" className="panel">
        Every fault is solved in every state. The first time this takes a moment.
      </p>
    );
  }
  const { trail } = data;
  const seen = (ids: string[]) => {
    records.write({ kind: "trail", step: "seen", text: ids.join(" ") });
  };
  const answer = (step: string, given: string) => {
    records.write({ kind: "trail", step, text: given });
  };
  return (
    <div className="grid gap-4" aria-busy={isFetching || waits}>
      {(data.dangers ?? []).length > 0 && (
        <div role="alert" className="panel border-l-4 border-l-danger">
          <p className="font-semibold text-danger">
            ▲ First: what is dangerous in this job, whatever else is wrong with it.
          </p>
          <ul className="mt-1 list-disc pl-6">
            {(data.dangers ?? []).map((danger) => (
              <li key={danger.title}>{text(danger, "title")}</li>
            ))}
          </ul>
          <Link className="underline underline-offset-4" to="../brief">
            See the findings
          </Link>
        </div>
      )}
      {trail === null ? (
        <>
          <Complaint symptoms={data.symptoms} onSeen={seen} />
          {(data.history ?? []).length > 0 && (
            <Panel title="Found before">
              <ul className="grid gap-1">
                {(data.history ?? []).map((find) => (
                  <li key={find.at}>
                    <span className="font-mono">{find.at.slice(0, 10)}</span> {find.what} ({find.by})
                  </li>
                ))}
              </ul>
            </Panel>
          )}
          <p className="text-muted">
            Another vehicle, which nobody here has wired?{" "}
            <Link className="underline underline-offset-4" to="/trail">
              Look for its fault
            </Link>
            . Or{" "}
            <Link className="underline underline-offset-4" to={`/practice?job=${job.id}`}>
              practise on this job
            </Link>
            .
          </p>
        </>
      ) : (
        <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_25rem]">
          <div className="grid gap-4">
            {trail.found !== null ? (
              <FoundPanel
                found={trail.found}
                whenBack={trail.whenBack}
                onDone={() => {
                  records.write({
                    kind: "fault",
                    step: trail.found?.id ?? "",
                    text: trail.found?.says ?? "",
                    typed: trail.found?.class ?? "",
                  });
                }}
              />
            ) : (
              <NextTests trail={trail} onAnswer={answer} onShow={setShown} />
            )}
            <Panel title="Where it may be">
              <ThreadDrawing
                design={job.design}
                bench={undefined}
                format="wide"
                shares={sharesOf(trail.places)}
                fates={fatesOf(job)}
                held={shown.map((id) => ({ kind: id.includes(":") ? "terminal" : "wire", id }))}
                onHold={() => undefined}
              />
            </Panel>
          </div>
          <div className="grid gap-4">
            <Possibilities trail={trail} />
            <Given
              trail={trail}
              onBack={() => {
                records.write({ kind: "trail", step: "back", text: "" });
              }}
              onAnew={() => {
                seen([]);
              }}
            />
            <ToolBox tools={data.tools} chosen={tools} onChange={setTools} />
            {(data.outdated ?? []).length > 0 && (
              <p className="panel text-warning">
                ◆ {(data.outdated ?? []).length} earlier answers belong to another version of the circuit and do not
                count.
              </p>
            )}
            {records.isOffline && waits && (
              <p role="status" className="panel text-warning">
                ◆ No connection: what is answered waits here.
              </p>
            )}
          </div>
        </div>
      )}
    </div>
  );
}

function sharesOf(places: { parts: string[]; share: number }[]): Record<string, number> {
  const shares: Record<string, number> = {};
  for (const place of places) {
    for (const part of place.parts) {
      shares[part] = (shares[part] ?? 0) + place.share;
    }
  }
  return shares;
}
