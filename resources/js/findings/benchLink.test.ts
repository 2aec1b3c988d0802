import { expect, test } from "vitest";
import type { ProvenState } from "../api/generated/proof";
import { benchLink, benchStart } from "./benchLink";

const USUAL = { key: "off", engineRpm: 0, coolantC: 70, override: "off" };

const query = (link: string) => new URL(link, "http://127.0.0.1").searchParams;

test("a proven state is put up on the bench as it was, with what is broken in it", () => {
  const state = {
    key: "run",
    engineRpm: 850,
    coolantC: -12.5,
    elapsedS: 40,
    positions: { override: "on", "stage-1.switch": "high & low" },
    memory: { "stage-1-switch": 1 },
  } as unknown as ProvenState;
  const link = benchLink("a-job", state, { W7: "open", "fan-1": "jammed" });
  expect(link.startsWith("/jobs/a-job/bench?")).toBe(true);
  expect(benchStart(query(link), USUAL)).toEqual({
    setting: {
      key: "run",
      engineRpm: 850,
      coolantC: -12.5,
      elapsedS: 40,
      override: "on",
      "stage-1.switch": "high & low",
    },
    memory: { "stage-1-switch": 1 },
    faults: { W7: "open", "fan-1": "jammed" },
  });
});

test("a time that has not begun is not told, and a fault alone leaves the bench as usual", () => {
  const rest = { key: "off", engineRpm: 0, coolantC: 20, elapsedS: null, positions: {}, memory: {} };
  expect(query(benchLink("a", rest as unknown as ProvenState)).has("elapsedS")).toBe(false);
  expect(benchStart(query(benchLink("a", undefined, { K1: "stuck-on" })), USUAL)).toEqual({
    setting: USUAL,
    memory: {},
    faults: { K1: "stuck-on" },
  });
});
