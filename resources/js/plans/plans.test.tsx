import { cleanup, render, screen, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, expect, test, vi } from "vitest";
import type { PlanChoices } from "../api/generated/plan-choices";
import type { ShownPlan } from "../api/generated/plans-row";
import type { JobFile } from "../api/generated/saved-job";
import { UnitsProvider } from "../kit/units";
import { Asking } from "./Asking";
import { changedPlans } from "./changed";
import { Leaders } from "./Leaders";
import { ordered } from "./ordered";
import { PlanCards } from "./PlanCards";
import { questionOf, type Question } from "./question";
import { SinceLastTime } from "./SinceLastTime";
import { Weights } from "./Weights";
import { WhyNotList } from "./WhyNotList";

afterEach(() => {
  cleanup();
});

const CHOICES: PlanChoices = {
  complaints: [
    { id: "hot-in-traffic", says: "Hot in traffic" },
    { id: "noise", says: "Noise" },
  ],
  wishes: [
    { id: "override", says: "A dash switch" },
    { id: "reversible", says: "Nothing is cut" },
  ],
  strengths: [
    { id: "must", says: "Must" },
    { id: "never", says: "Never" },
  ],
  criteria: [
    { id: "peakC", says: "hottest coolant", weight: 3 },
    { id: "cost", says: "parts, about", weight: 1.5 },
  ],
  switchedBy: ["nothing", "computer"],
  compressors: ["none", "clutch"],
};
const QUESTION: Question = {
  complaints: ["hot-in-traffic"],
  wishes: { override: "must" },
  switchedBy: "nothing",
  compressor: "none",
  mostCost: null,
  mostHours: null,
};

function plan(number: number, title: string, peak: number, cost: number): ShownPlan {
  return {
    number,
    title,
    details: ["fan: left"],
    why: `Why ${title}.`,
    givesUp: ["parts: more"],
    caution: peak > 90 ? "It may get hotter than 90 °C." : null,
    figures: [
      { id: "peakC", says: `${String(peak)} °C` },
      { id: "cost", says: String(cost) },
    ],
    scores: { peakC: (peak - 80) / 10, cost: cost / 150 },
    setPoints: [{ says: "Stage 1: on 88 °C" }],
    schools: ["Set to run cool."],
    drawing: { width: 100, height: 100, threads: [] },
    changes: { "/control": {} },
  };
}
const PLANS = [plan(10, "Two fans", 82, 200), plan(20, "One fan", 92, 30)];
const shown = (node: React.ReactNode) => render(<UnitsProvider>{node}</UnitsProvider>);

test("complaints, what there is and wishes make the question", async () => {
  const onChange = vi.fn();
  shown(<Asking choices={CHOICES} question={QUESTION} onChange={onChange} />);
  await userEvent.click(screen.getByRole("checkbox", { name: "Noise" }));
  expect(onChange).toHaveBeenLastCalledWith({ ...QUESTION, complaints: ["hot-in-traffic", "noise"] });
  await userEvent.click(screen.getByRole("checkbox", { name: "Hot in traffic" }));
  expect(onChange).toHaveBeenLastCalledWith({ ...QUESTION, complaints: [] });
  await userEvent.selectOptions(screen.getByRole("combobox", { name: /Nothing is cut/ }), "never");
  expect(onChange).toHaveBeenLastCalledWith({ ...QUESTION, wishes: { override: "must", reversible: "never" } });
  await userEvent.selectOptions(screen.getByRole("combobox", { name: /A dash switch/ }), "open");
  expect(onChange).toHaveBeenLastCalledWith({ ...QUESTION, wishes: {} });
  await userEvent.click(screen.getByRole("radio", { name: "The engine computer" }));
  expect(onChange).toHaveBeenLastCalledWith({ ...QUESTION, switchedBy: "computer" });
  await userEvent.type(screen.getByRole("textbox", { name: /cost/ }), "120,5");
  await userEvent.tab();
  expect(onChange).toHaveBeenLastCalledWith({ ...QUESTION, mostCost: 120.5 });
});

