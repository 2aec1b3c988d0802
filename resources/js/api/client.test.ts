import { http, HttpResponse } from "msw";
import { setupServer } from "msw/node";
import { afterAll, afterEach, beforeAll, expect, test } from "vitest";
import { api, problemsOf, Refused } from "./client";

const server = setupServer();
beforeAll(() => {
  server.listen({ onUnhandledRequest: "error" });
});
afterEach(() => {
  server.resetHandlers();
});
afterAll(() => {
  server.close();
});

const refusal = async (promise: Promise<unknown>): Promise<Refused> => {
  const error: unknown = await promise.catch((thrown: unknown) => thrown);
  expect(error).toBeInstanceOf(Refused);
  return error as Refused;
};

test("a refusal carries every problem, found again by its place and by what lies in it", async () => {
  server.use(
    http.post("*/api/jobs/a/changes", () =>
      HttpResponse.json(
        {
          problems: [
            { at: "/fans/0/runA", message: "Too much." },
            { at: "/fans/10/runA", message: "Too little." },
          ],
        },
        { status: 422 },
      ),
    ),
  );
  const refused = await refusal(api.change("a", 3, { label: "x", changes: {} }));
  expect(refused.status).toBe(422);
  expect(refused.message).toBe("Too much. Too little.");
  expect(refused.at("/fans/0")).toBe("Too much.");
  expect(refused.at("/fans/1")).toBeUndefined();
  expect(refused.at("/fans/10/runA")).toBe("Too little.");
  expect(problemsOf(refused)).toHaveLength(2);
});

test("a change carries the version it is made on", async () => {
  let body: unknown;
  server.use(
    http.post("*/api/jobs/a/changes", async ({ request }) => {
      expect(request.headers.get("content-type")).toBe("application/json");
      body = await request.json();
      return HttpResponse.json({ id: "a", version: 4 });
    }),
  );
  await api.change("a", 3, { label: "Fan", changes: { "/fans/0/runA": "12 A" } });
  expect(body).toEqual({ version: 3, label: "Fan", changes: { "/fans/0/runA": "12 A" } });
});

test("a file of figures goes out as CSV, its name in the address", async () => {
  let address = "";
  let type: string | null = null;
  server.use(
    http.post("*/api/jobs/a/road/drives", ({ request }) => {
      address = request.url;
      type = request.headers.get("content-type");
      return HttpResponse.json({}, { status: 201 });
    }),
  );
  await api.importDrive("a", "hill & back", new File(["time_s,speed_kmh"], "hill.csv"));
  expect(new URL(address).searchParams.get("name")).toBe("hill & back");
  expect(type).toBe("text/csv");
});

test("an answer without a body is no answer to read", async () => {
  server.use(http.delete("*/api/jobs/a", () => new HttpResponse(null, { status: 204 })));
  await expect(api.remove("a", 1)).resolves.toBeUndefined();
});

test("a program that is not running is said as that", async () => {
  server.use(http.get("*/api/jobs", () => HttpResponse.error()));
  const refused = await refusal(api.jobs({ in: "desk", state: "", sort: "", search: "" }, ""));
  expect(refused.status).toBe(0);
  expect(refused.message).toContain("Is bin/start still running?");
});

test("what was stopped by the person is not told as a fault of the program", async () => {
  server.use(http.get("*/api/jobs/a/proof", () => new Promise(() => undefined)));
  const stop = new AbortController();
  const waiting = api.proof("a", stop.signal).catch((thrown: unknown) => thrown);
  stop.abort();
  expect(await waiting).not.toBeInstanceOf(Refused);
});
