import { cleanup, render, screen } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, expect, test, vi } from "vitest";
import type { PracticeRun } from "../api/generated/practice-run";
import { UnitsProvider } from "../kit/units";
import { EndPanel } from "./EndPanel";
import { heldSpot, Instruments } from "./Instruments";
import { Moves } from "./Moves";
import { NameFault } from "./NameFault";

afterEach(() => {
  cleanup();
});

const RUN: PracticeRun = {
  id: "r",
  lesson: null,
  job: "Sprayer",
  person: "Ann",
  minutes: 4,
  wrong: 1,
  dangers: 0,
  score: null,
  title: null,
  story: null,
  seen: [{ id: "never-runs", says: "The fan never runs" }],
  budgetMinutes: 13,
  moves: [
    {
      title: "Pull F1",
      setting: [],
      given: "whole",
      minutes: 0.5,
      verdict: "slow",
      says: "It takes long.",
      better: "Better: look.",
    },
    {
      title: "Look",
      setting: ["Key on."],
      given: "stands",
      minutes: 0.3,
      verdict: "best",
      says: "Best.",
      better: null,
    },
  ],
  kinds: [
    { id: "look", says: "Look at the fans", hasSituation: true, spots: [] },
    { id: "pull", says: "Pull a fuse", hasSituation: false, spots: [{ id: "f-1", says: "F1", on: ["f-1"] }] },
    {
      id: "wire",
      says: "Bare wire",
      hasSituation: true,
      spots: [
        { id: "battery:+", says: "battery +", on: ["battery:+"] },
        { id: "battery:-", says: "battery −", on: ["battery:-"] },
      ],
    },
  ],
  situations: [
    { id: "rest", says: "Key on.", isMeasured: true },
    { id: "unplugged-s", says: "S off.", isMeasured: false },
  ],
  places: [
    { id: "f-1", says: "F1, fuse", isCooling: false },
    { id: "air", says: "Air in the system", isCooling: true },
  ],
  end: null,
};

const shown = (node: React.ReactNode) => render(<UnitsProvider>{node}</UnitsProvider>);

test("an instrument, how the vehicle stands and where it is held make one move", async () => {
  const onMove = vi.fn();
  const onTouch = vi.fn();
  shown(<Instruments run={RUN} isBusy={false} touched={[]} onTouch={onTouch} onMove={onMove} />);
  const act = () => userEvent.click(screen.getByRole("button", { name: "Do it" }));
  await act();
  await userEvent.click(screen.getByRole("button", { name: "Pull a fuse" }));
  expect(screen.queryByLabelText(/How the vehicle stands/), "a fuse is pulled in any").toBeNull();
  await act();
  await userEvent.click(screen.getByRole("button", { name: "Bare wire" }));
  expect(screen.getByText(/can burn a loom/)).toBeDefined();
  await act();
  expect(onMove.mock.calls.map(([move]) => move as unknown)).toEqual([
    { test: "look/rest" },
    { test: "pull/f-1" },
    { wire: { situation: "rest", from: "battery:+", to: "battery:-" } },
  ]);
  expect(onTouch).toHaveBeenLastCalledWith(["battery:+", "battery:-"]);
});

test("an instrument is held where the drawing is touched, and nowhere it does not go", async () => {
  const across = { id: "r:30>r:87", says: "K1, 30 to 87", on: ["r", "r:30", "r:87"] };
  const coil = { id: "r:86>r:85", says: "K1, 86 to 85", on: ["r", "r:86", "r:85"] };
  expect(heldSpot([across, coil], ["r:30", "r:87"])).toBe(across);
  expect(heldSpot([across, coil], ["r:30", "r:85"]), "the last that was touched decides").toBe(coil);
  expect(heldSpot([across, coil], ["x:1"])).toBeUndefined();
  const onMove = vi.fn();
  shown(<Instruments run={RUN} isBusy={false} touched={["battery:-"]} onTouch={vi.fn()} onMove={onMove} />);
  await userEvent.click(screen.getByRole("button", { name: "Pull a fuse" }));
  expect(screen.getByRole("status").textContent).toContain("not where this goes");
  await userEvent.click(screen.getByRole("button", { name: "Bare wire" }));
  expect(screen.getByRole("status").textContent).toContain("Touch the drawing");
  await userEvent.click(screen.getByRole("button", { name: "Do it" }));
  expect(onMove).toHaveBeenLastCalledWith({ wire: { situation: "rest", from: "battery:-", to: "battery:+" } });
});

test("moves stand with their judgement, the last first", () => {
  shown(<Moves run={RUN} />);
  const rows = screen.getAllByRole("listitem").map((row) => row.textContent);
  expect(rows[0]).toContain("Look: stands");
  expect(rows[1]).toContain("Better: look.");
});

test("the fault is named, or given up", async () => {
  const onName = vi.fn();
  shown(<NameFault run={RUN} isBusy={false} onName={onName} />);
  expect(screen.getByText(/One wrong guess/)).toBeDefined();
  expect(screen.getByRole("button", { name: "That is it" })).toHaveProperty("disabled", true);
  await userEvent.selectOptions(screen.getByRole("combobox"), "air");
  await userEvent.click(screen.getByRole("button", { name: "That is it" }));
  await userEvent.click(screen.getByRole("button", { name: "Show me" }));
  expect(onName.mock.calls.map(([move]) => move as unknown)).toEqual([{ place: "air" }, { givesUp: true }]);
});

test("at the end the shortest way stands beside one’s own", () => {
  const place = { id: "f-1", parts: ["f-1"], subject: 0, share: 1, says: "F1, fuse: open" };
  const path = [{ title: "Pull F1", setting: [], given: "blown" }];
  shown(<EndPanel run={{ ...RUN, score: 55, end: { place, minutes: 1.5, path } }} />);
  expect(screen.getByText("55 of 100")).toBeDefined();
  expect(screen.getByText(/The shortest way takes 1.5 min and 1 moves/)).toBeDefined();
  expect(screen.getByText("blown")).toBeDefined();
});
