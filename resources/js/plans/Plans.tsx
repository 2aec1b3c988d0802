import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, type Refused } from "../api/client";
import { keys } from "../api/keys";
import type { PlanChoices } from "../api/generated/plan-choices";
import type { ShownPlan } from "../api/generated/plans-row";
import { useJob } from "../job/JobContext";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";
import { useTask } from "../kit/useTask";
import { digits } from "../kit/units";
import { Asking } from "./Asking";
import { Leaders } from "./Leaders";
import { PlanCards } from "./PlanCards";
import { questionOf } from "./question";
import { SinceLastTime } from "./SinceLastTime";
import { Weights } from "./Weights";
import { WhyNotList } from "./WhyNotList";

/** The program designs, the installer chooses: what is asked, the few plans no other beats, and why others are not among them. */
export function Plans() {
  const { job, change } = useJob();
  const navigate = useNavigate();
  const text = useText();
  const [question, setQuestion] = useState(() => questionOf(job.file));
  const [refusal, setRefusal] = useState<string>();
  const [moved, setMoved] = useState<Record<string, number>>({});
  const choices = useQuery<PlanChoices, Refused>({
    queryKey: keys.planChoices,
    queryFn: api.planChoices,
    staleTime: Infinity,
  });
  const { rows, state, isRunning, wrong, toggle } = useTask({ id: job.id, version: job.version }, "plans", question);
  const last = rows.at(-1);
  const result = last?.result ?? null;
  const take = async (plan: ShownPlan, letter: string) => {
    const { refused } = await change({ label: `Plan ${letter} taken`, changes: plan.changes, madeOn: job.version });
    setRefusal(refused?.message);
    if (refused === undefined) {
      void navigate("../threads");
    }
  };
  return (
    <div className="grid items-start gap-4 lg:grid-cols-[20rem_minmax(0,1fr)] lg:grid-rows-[auto_1fr]">
      <div className="grid gap-4">
        <div className="panel sticky top-16 z-10 flex flex-wrap items-center gap-3">
          <Button tone="strong" onClick={toggle}>
            {isRunning ? "Stop" : result === null ? "Plan it" : "Plan again"}
          </Button>
          {isRunning && (
            <span role="status" className="font-mono">
              {last === undefined ? "…" : `${String(last.done)} of ${String(last.of)}`}
            </span>
          )}
        </div>
        {isRunning && last !== undefined && last.of > 0 && (
          <progress className="w-full" max={last.of} value={last.done} aria-label="Plans judged" />
        )}
        {(wrong ?? refusal) !== undefined && (
          <p role="alert" className="font-semibold text-danger">
            {wrong ?? refusal}
          </p>
        )}
      </div>
      <div className="grid min-w-0 gap-4 lg:col-start-2 lg:row-span-2 lg:row-start-1">
        {last === undefined && !isRunning && (
          <p className="panel">
            Every usual arrangement is tried with each fan at hand, each place for the sensor, with and without a dash
            switch: sized, driven on the roads of the complaint, its single faults counted. The few that no other beats
            are shown side by side.
          </p>
        )}
        {state === "stopped" && result === null && <p className="panel">Stopped. What leads so far:</p>}
        {result === null && last !== undefined && <Leaders leaders={last.leaders} />}
        {result?.conflict != null && (
          <Panel title="No plan is left">
            <p className="font-semibold">{text(result.conflict, "says")}</p>
            {result.conflict.nearest !== null && (
              <p className="mt-1">{text({ ...result.conflict, nearest: result.conflict.nearest }, "nearest")}</p>
            )}
          </Panel>
        )}
        {result !== null && last !== undefined && choices.data !== undefined && (
          <>
            <PlanCards
              plans={result.plans}
              criteria={choices.data.criteria}
              weights={{ ...result.weights, ...moved }}
              onTake={(plan, letter) => void take(plan, letter)}
            />
            <SinceLastTime
              key={`${String(job.version)} ${String(last.seconds)}`}
              job={job.id}
              plans={result.plans}
              criteria={choices.data.criteria}
            />
            <WhyNotList rows={result.whyNot} />
            <p className="text-sm text-muted">
              {last.of} tried in {digits(last.seconds)} s: {result.counts.judged} judged to the end,{" "}
              {result.counts.pruned} beaten before, {result.counts.out} out; {result.counts.front} that no other beats.
            </p>
          </>
        )}
      </div>
      <div className="grid gap-4 lg:col-start-1">
        {choices.data !== undefined && <Asking choices={choices.data} question={question} onChange={setQuestion} />}
        {result !== null && choices.data !== undefined && result.plans.length > 0 && (
          <Weights criteria={choices.data.criteria} usual={result.weights} moved={moved} onMove={setMoved} />
        )}
      </div>
    </div>
  );
}
