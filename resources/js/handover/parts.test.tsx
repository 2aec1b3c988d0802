import { cleanup, render, screen, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, expect, test, vi } from "vitest";
import type { Handover, HandoverTest } from "../api/generated/handover";
import { UnitsProvider } from "../kit/units";
import { Diagnosis } from "./Diagnosis";
import { Leads } from "./Leads";
import { RecordPart } from "./RecordPart";
import { TestRow } from "./TestRow";
import type { Records } from "./useRecords";
import { WorkPart } from "./WorkPart";

const change = vi.fn();
vi.mock("../job/JobContext", () => ({ useJob: () => ({ job: { id: "pump", version: 3 }, change }) }));
vi.mock("@tanstack/react-query", () => ({ useQueryClient: () => ({ invalidateQueries: vi.fn() }) }));

afterEach(() => {
  cleanup();
  change.mockClear();
});

const TEST: HandoverTest = {
  id: "hot-1/volt/fan-1:+/fan-1:-",
  phase: "cold",
  title: "Across the fan’s plug",
  setting: ["Key on.", "Make B1 act."],
  reads: "volt",
  expected: 12,
  least: 11.4,
  most: 12.6,
  says: "12 V; 11.4 V to 12.6 V",
  instrument: "multimeter, 20 V",
  minutes: 2,
  caution: "Fans start without warning.",
  fingerprint: "abc",
  leads: [
    { spot: "fan-1:+", name: "M1 +", wires: [{ id: "W4", colour: "RD", says: "red" }] },
    { spot: "fan-1:-", name: "M1 −", wires: [] },
  ],
};

const HANDOVER: Handover = {
  tests: [TEST],
  work: [
    step("battery-off", "Take the battery off", []),
    { ...step("fan", "Fit fan and shroud", ["battery-off"]), waitsForCold: true, hands: 2, isOwnMinutes: true },
  ],
  readings: {},
  ticks: {},
  diagnosis: null,
  proposals: [],
  stage: "designed",
  lacks: { tests: 1, failing: 0, outdated: 0, work: 2, signOff: true },
  records: [],
};

function step(id: string, title: string, needs: string[]): Handover["work"][number] {
  return {
    id,
    title,
    minutes: 30,
    items: [`${title}, with care`],
    needs,
    tools: ["spanners"],
    consumables: [],
    hands: 1,
    waitsForCold: false,
    caution: null,
    isOwnMinutes: false,
  };
}

function records(changed: Partial<Records> = {}): Records {
  return { write: vi.fn(), waiting: [], refused: {}, isOffline: false, by: "MK", sign: vi.fn(), ...changed };
}

function shown(node: React.ReactNode) {
  return render(<UnitsProvider>{node}</UnitsProvider>);
}

function row(changed: Partial<Parameters<typeof TestRow>[0]> = {}) {
  const props = {
    test: TEST,
    isSameSetting: false,
    reading: undefined,
    records: records(),
    hasBadJoint: false,
    onShow: vi.fn(),
    ...changed,
  };
  shown(
    <ol>
      <TestRow {...props} />
    </ol>,
  );
  return props;
}

test("a test says what is done first, where the leads go, what should be read, and what to take care of", () => {
  row();
  for (const said of ["Key on. Make B1 act.", "Across the fan’s plug", "12 V; 11.4 V to 12.6 V"]) {
    expect(screen.getAllByText(said)).not.toEqual([]);
  }
  expect(screen.getByText(/Fans start without warning/)).toBeDefined();
  expect(screen.getByRole("button", { name: /Red on M1 \+\s*\(W4 red\)\s*Black on M1 −/ })).toBeDefined();
});

test("the setting is said once for tests that share it", () => {
  row({ isSameSetting: true });
  expect(screen.queryByText("Key on. Make B1 act.")).toBeNull();
});

test("a reading is written when Enter is pressed or the field is left, and only when it is another", async () => {
  const { records: written } = row();
  const field = screen.getByRole("textbox", { name: "Across the fan’s plug" });
  await userEvent.type(field, "11,9{Enter}");
  expect(written.write).toHaveBeenCalledWith({ kind: "reading", step: TEST.id, typed: "11,9" });
  cleanup();
  const { records: again } = row({ reading: { typed: "12", value: 12, passes: true, by: "MK", at: "" } });
  await userEvent.click(screen.getByRole("textbox"));
  await userEvent.tab();
  expect(again.write).not.toHaveBeenCalled();
});

test.each([
  [true, "● passes"],
  [false, "▲ outside"],
  [null, "◆ no longer counts: the job was changed"],
])("a reading that is %s says so", (passes, said) => {
  row({ reading: { typed: "12", value: 12, passes, by: "MK", at: "" } });
  expect(screen.getByText(said)).toBeDefined();
});

test("what is looked at is answered with yes or no", async () => {
  const { records: written } = row({ test: { ...TEST, reads: "seen", leads: [] } });
  await userEvent.click(screen.getByRole("button", { name: "Across the fan’s plug: no" }));
  expect(written.write).toHaveBeenCalledWith({ kind: "reading", step: TEST.id, typed: "no" });
});

test("what waits to be sent is shown as it was typed, and what was refused with its reason", () => {
  const waiting = [{ id: "abcdefgh", kind: "reading" as const, step: TEST.id, by: "MK", at: "", typed: "7.2" }];
  row({ records: records({ waiting, refused: { [TEST.id]: "cannot be read" } }) });
  expect(screen.getByDisplayValue("7.2")).toBeDefined();
  expect(screen.getByText("waits to be sent")).toBeDefined();
  expect(screen.getByRole("alert").textContent).toContain("cannot be read");
});