test.each([
  ["thermal-switch", undefined, [], { switchedBy: "nothing", compressor: "none", wishes: {} }],
  [
    "computer",
    { compressor: "variable" },
    [{ kind: "force-on" }],
    {
      switchedBy: "computer",
      compressor: "variable",
      wishes: { "keeps-computer": "must", "air-conditioning-covered": "must", override: "rather" },
    },
  ],
])("a job decided by a %s asks what it tells already", (kind, airConditioning, overrides, expected) => {
  const control = { stages: [{ decider: { kind } }], airConditioning, overrides };
  expect(questionOf({ control } as unknown as JobFile)).toMatchObject(expected);
});

test("plans are ordered by what counts, and the order follows a moved weight at once", () => {
  const scores = (one: ShownPlan) => one.scores;
  expect(ordered(PLANS, scores, { peakC: 3, cost: 0 }).map((one) => one.number)).toEqual([10, 20]);
  expect(ordered(PLANS, scores, { peakC: 0, cost: 3 }).map((one) => one.number)).toEqual([20, 10]);
});

test("plans stand side by side, each with why it is here and what it gives up, and one is taken", async () => {
  const onTake = vi.fn();
  shown(<PlanCards plans={PLANS} criteria={CHOICES.criteria} weights={{ peakC: 3, cost: 1 }} onTake={onTake} />);
  const table = screen.getByRole("table");
  expect(
    within(table)
      .getAllByRole("columnheader")
      .map((head) => head.textContent.slice(0, 1)),
  ).toEqual(["A", "B"]);
  expect(screen.getByText("Why Two fans.")).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: /^B/ }));
  expect(screen.getByText("Why One fan.")).toBeDefined();
  expect(screen.getByRole("alert").textContent).toContain("It may get hotter");
  expect(screen.getByText("Gives up parts: more.")).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: "Take plan B" }));
  expect(onTake).toHaveBeenCalledWith(PLANS[1], "B");
});

test("nothing is drawn where no plan is left", () => {
  const { container } = shown(<PlanCards plans={[]} criteria={[]} weights={{}} onTake={vi.fn()} />);
  expect(container.textContent).toBe("");
});

test("weights are moved, and put back", async () => {
  const onMove = vi.fn();
  shown(<Weights criteria={CHOICES.criteria} usual={{ peakC: 3, cost: 1.5 }} moved={{ cost: 4 }} onMove={onMove} />);
  expect(screen.getByRole("slider", { name: "parts, about" })).toHaveProperty("value", "4");
  await userEvent.click(screen.getByRole("button", { name: "As usual" }));
  expect(onMove).toHaveBeenLastCalledWith({});
});

test("what leads is told on the way, and why others are not shown", () => {
  shown(<Leaders leaders={[{ title: "One fan", details: ["fan: left"], figures: PLANS[1]?.figures ?? [] }]} />);
  expect(screen.getByText("92 °C · 30")).toBeDefined();
  cleanup();
  shown(<Leaders leaders={[]} />);
  expect(screen.getByText("None stands yet.")).toBeDefined();
  cleanup();
  shown(<WhyNotList rows={[{ respect: "place", name: "top hose", says: "Plan A beats it." }]} />);
  expect(screen.getByText("Plan A beats it.")).toBeDefined();
  expect(screen.queryByText("Fans")).toBeNull();
});

test("planning again tells what has changed since, and nothing the first time", () => {
  localStorage.clear();
  const since = (plans: ShownPlan[]) => shown(<SinceLastTime job="pump" plans={plans} criteria={CHOICES.criteria} />);
  expect(since(PLANS).container.textContent).toBe("");
  cleanup();
  expect(since(PLANS).container.textContent, "the same again is no news").toBe("");
  cleanup();
  since([plan(10, "Two fans", 82, 150), plan(30, "Stepless", 84, 220)]);
  expect(screen.getByText("New: Stepless, fan: left")).toBeDefined();
  expect(screen.getByText("No longer among them: One fan, fan: left")).toBeDefined();
  expect(screen.getByText("Two fans, fan: left: parts, about 150, was 200")).toBeDefined();
  expect(changedPlans([], [])).toBeUndefined();
});

test("what the browser keeps of earlier plans may be spoiled", () => {
  localStorage.setItem("lamp-thread/plans/pump", "{");
  expect(shown(<SinceLastTime job="pump" plans={PLANS} criteria={[]} />).container.textContent).toBe("");
});
