import type { BenchSettingInput } from "../api/client";
import type { ProvenState } from "../api/generated/proof";

/** Where the bench shows a proven state, with what is broken there. */
export function benchLink(jobId: string, state: ProvenState | undefined, faults: Record<string, string> = {}): string {
  const query = new URLSearchParams();
  if (state !== undefined) {
    query.set("key", state.key);
    query.set("engineRpm", String(state.engineRpm));
    query.set("coolantC", String(state.coolantC));
    if (state.elapsedS !== null) {
      query.set("elapsedS", String(state.elapsedS));
    }
    for (const [input, position] of Object.entries(state.positions)) {
      query.set(`set.${input}`, position);
    }
    for (const [id, position] of Object.entries(state.memory)) {
      query.set(`was.${id}`, String(position));
    }
  }
  for (const [part, kind] of Object.entries(faults)) {
    query.set(`fault.${part}`, kind);
  }
  return `/jobs/${jobId}/bench?${query.toString()}`;
}

export interface BenchStart {
  setting: BenchSettingInput;
  memory: Record<string, number>;
  faults: Record<string, string>;
}

/** What a link asks the bench to show; the usual where it asks nothing. */
export function benchStart(query: URLSearchParams, usual: BenchSettingInput): BenchStart {
  const start: BenchStart = { setting: { ...usual }, memory: {}, faults: {} };
  const key = query.get("key");
  if (key !== null) {
    start.setting.key = key;
    start.setting.engineRpm = Number(query.get("engineRpm") ?? 0);
    start.setting.coolantC = Number(query.get("coolantC") ?? usual.coolantC);
  }
  for (const [name, value] of query) {
    const [kind, ...rest] = name.split(".");
    const id = rest.join(".");
    if (name === "elapsedS") {
      start.setting.elapsedS = Number(value);
    } else if (kind === "set") {
      start.setting[id] = value;
    } else if (kind === "was") {
      start.memory[id] = Number(value);
    } else if (kind === "fault") {
      start.faults[id] = value;
    }
  }
  return start;
}
