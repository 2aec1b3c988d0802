import { cleanup, render, screen, within } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import type { Calibration as Fit } from "../api/generated/calibration";
import type { LogComparison } from "../api/generated/log-comparison";
import type { LogSummary } from "../api/generated/logs";
import type { SetPointCard } from "../api/generated/set-point-card";
import type { SweepCell, SweepRow } from "../api/generated/sweep";
import { UnitsProvider } from "../kit/units";
import { Calibration } from "./Calibration";
import { CompareLogs } from "./logs/CompareLogs";
import { SetPointCardPart } from "./SetPointCardPart";
import { SweepPicture } from "./SweepPicture";
import { YearPart } from "./YearPart";

const change = vi.fn<(change: { label: string; changes: Record<string, unknown> }) => void>();
let rows: SweepRow[] = [];
let asked: object = {};
let fetched: unknown;
let usage: object | undefined;
vi.mock("../job/JobContext", () => ({
  useJob: () => ({
    change,
    job: {
      id: "pump",
      version: 1,
      file: { usage, job: { title: "Pump", vehicle: "Pump cart" } },
      form: {
        stages: [
          { deciding: { band: { onC: 92, offC: 87 }, path: "/control/stages/0/decider" } },
          { deciding: { band: { onC: 98, offC: 93 }, path: "/control/stages/1/decider" } },
          { deciding: { band: null, path: "/control/stages/2/decider" } },
        ],
      },
    },
  }),
}));
vi.mock("../kit/useTask", () => ({
  useTask: (_job: object, _kind: string, question: object) => {
    asked = question;
    return { rows, of: 10, isRunning: false, wrong: undefined, toggle: vi.fn() };
  },
}));
vi.mock("@tanstack/react-query", () => ({ useQuery: () => ({ data: fetched }) }));
vi.mock("../kit/Why", () => ({ Why: () => null }));

beforeEach(() => {
  rows = [];
  usage = undefined;
  fetched = undefined;
  change.mockClear();
});
afterEach(cleanup);

function shown(node: React.ReactNode) {
  return render(<UnitsProvider>{node}</UnitsProvider>);
}

function cell(onC: number, gapK: number, changed: Partial<SweepCell> = {}): SweepCell {
  return {
    onC,
    offC: onC - gapK,
    peakC: onC + 1,
    startsPerHour: 8,
    ahPerHour: 2,
    litresPerYear: 11,
    relayYears: 20,
    ...changed,
  };
}

function row(gapK: number, changed: Partial<SweepRow> = {}): SweepRow {
  const cells = [cell(84, gapK), cell(90, gapK)];
  return { gapK, cells, front: [true, false], recommended: null, switch: null, ...changed };
}

test("the cell that is recommended is taken for the first stage, and later ones keep their distance", async () => {
  rows = [row(2), row(5, { front: [false, false, true, false], recommended: 2 })];
  shown(<SweepPicture title="Set points" words="Drives many." question={{}} />);
  expect(screen.getByText(/Recommended: on 84 °C, off 79 °C/)).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: "Take it" }));
  expect(change.mock.lastCall?.[0].changes).toEqual({
    "/control/stages/0/decider/onC": 84,
    "/control/stages/0/decider/offC": 79,
    "/control/stages/1/decider/onC": 90,
    "/control/stages/1/decider/offC": 85,
  });
});

test("of fixed switches the one to be had is taken, by its name", async () => {
  const pair = { name: "Switch 88/82 °C", onC: 88, offC: 82 };
  rows = [row(5, { recommended: 1, switch: pair })];
  shown(<SweepPicture title="Set points" words="Drives many." question={{}} />);
  await userEvent.click(screen.getByRole("button", { name: "Take Switch 88/82 °C" }));
  expect(change.mock.lastCall?.[0].changes["/control/stages/0/decider/onC"]).toBe(88);
  expect(change.mock.lastCall?.[0].changes["/control/stages/0/decider/offC"]).toBe(82);
});

test("any cell is taken, those no other beats are told, and where none is sound it is said", async () => {
  rows = [row(4)];
  shown(<SweepPicture title="Set points" words="Drives many." question={{}} />);
  expect(screen.getByText(/None is recommended yet/)).toBeDefined();
  expect(screen.getAllByRole("button", { name: /no other beats it/ })).toHaveLength(1);
  await userEvent.click(screen.getByRole("button", { name: /^On 90 °C, off 86 °C/ }));
  expect(change.mock.lastCall?.[0].changes["/control/stages/0/decider/onC"]).toBe(90);
  await userEvent.click(screen.getByRole("radio", { name: "Fuel a year, l" }));
  expect(screen.getByRole("button", { name: /^On 90 °C/ }).textContent).toBe("11");
});

