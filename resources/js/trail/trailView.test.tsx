import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { MemoryRouter } from "react-router";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { Refused } from "../api/client";
import type { Trail as TrailAnswered, TrailAnswer } from "../api/generated/trail";
import { UnitsProvider } from "../kit/units";
import { Trail } from "./Trail";
import { UnknownVehicle } from "./UnknownVehicle";

const { trail, trailChoices, unknownVehicle, gallery, writeRecords } = vi.hoisted(() => ({
  trail: vi.fn(),
  trailChoices: vi.fn(),
  unknownVehicle: vi.fn(),
  gallery: vi.fn(),
  writeRecords: vi.fn(),
}));
vi.mock("../api/client", async (original) => ({
  ...(await original<typeof import("../api/client")>()),
  api: { trail, trailChoices, unknownVehicle, gallery, writeRecords },
}));
vi.mock("../drawing/ThreadDrawing", () => ({
  ThreadDrawing: ({ shares }: { shares: Record<string, number> }) => <div>drawn {JSON.stringify(shares)}</div>,
}));
vi.mock("../job/JobContext", () => ({ useJob: () => ({ job: { id: "pump", version: 3, design: {} } }) }));

const BASE: TrailAnswer = {
  symptoms: [
    { id: "never-runs", says: "The fan never runs" },
    { id: "runs-key-out", says: "It runs with the key out" },
  ],
  tools: [{ id: "lamp", says: "test lamp", isUsual: true }],
  dangers: [],
  outdated: [],
  history: [],
  trail: null,
};
const LOOKING: TrailAnswered = {
  seen: [{ id: "never-runs", says: "The fan never runs" }],
  isExplained: true,
  answers: [],
  doubt: null,
  count: 3,
  places: [{ id: "fan-1", parts: ["fan-1", "W3"], subject: 0, share: 0.5, says: "M1: open" }],
  next: [
    {
      id: "pull/fuse",
      kind: "pull",
      title: "Pull F2",
      setting: [],
      reads: null,
      options: [{ id: "blown", says: "blown" }],
      leads: [],
      part: "fuse",
      caution: null,
      bits: 1,
      minutes: 0.5,
      splits: [2, 1],
      why: "Splits 3 possibilities into 2, 1.",
    },
  ],
  found: null,
  unlisted: 0.01,
  whenBack: [],
  isEnded: false,
};

beforeEach(() => {
  localStorage.clear();
  gallery.mockResolvedValue([]);
  trailChoices.mockResolvedValue(BASE);
  writeRecords.mockImplementation((_job: string, records: { id: string }[]) =>
    Promise.resolve({ results: records.map(({ id }) => ({ id, problems: [] })) }),
  );
  vi.stubGlobal("matchMedia", () => ({ matches: false, addEventListener: vi.fn(), removeEventListener: vi.fn() }));
});
afterEach(() => {
  cleanup();
  vi.clearAllMocks();
});

function shown(node: React.ReactNode) {
  return render(
    <QueryClientProvider client={new QueryClient()}>
      <UnitsProvider>
        <MemoryRouter>{node}</MemoryRouter>
      </UnitsProvider>
    </QueryClientProvider>,
  );
}

const written = () => writeRecords.mock.calls.flatMap(([, records]) => records as { step: string; text: string }[]);

test("nothing is looked for: what is wrong is asked, and what was found before stands", async () => {
  trail.mockResolvedValue({
    ...BASE,
    dangers: [{ title: "The fuse is too large" }],
    history: [{ what: "K1: stuck off", by: "MK", at: "2026-11-01T10:00:00Z" }],
  } satisfies TrailAnswer);
  shown(<Trail />);
  expect(screen.getByRole("status").textContent).toContain("Every fault is solved");
  expect((await screen.findByRole("alert")).textContent).toContain("The fuse is too large");
  expect(screen.getByText(/K1: stuck off/)).toBeDefined();
  await userEvent.click(screen.getByRole("checkbox", { name: "The fan never runs" }));
  await userEvent.click(screen.getByRole("button", { name: "Look for it" }));
  expect(written()[0]).toMatchObject({ kind: "trail", step: "seen", text: "never-runs" });
});

test("shares stand on the drawing, and an answer goes into the record", async () => {
  trail.mockResolvedValue({ ...BASE, trail: LOOKING, outdated: ["look/gone"] } satisfies TrailAnswer);
  shown(<Trail />);
  expect(await screen.findByText('drawn {"fan-1":0.5,"W3":0.5}')).toBeDefined();
  expect(screen.getByText(/1 earlier answers belong to another version/)).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: "Blown" }));
  expect(written()[0]).toMatchObject({ step: "pull/fuse", text: "blown" });
  await userEvent.click(screen.getByRole("button", { name: "Begin anew" }));
  expect(written().at(-1)).toMatchObject({ step: "seen", text: "" });
});

test("what is found is written down as a fault", async () => {
  const found = {
    ...(LOOKING.places[0] ?? { id: "", parts: [], subject: 0, share: 1, says: "" }),
    mend: "Renew the motor.",
    prevent: "A look once a season.",
    confirm: null,
    class: "motor/open",
  };
  trail.mockResolvedValue({ ...BASE, trail: { ...LOOKING, next: [], found, isEnded: true } } satisfies TrailAnswer);
  shown(<Trail />);
  await userEvent.click(await screen.findByRole("button", { name: /Mended/ }));
  expect(written()[0]).toMatchObject({ kind: "fault", step: "fan-1", text: "M1: open", typed: "motor/open" });
});

test("tools that are ticked are asked with, and remembered", async () => {
  trail.mockResolvedValue({ ...BASE, trail: LOOKING } satisfies TrailAnswer);
  shown(<Trail />);
  await userEvent.click(await screen.findByRole("checkbox", { name: "test lamp" }));
  expect(trail).toHaveBeenLastCalledWith("pump", "eyes");
  expect(localStorage.getItem("lamp-thread/tools")).toBe("eyes");
});

test("a refusal is said", async () => {
  trail.mockRejectedValue(new Refused(422, [{ at: "", message: "This job cannot be worked out." }]));
  shown(<Trail />);
  expect((await screen.findByRole("alert")).textContent).toBe("This job cannot be worked out.");
});

test("an unknown vehicle is asked of with what is known, and narrowed by answers", async () => {
  gallery.mockResolvedValue([{ id: "a", switchedBy: "computer" }]);
  unknownVehicle.mockResolvedValue({
    ...BASE,
    trail: LOOKING,
    arrangements: [{ id: "a", title: "One fan, thermal switch", share: 0.7 }],
  } satisfies TrailAnswer);
  shown(<UnknownVehicle />);
  await userEvent.click(await screen.findByRole("checkbox", { name: "The fan never runs" }));
  await userEvent.click(screen.getByRole("button", { name: "Look for it" }));
  await userEvent.click(screen.getByRole("radio", { name: "Two" }));
  await userEvent.click(screen.getByRole("button", { name: "Relays: one more" }));
  await userEvent.click(screen.getByRole("button", { name: "Relays: one more" }));
  await userEvent.click(screen.getByRole("button", { name: "Relays: one less" }));
  await userEvent.selectOptions(screen.getByRole("combobox", { name: "Who switches them" }), "computer");
  await userEvent.click(screen.getByRole("button", { name: "Blown" }));
  expect(unknownVehicle).toHaveBeenLastCalledWith({
    known: { fans: 2, relays: 1, switchedBy: "computer" },
    seen: ["never-runs"],
    answers: [{ test: "pull/fuse", given: "blown" }],
    tools: [],
  });
  expect(screen.getByText("70 %")).toBeDefined();
});
