import type { Bench } from "./generated/bench";
import type { BenchRequest } from "./generated/bench-request";
import type { Calibration } from "./generated/calibration";
import type { ChangeRequest } from "./generated/change-request";
import type { ProofComparison } from "./generated/comparison";
import type { ArchiveRequest } from "./generated/archive-request";
import type { ArrangementRequest } from "./generated/arrangement-request";
import type { Gallery } from "./generated/arrangements";
import type { CodeRequest } from "./generated/code-request";
import type { Workshop } from "./generated/workshop";
import type { WorkshopRequest } from "./generated/workshop-request";
import type { Handover } from "./generated/handover";
import type { RecordRequest, RecordsRequest } from "./generated/records-request";
import type { PlanChoices } from "./generated/plan-choices";
import type { PracticeOverview } from "./generated/practice";
import type { PracticeMoveRequest } from "./generated/practice-move-request";
import type { PracticeRequest } from "./generated/practice-request";
import type { PracticeRun } from "./generated/practice-run";
import type { TrailAnswer } from "./generated/trail";
import type { UnknownVehicleRequest } from "./generated/unknown-vehicle-request";
import type { RecordsAnswer } from "./generated/records-answer";
import type { Health } from "./generated/health";
import type { HideCustomersRequest } from "./generated/hide-customers-request";
import type { People } from "./generated/people";
import type { PersonCode } from "./generated/person-code";
import type { PersonRequest } from "./generated/person-request";
import type { RoleRequest } from "./generated/role-request";
import type { Session } from "./generated/session";
import type { SignInRequest } from "./generated/sign-in-request";
import type { JobPage } from "./generated/job-list";
import type { PartRequest } from "./generated/part-request";
import type { Problem } from "./generated/problem";
import type { Proof } from "./generated/proof";
import type { Revisions } from "./generated/revisions";
import type { LogOverPlan } from "./generated/log";
import type { LogColumns } from "./generated/log-columns";
import type { LogComparison } from "./generated/log-comparison";
import type { Logs, LogSummary } from "./generated/logs";
import type { MadeDrive } from "./generated/made-drive";
import type { Road, RoadDrive } from "./generated/road";
import type { SetPointCard } from "./generated/set-point-card";
import type { RoadAdvice } from "./generated/road-advice";
import type { RoadRequest } from "./generated/road-request";
import type { Design, SavedJob } from "./generated/saved-job";
import type { Shelf } from "./generated/shelf";
import type { StepRequest } from "./generated/step-request";
import type { Task } from "./generated/task";

/** What the server would not do, and why. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly problems: Problem[],
  ) {
    super(problems.map((problem) => problem.message).join(" "));
  }

  /** What is wrong at one place of the job file. */
  at(path: string): string | undefined {
    return this.problems.find((problem) => problem.at === path || problem.at.startsWith(`${path}/`))?.message;
  }
}

/** Whatever was thrown, as problems that can be shown. */
export function problemsOf(error: unknown): Problem[] {
  return error instanceof Refused ? error.problems : [{ at: "", message: String(error) }];
}

/** The same as a refusal, that knows the place of each. */
export function refusedBy(error: unknown): Refused {
  return error instanceof Refused ? error : new Refused(0, problemsOf(error));
}

/** Enough of a log to see what its columns are. */
const FIRST_LINES_BYTES = 65_536;

async function call<T>(method: string, path: string, body?: object | string | File, signal?: AbortSignal): Promise<T> {
  const response = await send(method, path, body, signal);
  return (response.status === 204 ? undefined : await response.json()) as T;
}

/** Where the program is open to the shop, the word that no page of another site knows. */
function guard(): Record<string, string> {
  const word = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1];
  return word === undefined ? {} : { "X-XSRF-TOKEN": decodeURIComponent(word) };
}

/** Told when a session has ended while a page was open. */
export const signedOut = new EventTarget();