test("a clamp goes round one wire, and pressing it shows it on the drawing", async () => {
  const onShow = vi.fn();
  render(<Leads leads={[{ spot: "W4", name: "W4", wires: [] }]} onShow={onShow} />);
  await userEvent.click(screen.getByRole("button", { name: /Clamp round W4/ }));
  expect(onShow).toHaveBeenCalledWith(["W4"]);
  cleanup();
  const { container } = render(<Leads leads={[]} onShow={onShow} />);
  expect(container.textContent).toBe("");
});

test("work says what comes first, who is needed, and is ticked before the server knows", async () => {
  const written = records();
  shown(<WorkPart handover={HANDOVER} records={written} />);
  expect(screen.getByText("◆ First: Take the battery off.")).toBeDefined();
  expect(screen.getByText("◆ Only cold.")).toBeDefined();
  expect(screen.getByText(/30 min, as here, two people/)).toBeDefined();
  await userEvent.click(screen.getByRole("checkbox", { name: /Take the battery off/ }));
  expect(written.write).toHaveBeenCalledWith({ kind: "tick", step: "battery-off", done: true });
  cleanup();
  const waiting = [{ id: "abcdefgh", kind: "tick" as const, step: "battery-off", by: "MK", at: "", done: true }];
  shown(<WorkPart handover={HANDOVER} records={records({ waiting })} />);
  expect(screen.getByRole<HTMLInputElement>("checkbox", { name: /Take the battery off/ }).checked).toBe(true);
  expect(screen.queryByText(/◆ First/)).toBeNull();
  expect(screen.getByText(/1 of 2 done/)).toBeDefined();
});

test("hours taken are from the first tick to the last", () => {
  const tick = (at: string) => ({ done: true, by: "MK", at });
  const ticks = { "battery-off": tick("2026-11-26T08:00:00Z"), fan: tick("2026-11-26T10:30:00Z") };
  shown(<WorkPart handover={{ ...HANDOVER, ticks }} records={records()} />);
  expect(screen.getByText(/1 h planned, 2 of 2 done, 2\.5 h from the first tick to the last/)).toBeDefined();
});

test("suspects come with their shares and the reading that tells most; a measured current is taken on request", async () => {
  const diagnosis = {
    suspects: [
      { part: "W7", share: 0.87, says: "wire W7: a joint with 0.42 Ω more" },
      { part: null, share: 0.05, says: "Nothing is wrong" },
    ],
    next: { id: "hot-1/volt/a:1/b:2", setting: ["Key on."], leads: TEST.leads, says: "Volts from F1 2 to K1 30" },
  };
  const proposals = [{ path: "/fans/0/runA", value: 11.2, says: "left was measured at 11 A" }];
  shown(
    <Diagnosis
      handover={{ ...HANDOVER, diagnosis, proposals }}
      records={records()}
      hasBadJoint={false}
      onShow={vi.fn()}
    />,
  );
  const where = within(screen.getByRole("region", { name: "Where the volts went" }));
  expect(where.getAllByRole("listitem").map((item) => item.textContent)).toEqual([
    "87 %wire W7: a joint with 0.42 Ω more",
    "5 %Nothing is wrong",
  ]);
  expect(where.getByRole("textbox", { name: "Volts from F1 2 to K1 30" })).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: "Take the measured current" }));
  expect(change).toHaveBeenCalledWith({ label: "Measured current taken", changes: { "/fans/0/runA": 11.2 } });
});

test("nothing suspect shows nothing", () => {
  shown(<Diagnosis handover={HANDOVER} records={records()} hasBadJoint={false} onShow={vi.fn()} />);
  expect(screen.queryByRole("region")).toBeNull();
});

test("the record is told in words, the last first, and says what still lacks", async () => {
  const entry = { step: "", title: null, by: "MK", at: "2026-11-26T08:00:00Z", jobVersion: 1, done: true };
  const written = records();
  shown(
    <RecordPart
      handover={{
        ...HANDOVER,
        records: [
          { ...entry, id: "1", kind: "tick", title: "Take the battery off", text: "", done: false },
          { ...entry, id: "2", kind: "note", text: "Fuses behind the seat" },
          { ...entry, id: "3", kind: "photograph", text: "" },
        ],
      }}
      records={written}
    />,
  );
  expect(screen.getByText("Lacks 1 tests to read, 2 steps of work, the sign-off.")).toBeDefined();
  expect(screen.getByText(/not done after all/)).toBeDefined();
  expect(screen.getByRole("img", { name: "Photograph by MK" }).getAttribute("src")).toBe(
    "/api/jobs/pump/photographs/3",
  );
  await userEvent.click(screen.getByRole("button", { name: "Keep as a note" }));
  expect(written.write).not.toHaveBeenCalled();
  await userEvent.type(screen.getByRole("textbox"), "  Leaks  ");
  await userEvent.click(screen.getByRole("button", { name: "Keep as a complaint" }));
  expect(written.write).toHaveBeenCalledWith({ kind: "complaint", step: "", text: "Leaks" });
  await userEvent.click(screen.getByRole("radio", { name: "Fitted" }));
  expect(written.write).toHaveBeenLastCalledWith({ kind: "stage", step: "", stage: "fitted" });
});
