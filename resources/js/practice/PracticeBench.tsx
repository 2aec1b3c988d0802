import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, type Refused } from "../api/client";
import { keys } from "../api/keys";
import type { PracticeMoveRequest } from "../api/generated/practice-move-request";
import type { PracticeRun } from "../api/generated/practice-run";
import type { Design } from "../api/generated/saved-job";
import { ThreadDrawing } from "../drawing/ThreadDrawing";
import type { Held } from "../drawing/drawn";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";
import { digits } from "../kit/units";
import { Page } from "../shell/Page";
import { EndPanel } from "./EndPanel";
import { Instruments } from "./Instruments";
import { Moves } from "./Moves";
import { NameFault } from "./NameFault";

const kindOf = (design: Design, id: string): Held["kind"] =>
  design.terminals.some((one) => one.id === id)
    ? "terminal"
    : design.wires.some((one) => one.id === id)
      ? "wire"
      : "component";

/** The bench with a hidden fault: instruments, what they showed, how good each move was. */
export function PracticeBench() {
  const { run: id = "" } = useParams();
  const text = useText();
  const queries = useQueryClient();
  const [touched, setTouched] = useState<string[]>([]);
  const { data, error } = useQuery<PracticeRun, Refused>({
    queryKey: keys.practiceRun(id),
    queryFn: () => api.practiceRun(id),
    retry: false,
  });
  const design = useQuery<Design, Refused>({
    queryKey: keys.practiceDesign(id),
    queryFn: () => api.practiceDesign(id),
    staleTime: Infinity,
    retry: false,
  });
  const move = useMutation<PracticeRun, Refused, PracticeMoveRequest>({
    mutationFn: (asked) => api.practiceMove(id, asked),
    onSuccess: (run) => {
      queries.setQueryData(keys.practiceRun(id), run);
    },
  });
  const problem = error ?? move.error ?? design.error;
  const title =
    data === undefined ? "Practice" : data.title === null ? data.job : text({ ...data, title: data.title }, "title");
  const drawing = design.data !== undefined && (
    <ThreadDrawing
      design={{ ...design.data, findings: [] }}
      bench={undefined}
      format="wide"
      held={touched.map((id) => ({ kind: kindOf(design.data, id), id }))}
      onHold={(held) => {
        // A meter has two leads: the last two that were touched.
        setTouched((before) => [...before.filter((one) => one !== held.id).slice(-1), held.id]);
      }}
    />
  );
  return (
    <Page
      title={title}
      about={data === undefined ? "" : data.job}
      actions={
        <Link to="/practice" className="link-button">
          Lessons
        </Link>
      }
    >
      {problem !== null && (
        <p role="alert" className="panel mb-4 font-semibold text-danger">
          {problem.message}
        </p>
      )}
      {data !== undefined && (
        <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_25rem]">
          <div className="grid gap-4">
            <section className="panel flex flex-wrap items-baseline gap-x-6 gap-y-1" aria-label="Complaint">
              {data.story !== null && <p className="w-full">{text({ ...data, story: data.story }, "story")}</p>}
              <p className="font-semibold">{data.seen.map((one) => text(one, "says")).join("; ")}</p>
              <p className="ml-auto font-mono" role="timer">
                {digits(data.minutes)} of {digits(data.budgetMinutes)} min
              </p>
            </section>
            {data.score === null ? (
              <Instruments
                run={data}
                isBusy={move.isPending}
                touched={touched}
                onTouch={setTouched}
                onMove={(asked) => {
                  move.mutate(asked);
                }}
              >
                {drawing}
              </Instruments>
            ) : (
              <>
                <EndPanel run={data} />
                <Panel title="The circuit">{drawing}</Panel>
              </>
            )}
          </div>
          <div className="grid gap-4">
            <Moves run={data} />
            {data.score === null && (
              <NameFault
                run={data}
                isBusy={move.isPending}
                onName={(asked) => {
                  move.mutate(asked);
                }}
              />
            )}
          </div>
        </div>
      )}
    </Page>
  );
}