/** Pictures go as they are: what they are is seen in them, not told beside them. */
function typeOf(body: object | string | undefined): string {
  if (!(body instanceof File)) {
    return "application/json";
  }
  return body.type.startsWith("image/") ? "application/octet-stream" : "text/csv";
}

async function send(
  method: string,
  path: string,
  body?: object | string | File,
  signal?: AbortSignal,
): Promise<Response> {
  const request: RequestInit = { method, headers: { Accept: "application/json" }, signal: signal ?? null };
  if (method !== "GET") {
    const type = typeOf(body);
    request.headers = { Accept: "application/json", "Content-Type": type, ...guard() };
    request.body = body instanceof File || typeof body === "string" ? body : JSON.stringify(body ?? {});
  }
  let response: Response;
  try {
    response = await fetch(`/api/${path}`, request);
  } catch (error) {
    if (signal?.aborted === true) {
      throw error;
    }
    throw new Refused(0, [{ at: "", message: "The program does not answer. Is bin/start still running?" }]);
  }
  if (response.status === 401) {
    signedOut.dispatchEvent(new Event("ended"));
  }
  if (!response.ok) {
    const answer = (await response.json().catch(() => null)) as { problems?: Problem[] } | null;
    throw new Refused(response.status, answer?.problems ?? [{ at: "", message: "Something went wrong." }]);
  }
  return response;
}

/** How often it is asked again for what a worker is making, ms. */
const AGAIN_MS = 350;

/** What a worker makes first, once it is there. */
async function whenMade(path: string, signal?: AbortSignal): Promise<Response> {
  for (;;) {
    const response = await send("GET", path, undefined, signal);
    if (response.status !== 202) {
      return response;
    }
    await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    signal?.throwIfAborted();
  }
}

/** A change as a view asks for it; the version it is made on, and by what it is known, are added when it is sent. */
export type Change = Omit<ChangeRequest, "version" | "id" | "window">;

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
  leads?: [string, string] | null;
}

/** Work that is done by a worker and looked at while it goes on. */
export type TaskKind = "pairs" | "sweep" | "band" | "plans";

/** Which jobs the desk shows, as its address has it; an empty text is no wish. */
export interface JobQuestion {
  in: "desk" | "archive" | "bin";
  state: string;
  sort: string;
  search: string;
}

const withVersion = (version: number): StepRequest => ({ version });