const DRIVES = [
  { id: "2-town", name: "Town" },
  { id: "own", name: "The quarry" },
] as Parameters<typeof YearPart>[0]["drives"];

test("a year is asked for by the shares that are told, and the usual ones where none is", () => {
  shown(<YearPart drives={DRIVES} />);
  expect(asked).toMatchObject({ mix: { "2-town": 40, own: 0 } });
  expect(screen.getByLabelText<HTMLInputElement>("Town").placeholder).toBe("40");
  cleanup();
  usage = { yearPercent: { own: 30 } };
  shown(<YearPart drives={DRIVES} />);
  expect(asked).toMatchObject({ mix: { "2-town": 40, own: 30 } });
  expect(screen.getByLabelText<HTMLInputElement>("The quarry").value).toBe("30");
});

const FIT: Fit = {
  figures: { heatShare: 0.91234 },
  spreads: { heatShare: 0.04321 },
  untold: [{ figure: "airShare", why: "It moves nothing." }],
  rmsBeforeK: 4.2,
  rmsK: 0.6,
  isRefused: false,
  curve: [
    { timeS: 0, measuredC: 80, beforeC: 80, fittedC: 80 },
    { timeS: 60, measuredC: 90, beforeC: 86, fittedC: 89 },
  ],
};

test("a fit says what it learnt and how sure that is, and is taken with its spreads", async () => {
  shown(<Calibration fit={FIT} />);
  expect(screen.getByText(/within 8\.64 % \(95 of 100\)/)).toBeDefined();
  expect(screen.getByText(/is left alone: It moves nothing\./)).toBeDefined();
  await userEvent.click(screen.getByRole("button", { name: "Make the model this vehicle" }));
  expect(change.mock.lastCall?.[0].changes).toMatchObject({
    "/heat/heatShare": 0.9123,
    "/heat/spreads": { heatShare: 0.0432 },
  });
});

test("a log that tells nothing cannot be taken", () => {
  shown(<Calibration fit={{ ...FIT, figures: {}, spreads: {}, isRefused: true }} />);
  expect(screen.getByRole("alert").textContent).toContain("tells none of the figures");
  expect(screen.queryByRole("button")).toBeNull();
});

function log(id: string, taken: LogSummary["taken"]): LogSummary {
  return { id, name: id, taken, savedAt: "", lastsS: 600, hottestC: 95, measured: [], silentS: 0 };
}

test("before and after are compared once there are both, with the sign and what may be said", () => {
  const compared: LogComparison = {
    refused: null,
    rows: [
      { speed: "standing", name: "Standing", beforeK: 70, afterK: 61, byK: -9, withinK: 1.6, says: "cooler" },
      { speed: "fast", name: "Fast", beforeK: 60, afterK: 60.4, byK: 0.4, withinK: 2, says: "cannot tell" },
    ],
  };
  fetched = compared;
  shown(<CompareLogs logs={[log("hill", "before")]} />);
  expect(screen.queryByRole("table")).toBeNull();
  cleanup();
  shown(<CompareLogs logs={[log("old", "before"), log("hill", "before"), log("again", "after")]} />);
  expect(screen.getByText(/‘hill’ before, ‘again’ after/)).toBeDefined();
  const [, standing, fast] = screen.getAllByRole("row").map((one) => within(one).queryAllByRole("cell"));
  expect(standing?.map((one) => one.textContent)).toEqual(["70 K", "61 K", "−9 ± 1.6 K", "cooler"]);
  expect(fast?.at(-1)?.textContent).toBe("cannot tell");
  cleanup();
  fetched = { refused: "The weather differs.", rows: [] };
  shown(<CompareLogs logs={[log("hill", "before"), log("again", "after")]} />);
  expect(screen.getByText("◆ The weather differs.")).toBeDefined();
});

test("the card has both units side by side, and a dash where no temperature decides", () => {
  const card: SetPointCard = {
    rows: [
      {
        stage: "Stage 1",
        onC: 92,
        offC: 87,
        onF: 198,
        offF: 189,
        place: "top hose",
        how: "A fixed pair.",
        commanded: { says: "Runs: left." },
      },
      {
        stage: "Stage 2",
        onC: null,
        offC: null,
        onF: null,
        offF: null,
        place: null,
        how: "By hand.",
        commanded: { says: "Runs: both." },
      },
    ],
    resting: { says: "No fan runs." },
    airConditioning: null,
    afterRunS: 180,
  };
  fetched = card;
  shown(<SetPointCardPart />);
  expect(screen.getByText("92 °C / 198 °F")).toBeDefined();
  expect(screen.getAllByText("–")).toHaveLength(3);
  expect(screen.getByText("After-run: 180 s from the moment the key goes out.")).toBeDefined();
  expect(screen.queryByText("Air conditioning asks")).toBeNull();
});
