import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Refused } from "../api/client";
import { keys } from "../api/keys";
import type { Gallery } from "../api/generated/arrangements";
import type { TrailAnswer } from "../api/generated/trail";
import type { UnknownVehicleRequest } from "../api/generated/unknown-vehicle-request";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { SegmentedControl } from "../kit/SegmentedControl";
import { useText } from "../kit/messages";
import { Page } from "../shell/Page";
import { Complaint } from "./Complaint";
import { FoundPanel } from "./FoundPanel";
import { Given } from "./Given";
import { NextTests } from "./NextTests";
import { Possibilities } from "./Possibilities";
import { ToolBox, useTools } from "./ToolBox";

type Known = UnknownVehicleRequest["known"];

const NOTHING: TrailAnswer = { symptoms: [], tools: [], trail: null };
const ANY = "any";

/** A vehicle nobody here has wired: what is seen of it, and what is wrong; tests narrow both how it is wired and what has failed. */
export function UnknownVehicle() {
  const text = useText();
  const [tools, setTools] = useTools();
  const [known, setKnown] = useState<Known>({});
  const [seen, setSeen] = useState<string[]>([]);
  const [given, setGiven] = useState<{ test: string; given: string }[]>([]);
  const question: UnknownVehicleRequest = {
    known,
    seen,
    answers: given,
    tools: tools === "" ? [] : tools.split(","),
  };
  const gallery = useQuery<Gallery, Refused>({ queryKey: keys.gallery, queryFn: api.gallery, staleTime: Infinity });
  const choices = useQuery<TrailAnswer, Refused>({
    queryKey: keys.trailChoices,
    queryFn: api.trailChoices,
    staleTime: Infinity,
  });
  const { data, error } = useQuery<TrailAnswer, Refused>({
    queryKey: keys.unknownVehicle(question),
    queryFn: () => api.unknownVehicle(question),
    enabled: seen.length > 0,
    retry: false,
    placeholderData: (before) => before,
  });
  const answer = (seen.length === 0 ? undefined : data) ?? choices.data ?? NOTHING;
  const { trail } = answer;
  const switchedBy = [...new Set((gallery.data ?? []).map((one) => one.switchedBy))];
  return (
    <Page title="Another vehicle" about="Look for a fault in a circuit nobody here has wired">
      {error !== null && (
        <p role="alert" className="panel mb-4 font-semibold text-danger">
          {error.message}
        </p>
      )}
      {seen.length > 0 && data === undefined && error === null && (
        <p role="status" className="panel mb-4">
          Every usual arrangement is solved with every fault. The first time this takes a while.
        </p>
      )}
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_25rem]">
        <div className="grid gap-4">
          {seen.length === 0 && choices.data !== undefined && <Complaint symptoms={answer.symptoms} onSeen={setSeen} />}
          {trail !== null &&
            (trail.found !== null ? (
              <FoundPanel found={trail.found} whenBack={trail.whenBack} />
            ) : (
              <NextTests
                trail={trail}
                onShow={() => undefined}
                onAnswer={(test, said) => {
                  setGiven((now) => [...now, { test, given: said }]);
                }}
              />
            ))}
          {trail !== null && <Possibilities trail={trail} />}
        </div>
        <div className="grid gap-4">
          <Panel title="What is known of it">
            <div className="grid gap-3">
              <SegmentedControl
                label="Fans"
                value={String(known.fans ?? ANY)}
                options={[
                  { value: ANY, label: "Any" },
                  { value: "1", label: "One" },
                  { value: "2", label: "Two" },
                ]}
                onChange={(fans) => {
                  setKnown({ ...known, fans: fans === ANY ? null : Number(fans) });
                }}
              />
              <label className="grid gap-1">
                <span className="field-label mb-0">Who switches them</span>
                <select
                  className="field min-h-11 px-3"
                  value={known.switchedBy ?? ANY}
                  onChange={(event) => {
                    setKnown({ ...known, switchedBy: event.target.value === ANY ? null : event.target.value });
                  }}
                >
                  <option value={ANY}>Nobody knows</option>
                  {switchedBy.map((one) => (
                    <option key={one} value={one}>
                      {one.replaceAll("-", " ")}
                    </option>
                  ))}
                </select>
              </label>
              <Count
                label="Relays"
                value={known.relays ?? null}
                onChange={(relays) => {
                  setKnown({ ...known, relays });
                }}
              />
              <Count
                label="Fuses of the fan"
                value={known.fuses ?? null}
                onChange={(fuses) => {
                  setKnown({ ...known, fuses });
                }}
              />
              <SegmentedControl
                label="Wires on 87 and 87a of one relay"
                value={known.changeOver == null ? ANY : known.changeOver ? "yes" : "no"}
                options={[
                  { value: ANY, label: "Not looked" },
                  { value: "yes", label: "Yes" },
                  { value: "no", label: "No" },
                ]}
                onChange={(changeOver) => {
                  setKnown({ ...known, changeOver: changeOver === ANY ? null : changeOver === "yes" });
                }}
              />
              <SegmentedControl
                label="Air conditioning starts them"
                value={known.airConditioning == null ? ANY : known.airConditioning ? "yes" : "no"}
                options={[
                  { value: ANY, label: "Any" },
                  { value: "yes", label: "Yes" },
                  { value: "no", label: "No" },
                ]}
                onChange={(airConditioning) => {
                  setKnown({ ...known, airConditioning: airConditioning === ANY ? null : airConditioning === "yes" });
                }}
              />
            </div>
          </Panel>
          {(answer.arrangements ?? []).length > 0 && (
            <Panel title="How it may be wired">
              <ol className="grid gap-1">
                {(answer.arrangements ?? []).map((one) => (
                  <li key={one.id} className="grid grid-cols-[3.5rem_minmax(0,1fr)] gap-2">
                    <span className="text-right font-mono font-bold">{Math.round(100 * one.share)} %</span>
                    <span>{text(one, "title")}</span>
                  </li>
                ))}
              </ol>
            </Panel>
          )}
          {trail !== null && (
            <Given
              trail={trail}
              onBack={() => {
                setGiven((now) => now.slice(0, -1));
              }}
              onAnew={() => {
                setSeen([]);
                setGiven([]);
              }}
            />
          )}
          {answer.tools.length > 0 && <ToolBox tools={answer.tools} chosen={tools} onChange={setTools} />}
        </div>
      </div>
    </Page>
  );
}

function Count(props: { label: string; value: number | null; onChange: (value: number | null) => void }) {
  return (
    <div>
      <p className="field-label">{props.label}</p>
      <div className="flex items-center gap-2">
        <Button
          aria-label={`${props.label}: one less`}
          onClick={() => {
            props.onChange(props.value === null || props.value === 0 ? null : props.value - 1);
          }}
        >
          −
        </Button>
        <span className="min-w-24 text-center">{props.value ?? "Not counted"}</span>
        <Button
          aria-label={`${props.label}: one more`}
          onClick={() => {
            props.onChange((props.value ?? 0) + 1);
          }}
        >
          +
        </Button>
      </div>
    </div>
  );
}
