import { cleanup, render, screen } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, expect, test, vi } from "vitest";
import type { Trail, TrailTest } from "../api/generated/trail";
import { UnitsProvider } from "../kit/units";
import { Complaint } from "./Complaint";
import { FoundPanel } from "./FoundPanel";
import { Given } from "./Given";
import { matching } from "./matching";
import { NextTests } from "./NextTests";
import { Possibilities } from "./Possibilities";
import { ToolBox } from "./ToolBox";

afterEach(() => {
  cleanup();
});

const LOOK: TrailTest = {
  id: "look/rest",
  kind: "look",
  title: "See what the fans do",
  setting: ["Key on."],
  reads: null,
  options: [
    { id: "fan-1=fast", says: "fan turns fast" },
    { id: "fan-1=stands", says: "fan stands" },
  ],
  leads: [],
  part: null,
  caution: "Blades clear.",
  bits: 1,
  minutes: 0.3,
  splits: [8, 6],
  why: "Splits 14 possibilities into 8, 6; 0.3 min; eyes and hands.",
};
const VOLTS: TrailTest = {
  ...LOOK,
  id: "volts/rest/fan-1:+",
  kind: "volts",
  title: "Volts at M1 +",
  reads: "volt",
  options: [],
  caution: null,
  leads: [{ spot: "fan-1:+", name: "M1 +", wires: [] }],
};
const PLACE = { id: "fan-1-relay", parts: ["fan-1-relay"], subject: 0, share: 0.62, says: "K1, relay: stuck off" };
const TRAIL: Trail = {
  seen: [{ id: "never-runs", says: "The fan never runs" }],
  isExplained: true,
  answers: [],
  doubt: null,
  count: 14,
  places: [PLACE],
  next: [LOOK, VOLTS],
  found: null,
  unlisted: 0.01,
  whenBack: [],
  isEnded: false,
};

const shown = (node: React.ReactNode) => render(<UnitsProvider>{node}</UnitsProvider>);

test("a complaint is found by the words people use, and several are told at once", async () => {
  const onSeen = vi.fn();
  const symptoms = [
    { id: "never-runs", says: "The fan never runs, however hot" },
    { id: "runs-key-out", says: "It runs with the key out" },
    { id: "battery-flat", says: "The battery is flat in the morning" },
  ];
  shown(<Complaint symptoms={symptoms} onSeen={onSeen} />);
  await userEvent.type(screen.getByRole("textbox"), "ignition off still running");
  expect(screen.getAllByRole("checkbox")).toHaveLength(1);
  await userEvent.click(screen.getByRole("checkbox", { name: "It runs with the key out" }));
  await userEvent.clear(screen.getByRole("textbox"));
  await userEvent.type(screen.getByRole("textbox"), "flat");
  await userEvent.click(screen.getByRole("checkbox", { name: /battery is flat/ }));
  await userEvent.click(screen.getByRole("button", { name: "Look for it" }));
  expect(onSeen).toHaveBeenCalledWith(["runs-key-out", "battery-flat"]);
  await userEvent.clear(screen.getByRole("textbox"));
  await userEvent.type(screen.getByRole("textbox"), "xyzzy");
  expect(screen.getAllByRole("checkbox"), "nothing is called that: all are listed").toHaveLength(3);
});

test.each([
  ["", 2],
  ["dead", 1],
  ["fuse", 1],
  ["quux", 0],
])("typing %j leaves %i", (typed, count) => {
  const entries = [{ says: "The fan never runs, however hot" }, { says: "A fuse blows" }];
  expect(matching(entries, typed)).toHaveLength(count);
});

test("the next test says why, takes one of its answers, and another may be done instead", async () => {
  const onAnswer = vi.fn();
  const onShow = vi.fn();
  shown(<NextTests trail={TRAIL} onAnswer={onAnswer} onShow={onShow} />);
  expect(screen.getByText(/Splits 14 possibilities into 8, 6/)).toBeDefined();
  expect(screen.getByText(/Blades clear/)).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: "Fan stands" }));
  await userEvent.click(screen.getByRole("button", { name: "Not sure" }));
  await userEvent.click(screen.getByText("Another test (1)"));
  await userEvent.click(screen.getByRole("button", { name: /Volts at M1/ }));
  expect(screen.getByRole("heading", { name: "Test this instead" })).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: /M1 \+/ }));
  await userEvent.type(screen.getByRole("textbox", { name: "What it reads" }), "11,8 V{Enter}");
  await userEvent.click(screen.getByRole("button", { name: "Not possible here" }));
  expect(onShow).toHaveBeenCalledWith(["fan-1:+"]);
  expect(onAnswer.mock.calls).toEqual([
    ["look/rest", "fan-1=stands"],
    ["look/rest", "not-sure"],
    ["volts/rest/fan-1:+", "11,8 V"],
    ["volts/rest/fan-1:+", "not-tried"],
  ]);
});

