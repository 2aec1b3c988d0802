import type { Bench } from "./generated/bench";
import type { ProofComparison } from "./generated/comparison";
import type { JobList } from "./generated/job-list";
import type { Proof } from "./generated/proof";
import type { Revisions } from "./generated/revisions";
import type { Calibration } from "./generated/calibration";
import type { Road, RoadDrive } from "./generated/road";
import type { SweepRow } from "./generated/sweep";
import type { SavedJob } from "./generated/saved-job";
import type { Shelf } from "./generated/shelf";

export interface Problem {
  at: string;
  says: string;
}

/** What the server would not do, and why. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly problems: Problem[],
  ) {
    super(problems.map((problem) => problem.says).join(" "));
  }

  /** What is wrong at one place of the job file. */
  at(path: string): string | undefined {
    return this.problems.find((problem) => problem.at === path || problem.at.startsWith(`${path}/`))?.says;
  }
}

async function call<T>(method: string, path: string, body?: string | File, signal?: AbortSignal): Promise<T> {
  const request: RequestInit = { method, headers: { Accept: "application/json" }, signal: signal ?? null };
  if (method !== "GET") {
    const type = body instanceof File ? "text/csv" : "application/json";
    request.headers = { Accept: "application/json", "Content-Type": type };
    request.body = body ?? "{}";
  }
  let response: Response;
  try {
    response = await fetch(`/api/${path}`, request);
  } catch (error) {
    if (signal?.aborted === true) {
      throw error;
    }
    throw new Refused(0, [{ at: "", says: "The program does not answer. Is bin/start still running?" }]);
  }
  if (!response.ok) {
    const answer = (await response.json().catch(() => null)) as { problems?: Problem[] } | null;
    throw new Refused(response.status, answer?.problems ?? [{ at: "", says: "Something went wrong." }]);
  }
  return (response.status === 204 ? undefined : await response.json()) as T;
}

export interface Change {
  /** Names the change for undo. */
  label: string;
  /** JSON pointer to value. */
  changes?: Record<string, unknown>;
  /** JSON pointer to text as typed; the server reads it. */
  typed?: Record<string, string>;
}

export interface BenchSettingInput {
  key: string;
  engineRpm: number;
  coolantC: number;
  [handSwitch: string]: string | number;
}

export interface BenchQuestion {
  set: BenchSettingInput;
  /** Part or wire to how it is broken. */
  faults?: Record<string, string>;
  /** Terminals the resistance meter is held on. */
  leads?: [string, string] | undefined;
}

export interface RoadQuestion {
  drive: string;
  /** Quantities as they were typed, with a unit; the drive's own where there is none. */
  ambientC?: string | undefined;
  startsC?: string | undefined;
  altitudeM?: string | undefined;
  /** A second setting, driven beside the first. */
  changes?: Record<string, unknown>;
  label?: string;
}

export const api = {
  road: (id: string, question: RoadQuestion, signal?: AbortSignal) =>
    call<Road>("POST", `jobs/${id}/road`, JSON.stringify(question), signal),
  sweep: (id: string, question: RoadQuestion & { gapK: number }, signal: AbortSignal) =>
    call<SweepRow>("POST", `jobs/${id}/road/sweep`, JSON.stringify(question), signal),
  calibrate: (id: string, file: File) => call<Calibration>("POST", `jobs/${id}/road/calibrate`, file),
  importDrive: (id: string, name: string, file: File) =>
    call<RoadDrive>("POST", `jobs/${id}/road/drives?name=${encodeURIComponent(name)}`, file),
  shelf: () => call<Shelf>("GET", "shelf"),
  addPart: (kind: string, name: string, typed: Record<string, string>) =>
    call<Shelf>("POST", "shelf/parts", JSON.stringify({ kind, name, typed })),
  changePart: (id: string, name: string, typed: Record<string, string>, isArchived: boolean) =>
    call<Shelf>("POST", `shelf/parts/${id}`, JSON.stringify({ name, typed, isArchived })),
  importParts: (file: File) => call<Shelf>("POST", "shelf/import", file),
  jobs: () => call<JobList>("GET", "jobs"),
  job: (id: string) => call<SavedJob>("GET", `jobs/${id}`),
  start: () => call<SavedJob>("POST", "jobs"),
  importFile: (text: string) => call<SavedJob>("POST", "jobs/import", text),
  remove: (id: string) => call<undefined>("DELETE", `jobs/${id}`),
  restore: (id: string) => call<SavedJob>("POST", `jobs/${id}/restore`),
  change: (id: string, version: number, change: Change) =>
    call<SavedJob>("POST", `jobs/${id}/changes`, JSON.stringify({ version, ...change })),
  undo: (id: string, version: number) => call<SavedJob>("POST", `jobs/${id}/undo`, JSON.stringify({ version })),
  redo: (id: string, version: number) => call<SavedJob>("POST", `jobs/${id}/redo`, JSON.stringify({ version })),
  proof: (id: string, signal?: AbortSignal) => call<Proof>("GET", `jobs/${id}/proof`, undefined, signal),
  compare: (id: string, number: number) => call<ProofComparison>("GET", `jobs/${id}/proof/compare/${String(number)}`),
  revisions: (id: string) => call<Revisions>("GET", `jobs/${id}/revisions`),
  bench: (id: string, question: BenchQuestion, memory: Record<string, number>) =>
    call<Bench>("POST", `jobs/${id}/bench`, JSON.stringify({ ...question, memory })),
};
