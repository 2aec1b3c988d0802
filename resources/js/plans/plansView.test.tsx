import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { createMemoryRouter, RouterProvider } from "react-router";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { Refused } from "../api/client";
import type { PlansRow } from "../api/generated/plans-row";
import { UnitsProvider } from "../kit/units";
import { Plans } from "./Plans";

const { planChoices, latestTask, beginTask, task, stopTask, change } = vi.hoisted(() => ({
  planChoices: vi.fn(),
  latestTask: vi.fn(),
  beginTask: vi.fn(),
  task: vi.fn(),
  stopTask: vi.fn(),
  change: vi.fn(),
}));
vi.mock("../api/client", async (original) => ({
  ...(await original<typeof import("../api/client")>()),
  api: { planChoices, latestTask, beginTask, task, stopTask },
}));
const control = { stages: [{ decider: { kind: "thermal-switch" } }], overrides: [] };
vi.mock("../job/JobContext", () => ({
  useJob: () => ({ job: { id: "pump", version: 3, file: { control } }, change }),
}));

const ROW: PlansRow = { done: 1, of: 20, seconds: 0.4, leaders: [], result: null };
const PLAN = {
  number: 10,
  title: "One fan, thermal switch",
  details: [],
  why: "The best balance of all.",
  givesUp: [],
  caution: null,
  figures: [{ id: "cost", says: "30" }],
  scores: { cost: 0.2 },
  setPoints: [],
  schools: [],
  drawing: { width: 1, height: 1, threads: [] },
  changes: { "/control": { coilFeed: "battery" } },
};
const RESULT: PlansRow = {
  ...ROW,
  done: 20,
  result: {
    plans: [PLAN],
    weights: { cost: 1.5 },
    whyNot: [{ respect: "arrangement", name: "Stepless", says: "It breaks: room." }],
    conflict: null,
    counts: { out: 2, judged: 17, pruned: 1, front: 4 },
  },
};

beforeEach(() => {
  planChoices.mockResolvedValue({
    complaints: [{ id: "noise", says: "Noise" }],
    wishes: [{ id: "override", says: "A dash switch" }],
    strengths: [{ id: "must", says: "Must" }],
    criteria: [{ id: "cost", says: "parts, about", weight: 1.5 }],
    switchedBy: ["nothing"],
    compressors: ["none"],
  });
  latestTask.mockResolvedValue(null);
});
afterEach(() => {
  cleanup();
  vi.clearAllMocks();
});

function shown() {
  const router = createMemoryRouter(
    [
      { path: "/jobs/pump/plans", element: <Plans /> },
      { path: "/jobs/pump/threads", element: <p>Threads are open</p> },
      { path: "*", element: <p>elsewhere</p> },
    ],
    { initialEntries: ["/jobs/pump/plans"] },
  );
  render(
    <QueryClientProvider client={new QueryClient()}>
      <UnitsProvider>
        <RouterProvider router={router} />
      </UnitsProvider>
    </QueryClientProvider>,
  );
  return router;
}

test("before anything is asked it is said what will be done; then what is asked goes out", async () => {
  shown();
  expect(await screen.findByText(/Every usual arrangement is tried/)).toBeDefined();
  beginTask.mockResolvedValue({ id: "t", state: "done", of: 1, rows: [RESULT] });
  await userEvent.click(await screen.findByRole("checkbox", { name: "Noise" }));
  await userEvent.selectOptions(screen.getByRole("combobox", { name: /A dash switch/ }), "must");
  await userEvent.click(screen.getByRole("button", { name: "Plan it" }));
  expect(beginTask).toHaveBeenCalledWith("pump", "plans", {
    complaints: ["hot-in-traffic", "noise"],
    wishes: { override: "must" },
    switchedBy: "nothing",
    compressor: "none",
    mostCost: null,
    mostHours: null,
  });
  expect(await screen.findByText(/17 judged to the end, 1 beaten before, 2 out; 4 that no other beats/)).toBeDefined();
});

test("a plan is taken as one change, and a refusal keeps the page", async () => {
  latestTask.mockResolvedValue({ id: "t", state: "done", of: 1, rows: [ROW, RESULT] });
  change.mockResolvedValueOnce({ version: 3, refused: new Refused(422, [{ at: "", message: "It cannot be wired." }]) });
  const router = shown();
  await userEvent.click(await screen.findByRole("button", { name: "Take plan A" }));
  expect((await screen.findByRole("alert")).textContent).toBe("It cannot be wired.");
  change.mockResolvedValueOnce({ version: 4, refused: undefined });
  await userEvent.click(screen.getByRole("button", { name: "Take plan A" }));
  expect(change).toHaveBeenLastCalledWith({ madeOn: 3, label: "Plan A taken", changes: PLAN.changes });
  expect(router.state.location.pathname).not.toBe("/jobs/pump/plans");
});

test("while it runs what leads is told, and it can be stopped", async () => {
  const leaders = [{ title: "One fan", details: [], figures: [] }];
  latestTask.mockResolvedValue({ id: "t", state: "running", of: 12, rows: [{ ...ROW, leaders }] });
  task.mockResolvedValue({ id: "t", state: "running", of: 12, rows: [{ ...ROW, leaders }] });
  stopTask.mockResolvedValue({ id: "t", state: "stopped", of: 12, rows: [{ ...ROW, leaders }] });
  shown();
  expect(await screen.findByText("One fan")).toBeDefined();
  expect(screen.getByText("1 of 20")).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: "Stop" }));
  expect(await screen.findByText("Stopped. What leads so far:")).toBeDefined();
});

test("where no plan is left the wishes are named, with the nearest", async () => {
  const conflict = { says: "These two stand against each other.", nearest: "Nearest, if you give up one." };
  const result = { plans: [], weights: {}, whyNot: [], conflict, counts: { out: 20, judged: 0, pruned: 0, front: 0 } };
  latestTask.mockResolvedValue({ id: "t", state: "done", of: 1, rows: [{ ...RESULT, result }] });
  shown();
  expect(await screen.findByText("These two stand against each other.")).toBeDefined();
  expect(screen.getByText("Nearest, if you give up one.")).toBeDefined();
  expect(screen.queryByText("What counts"), "nothing is there to be ordered").toBeNull();
});