test("where nothing parts what is left, that is said", () => {
  shown(<NextTests trail={{ ...TRAIL, next: [] }} onAnswer={vi.fn()} onShow={vi.fn()} />);
  expect(screen.getByText(/Look at what is left/)).toBeDefined();
});

test("possibilities stand with their shares; a contradiction and what nothing explains are said", () => {
  shown(<Possibilities trail={{ ...TRAIL, isExplained: false, doubt: "Look again at the fuse." }} />);
  expect(screen.getByText("62 %")).toBeDefined();
  expect(screen.getByText("14 possibilities")).toBeDefined();
  expect(screen.getByText("and 13 less likely")).toBeDefined();
  const alerts = screen.getAllByRole("alert").map((alert) => alert.textContent);
  expect(alerts).toEqual(["◆ Nothing known does all of that at once. Nearest is:", "◆ Look again at the fuse."]);
});

test("what was given can be taken back, and begun anew", async () => {
  const onBack = vi.fn();
  const onAnew = vi.fn();
  const answers = [{ ...LOOK, given: "fan stands", isDoubted: true }];
  shown(<Given trail={{ ...TRAIL, answers }} onBack={onBack} onAnew={onAnew} />);
  expect(screen.getByText(/look again/)).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: "Take the last answer back" }));
  await userEvent.click(screen.getByRole("button", { name: "Begin anew" }));
  expect(onBack).toHaveBeenCalledOnce();
  expect(onAnew).toHaveBeenCalledOnce();
});

test("what is found comes with its proof, its mend and what would have prevented it", async () => {
  const onDone = vi.fn();
  const confirm = { ...VOLTS, given: "0 V", caution: "Blades clear." };
  const found = {
    ...PLACE,
    mend: "Renew the relay.",
    prevent: "Out of the wet.",
    class: "make-contact/stuck-off",
    confirm,
  };
  shown(<FoundPanel whenBack={[]} found={found} onDone={onDone} />);
  expect(screen.getByText("0 V")).toBeDefined();
  expect(screen.getByText("Renew the relay.")).toBeDefined();
  expect(screen.getByText(/someone licensed/)).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: /Mended/ }));
  expect(onDone).toHaveBeenCalledOnce();
});

test("tools at hand are ticked; without any, eyes are left", async () => {
  const onChange = vi.fn();
  const tools = [
    { id: "lamp", says: "test lamp", isUsual: true },
    { id: "clamp", says: "clamp meter", isUsual: false },
  ];
  const { rerender } = shown(<ToolBox tools={tools} chosen="" onChange={onChange} />);
  await userEvent.click(screen.getByRole("checkbox", { name: "clamp meter" }));
  expect(onChange).toHaveBeenLastCalledWith("lamp,clamp");
  rerender(
    <UnitsProvider>
      <ToolBox tools={tools} chosen="lamp" onChange={onChange} />
    </UnitsProvider>,
  );
  await userEvent.click(screen.getByRole("checkbox", { name: "test lamp" }));
  expect(onChange).toHaveBeenLastCalledWith("eyes");
});

test("what none of the answers says is told in words", async () => {
  const onAnswer = vi.fn();
  shown(<NextTests trail={TRAIL} onAnswer={onAnswer} onShow={() => undefined} />);
  await userEvent.click(screen.getByText("Something else"));
  await userEvent.click(screen.getByRole("button", { name: "Keep it" }));
  expect(onAnswer).not.toHaveBeenCalled();
  await userEvent.type(screen.getByRole("textbox", { name: "What was seen instead" }), " it wobbles {Enter}");
  expect(onAnswer).toHaveBeenCalledExactlyOnceWith("look/rest", "else: it wobbles");
});

test("what comes and goes is looked for where it is when it is back", () => {
  shown(
    <NextTests trail={{ ...TRAIL, next: [], whenBack: [PLACE] }} onAnswer={() => undefined} onShow={() => undefined} />,
  );
  expect(screen.getByText("When it is back, look here first")).toBeDefined();
  expect(screen.getByText("K1, relay: stuck off")).toBeDefined();
});
