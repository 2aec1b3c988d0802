import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, renderHook, waitFor } from "@testing-library/react";
import { http, HttpResponse } from "msw";
import { setupServer } from "msw/node";
import type { ReactNode } from "react";
import { afterAll, afterEach, beforeAll, beforeEach, expect, test } from "vitest";
import type { Task } from "../api/generated/task";
import { useTask } from "./useTask";

let kept: Task | null = null;

/** A worker that finishes a row whenever it is asked how far it is. */
const server = setupServer(
  http.get("*/api/jobs/pump/tasks/pairs", () => HttpResponse.json(kept)),
  http.post("*/api/jobs/pump/tasks/pairs", () => {
    kept = { id: "t", state: "waiting", of: 0, rows: [] };
    return HttpResponse.json(kept);
  }),
  http.get("*/api/tasks/t", () => {
    if (kept !== null && (kept.state === "waiting" || kept.state === "running")) {
      const rows = [...kept.rows, { row: kept.rows.length + 1 }];
      kept = { ...kept, of: 3, rows, state: rows.length === 3 ? "done" : "running" };
    }
    return HttpResponse.json(kept);
  }),
  http.delete("*/api/tasks/t", () => {
    kept = kept === null ? null : { ...kept, state: "stopped" };
    return HttpResponse.json(kept);
  }),
);

beforeAll(() => {
  server.listen({ onUnhandledRequest: "error" });
});
beforeEach(() => {
  kept = null;
});
afterEach(() => {
  server.resetHandlers();
});
afterAll(() => {
  server.close();
});

function work() {
  const client = new QueryClient();
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  return renderHook(() => useTask({ id: "pump", version: 1 }, "pairs", {}), { wrapper });
}

test("rows come as they are worked out, and the end is told", async () => {
  const { result } = work();
  await waitFor(() => {
    expect(result.current.isRunning).toBe(false);
  });
  act(() => {
    result.current.toggle();
  });
  await waitFor(
    () => {
      expect(result.current.state).toBe("done");
    },
    { timeout: 4000 },
  );
  expect(result.current.rows).toEqual([{ row: 1 }, { row: 2 }, { row: 3 }]);
  expect(result.current.isRunning).toBe(false);
});

test("work that was begun before the page was opened is found, and can be stopped", async () => {
  kept = { id: "t", state: "running", of: 3, rows: [{ row: 1 }] };
  const { result } = work();
  await waitFor(() => {
    expect(result.current.isRunning).toBe(true);
  });
  act(() => {
    result.current.toggle();
  });
  await waitFor(() => {
    expect(result.current.state).toBe("stopped");
  });
  expect(result.current.rows.length).toBeGreaterThan(0);
});

test("work that cannot be begun, or has failed, is said", async () => {
  server.use(
    http.post("*/api/jobs/pump/tasks/pairs", () =>
      HttpResponse.json({ problems: [{ at: "", message: "No such drive." }] }, { status: 422 }),
    ),
  );
  const { result } = work();
  act(() => {
    result.current.toggle();
  });
  await waitFor(() => {
    expect(result.current.wrong).toBe("No such drive.");
  });
  kept = { id: "t", state: "failed", of: 3, rows: [] };
  const failed = work();
  await waitFor(() => {
    expect(failed.result.current.wrong).toContain("has failed");
  });
});