export const api = {
  session: () => call<Session>("GET", "session"),
  signIn: (name: string, password: string) =>
    call<Session>("POST", "session", { name, password } satisfies SignInRequest),
  useCode: (name: string, code: string, password: string) =>
    call<Session>("POST", "session/code", { name, code, password } satisfies CodeRequest),
  signOut: () => call<Session>("DELETE", "session"),
  people: () => call<People>("GET", "people"),
  addPerson: (person: PersonRequest) => call<PersonCode>("POST", "people", person),
  giveCode: (id: number) => call<PersonCode>("POST", `people/${String(id)}/code`),
  changeRole: (id: number, role: PersonRequest["role"]) =>
    call<People>("POST", `people/${String(id)}/role`, { role } satisfies RoleRequest),
  endSessions: (id: number) => call<People>("POST", `people/${String(id)}/sign-out`),
  removePerson: (id: number) => call<People>("DELETE", `people/${String(id)}`),
  hideCustomers: (hidesCustomers: boolean) =>
    call<People>("POST", "people/customers", { hidesCustomers } satisfies HideCustomersRequest),
  health: () => call<Health>("GET", "health"),
  workshop: () => call<Workshop>("GET", "workshop"),
  keepWorkshop: (changed: WorkshopRequest) => call<Workshop>("POST", "workshop", changed),
  handover: (id: string) => call<Handover>("GET", `jobs/${id}/handover`),
  writeRecords: (id: string, records: RecordRequest[]) => {
    const [head, ...tail] = records;
    return head === undefined
      ? Promise.resolve({ results: [] } satisfies RecordsAnswer)
      : call<RecordsAnswer>("POST", `jobs/${id}/records`, { records: [head, ...tail] } satisfies RecordsRequest);
  },
  photograph: (id: string, picture: File, asked: { id: string; step: string; by: string; at: string }) =>
    call<{ id: string }>("POST", `jobs/${id}/photographs?${new URLSearchParams(asked).toString()}`, picture),
  simulatedReading: (id: string, step: string, badJoint: boolean) =>
    call<{ typed: string }>(
      "GET",
      `jobs/${id}/handover/simulated?${new URLSearchParams({ step, badJoint: badJoint ? "1" : "0" }).toString()}`,
    ),
  planChoices: () => call<PlanChoices>("GET", "plan-choices"),
  trail: (id: string, tools: string) =>
    call<TrailAnswer>("GET", `jobs/${id}/trail?${new URLSearchParams({ tools }).toString()}`),
  trailChoices: () => call<TrailAnswer>("GET", "trail"),
  unknownVehicle: (question: UnknownVehicleRequest) => call<TrailAnswer>("POST", "trail", question),
  practice: (person: string) => call<PracticeOverview>("GET", `practice?${new URLSearchParams({ person }).toString()}`),
  beginPractice: (asked: PracticeRequest) => call<PracticeRun>("POST", "practice", asked),
  practiceRun: (id: string) => call<PracticeRun>("GET", `practice/${id}`),
  practiceDesign: (id: string) => call<Design>("GET", `practice/${id}/design`),
  practiceMove: (id: string, move: PracticeMoveRequest) => call<PracticeRun>("POST", `practice/${id}/moves`, move),
  road: (id: string, question: RoadRequest, signal?: AbortSignal) =>
    call<Road>("POST", `jobs/${id}/road`, question, signal),
  advice: (id: string) => call<RoadAdvice>("GET", `jobs/${id}/road/advice`),
  setPointCard: (id: string) => call<SetPointCard>("GET", `jobs/${id}/road/card`),
  logColumns: (file: File) =>
    call<LogColumns>("POST", "log-columns", new File([file.slice(0, FIRST_LINES_BYTES)], file.name)),
  logs: (id: string) => call<Logs>("GET", `jobs/${id}/logs`),
  log: (id: string, log: string) => call<LogOverPlan>("GET", `jobs/${id}/logs/${log}`),
  importLog: (id: string, file: File, asked: { name: string; taken: string; mapping: string }) =>
    call<LogSummary>("POST", `jobs/${id}/logs?${new URLSearchParams(asked).toString()}`, file),
  fitToLog: (id: string, log: string) => call<Calibration>("POST", `jobs/${id}/logs/${log}/fit`),
  compareLogs: (id: string, before: string, after: string) =>
    call<LogComparison>("GET", `jobs/${id}/logs/${before}/against/${after}`),
  removeLog: (id: string, log: string) => call<undefined>("DELETE", `jobs/${id}/logs/${log}`),
  recordWithStandIn: async (id: string, device: string, asked: { drive: string; faults: string }) => {
    const response = await send("GET", `jobs/${id}/stand-in/${device}?${new URLSearchParams(asked).toString()}`);
    return new File([await response.blob()], `${device}.csv`, { type: "text/csv" });
  },
  legs: (drive: string) => call<MadeDrive | null>("GET", `drives/${drive}/legs`),
  makeDrive: (id: string, made: MadeDrive, inPlaceOf: string) =>
    call<RoadDrive>("POST", `jobs/${id}/road/drives/made?${new URLSearchParams({ inPlaceOf }).toString()}`, made),
  importDrive: (id: string, name: string, file: File) =>
    call<RoadDrive>("POST", `jobs/${id}/road/drives?name=${encodeURIComponent(name)}`, file),
  shelf: () => call<Shelf>("GET", "shelf"),
  addPart: (part: PartRequest) => call<Shelf>("POST", "shelf/parts", part),
  changePart: (id: string, part: PartRequest) => call<Shelf>("POST", `shelf/parts/${id}`, part),
  removePart: (id: string, version: number) => call<Shelf>("DELETE", `shelf/parts/${id}`, withVersion(version)),
  removeDrive: (id: string) => call<undefined>("DELETE", `drives/${id}`),
  importParts: (file: File) => call<Shelf>("POST", "shelf/import", file),
  jobs: (question: JobQuestion, after: string, signal?: AbortSignal) =>
    call<JobPage>("GET", `jobs?${new URLSearchParams({ ...question, after }).toString()}`, undefined, signal),
  job: (id: string) => call<SavedJob>("GET", `jobs/${id}`),
  gallery: () => call<Gallery>("GET", "arrangements"),
  start: (arrangement: string | null) => call<SavedJob>("POST", "jobs", { arrangement } satisfies ArrangementRequest),
  arrange: (id: string, version: number, arrangement: string) =>
    call<SavedJob>("POST", `jobs/${id}/arrangement`, { version, arrangement } satisfies ArrangementRequest),
  importFile: (text: string) => call<SavedJob>("POST", "jobs/import", text),
  mend: (id: string, version: number, text: string) =>
    call<SavedJob>("POST", `jobs/${id}/mend?version=${String(version)}`, text),
  remove: (id: string, version: number) => call<undefined>("DELETE", `jobs/${id}`, withVersion(version)),
  erase: (id: string, version: number) => call<undefined>("POST", `jobs/${id}/erase`, withVersion(version)),
  archive: (id: string, version: number, isArchived: boolean) =>
    call<undefined>("POST", `jobs/${id}/archive`, { version, isArchived } satisfies ArchiveRequest),
  duplicate: (id: string) => call<SavedJob>("POST", `jobs/${id}/duplicate`),
  takeSizes: (id: string, version: number) => call<SavedJob>("POST", `jobs/${id}/sizes`, withVersion(version)),
  standOn: (id: string, version: number, number: number) =>
    call<SavedJob>("POST", `jobs/${id}/revisions/${String(number)}`, withVersion(version)),
  restore: (id: string) => call<undefined>("POST", `jobs/${id}/restore`),
  change: (id: string, version: number, change: Omit<ChangeRequest, "version">) =>
    call<SavedJob>("POST", `jobs/${id}/changes`, { version, ...change } satisfies ChangeRequest),
  undo: (id: string, version: number) => call<SavedJob>("POST", `jobs/${id}/undo`, withVersion(version)),
  redo: (id: string, version: number) => call<SavedJob>("POST", `jobs/${id}/redo`, withVersion(version)),
  beginTask: (id: string, kind: TaskKind, question: object) => call<Task>("POST", `jobs/${id}/tasks/${kind}`, question),
  latestTask: (id: string, kind: TaskKind) => call<Task | null>("GET", `jobs/${id}/tasks/${kind}`),
  task: (id: string) => call<Task>("GET", `tasks/${id}`),
  stopTask: (id: string) => call<Task>("DELETE", `tasks/${id}`),
  proof: (id: string, signal?: AbortSignal) =>
    whenMade(`jobs/${id}/proof`, signal).then((made) => made.json() as Promise<Proof>),
  compare: (id: string, number: number, signal?: AbortSignal) =>
    whenMade(`jobs/${id}/proof/compare/${String(number)}`, signal).then(
      (made) => made.json() as Promise<ProofComparison>,
    ),
  /** A paper and the name it is to be saved under. */
  paper: async (path: string) => {
    const made = await whenMade(path);
    const name = /filename="([^"]+)"/.exec(made.headers.get("Content-Disposition") ?? "")?.[1] ?? "paper.pdf";
    return new File([await made.blob()], name, { type: made.headers.get("Content-Type") ?? "" });
  },
  revisions: (id: string, before: number) =>
    call<Revisions>("GET", `jobs/${id}/revisions${before === 0 ? "" : `?before=${String(before)}`}`),
  bench: (id: string, question: BenchQuestion, memory: Record<string, number>) =>
    call<Bench>("POST", `jobs/${id}/bench`, { ...question, memory } satisfies BenchRequest),
};
