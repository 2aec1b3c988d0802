import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { createMemoryRouter, RouterProvider } from "react-router";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { Refused } from "../api/client";
import type { PracticeOverview } from "../api/generated/practice";
import type { PracticeRun } from "../api/generated/practice-run";
import { UnitsProvider } from "../kit/units";
import { Practice } from "./Practice";
import { PracticeBench } from "./PracticeBench";

const { practice, beginPractice, practiceRun, practiceDesign, practiceMove } = vi.hoisted(() => ({
  practice: vi.fn(),
  beginPractice: vi.fn(),
  practiceRun: vi.fn(),
  practiceDesign: vi.fn(),
  practiceMove: vi.fn(),
}));
vi.mock("../api/client", async (original) => ({
  ...(await original<typeof import("../api/client")>()),
  api: { practice, beginPractice, practiceRun, practiceDesign, practiceMove },
}));
vi.mock("../drawing/ThreadDrawing", () => ({
  ThreadDrawing: ({ held }: { held: { kind: string; id: string }[] }) => <div>held {JSON.stringify(held)}</div>,
}));

const OVERVIEW: PracticeOverview = {
  lessons: [{ id: "dead-fan", title: "Dead fan", story: "It stands.", job: "orchard", best: 80 }],
  people: [{ person: "Ann", runs: 3, mean: 72 }],
  weak: [{ class: "wire/chafed", mean: 31 }],
};
const RUN: PracticeRun = {
  id: "r1",
  lesson: "dead-fan",
  job: "Sprayer",
  person: "Ann",
  minutes: 0,
  wrong: 0,
  dangers: 0,
  score: null,
  title: "Dead fan",
  story: "It stands.",
  seen: [{ id: "never-runs", says: "The fan never runs" }],
  budgetMinutes: 13,
  moves: [],
  kinds: [{ id: "pull", says: "Pull a fuse", hasSituation: false, spots: [{ id: "f-1", says: "F1", on: ["f-1"] }] }],
  situations: [{ id: "rest", says: "Key on.", isMeasured: true }],
  places: [{ id: "f-1", says: "F1, fuse", isCooling: false }],
  end: null,
};

beforeEach(() => {
  localStorage.clear();
  vi.stubGlobal("scrollTo", vi.fn());
  vi.stubGlobal("matchMedia", () => ({ matches: false, addEventListener: vi.fn(), removeEventListener: vi.fn() }));
  practice.mockResolvedValue(OVERVIEW);
  practiceRun.mockResolvedValue(RUN);
  practiceDesign.mockResolvedValue({ findings: [], terminals: [], wires: [] });
});
afterEach(() => {
  cleanup();
  vi.clearAllMocks();
});

function shownAt(path: string) {
  const router = createMemoryRouter(
    [
      { path: "/practice", element: <Practice /> },
      { path: "/practice/:run", element: <PracticeBench /> },
    ],
    { initialEntries: [path] },
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

test("a lesson begins with the name of who practises; scores and weak spots stand beside it", async () => {
  beginPractice.mockResolvedValue(RUN);
  const router = shownAt("/practice");
  await userEvent.type(screen.getByRole("textbox", { name: "Name or initials" }), "Ann");
  expect(await screen.findByText("best 80 of 100")).toBeDefined();
  expect(screen.getByText(/wire chafed \(31\)/)).toBeDefined();
  expect(screen.getByRole("cell", { name: "72" })).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: "Begin: Dead fan" }));
  expect(beginPractice).toHaveBeenCalledWith({ lesson: "dead-fan", person: "Ann" });
  expect(router.state.location.pathname).toBe("/practice/r1");
  expect(localStorage.getItem("lamp-thread/practice-name")).toBe("Ann");
});

test("a fault is hidden in a job by its grade, and a refusal is said", async () => {
  beginPractice.mockRejectedValue(new Refused(422, [{ at: "/grade", message: "Nothing can be hidden." }]));
  shownAt("/practice?job=pump");
  await userEvent.click(await screen.findByRole("button", { name: /^Hard/ }));
  expect(beginPractice).toHaveBeenCalledWith({ job: "pump", grade: "hard", person: "" });
  expect((await screen.findByRole("alert")).textContent).toBe("Nothing can be hidden.");
});

test("a move shows what it showed, marks its spot, and the clock goes on", async () => {
  const move = {
    title: "Pull F1",
    setting: [],
    given: "whole",
    minutes: 0.5,
    verdict: "slow",
    says: "It takes long.",
    better: null,
  };
  practiceMove.mockResolvedValue({ ...RUN, minutes: 0.5, moves: [move] });
  shownAt("/practice/r1");
  expect((await screen.findByRole("timer")).textContent).toBe("0 of 13 min");
  await userEvent.click(screen.getByRole("button", { name: "Do it" }));
  expect(practiceMove).toHaveBeenCalledWith("r1", { test: "pull/f-1" });
  expect(await screen.findByText("whole")).toBeDefined();
  expect(screen.getByRole("timer").textContent).toBe("0.5 of 13 min");
  expect(screen.getByText('held [{"kind":"component","id":"f-1"}]')).toBeDefined();
});

test("naming the fault ends the run", async () => {
  const place = { id: "f-1", parts: ["f-1"], subject: 0, share: 1, says: "F1, fuse: open" };
  practiceMove.mockResolvedValue({ ...RUN, score: 90, end: { place, minutes: 1, path: [] } });
  shownAt("/practice/r1");
  await userEvent.selectOptions(await screen.findByRole("combobox", { name: "The fault is in" }), "f-1");
  await userEvent.click(screen.getByRole("button", { name: "That is it" }));
  expect(await screen.findByText("90 of 100")).toBeDefined();
  expect(screen.queryByRole("button", { name: "Do it" }), "nothing is tested any more").toBeNull();
});
