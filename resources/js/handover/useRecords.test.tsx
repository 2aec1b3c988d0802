import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, renderHook, waitFor } from "@testing-library/react";
import { http, HttpResponse } from "msw";
import { setupServer } from "msw/node";
import type { ReactNode } from "react";
import { afterAll, afterEach, beforeAll, beforeEach, expect, test } from "vitest";
import type { RecordRequest } from "../api/generated/records-request";
import { newId } from "../kit/newId";
import { useRecords } from "./useRecords";

/** A server that keeps each id once, and will not have a note without a word. */
let kept: RecordRequest[] = [];
let isDown = false;

const server = setupServer(
  http.post("*/api/jobs/pump/records", async ({ request }) => {
    if (isDown) {
      return HttpResponse.error();
    }
    const { records } = (await request.json()) as { records: RecordRequest[] };
    return HttpResponse.json({
      results: records.map((record) => {
        if (record.kind === "note" && record.text === "") {
          return { id: record.id, problems: [{ at: "/text", message: "is missing." }] };
        }
        kept = [...kept.filter((one) => one.id !== record.id), record];
        return { id: record.id, problems: [] };
      }),
    });
  }),
);

beforeAll(() => {
  server.listen({ onUnhandledRequest: "error" });
});
beforeEach(() => {
  kept = [];
  isDown = false;
  localStorage.clear();
});
afterEach(() => {
  server.resetHandlers();
});
afterAll(() => {
  server.close();
});

function wrapper({ children }: { children: ReactNode }) {
  return <QueryClientProvider client={new QueryClient()}>{children}</QueryClientProvider>;
}

test("what is written is signed, dated, sent and no longer waits", async () => {
  const { result } = renderHook(() => useRecords("pump"), { wrapper });
  act(() => {
    result.current.sign("MK");
  });
  act(() => {
    result.current.write({ kind: "tick", step: "battery-off", done: true });
  });
  expect(result.current.waiting).toHaveLength(1);
  await waitFor(() => {
    expect(result.current.waiting).toHaveLength(0);
  });
  expect(kept).toMatchObject([{ kind: "tick", step: "battery-off", by: "MK", done: true }]);
  expect(Date.parse(kept[0]?.at ?? "")).toBeGreaterThan(Date.now() - 60_000);
});

test("without a connection it waits, through a closed page too, and is sent once", async () => {
  isDown = true;
  const first = renderHook(() => useRecords("pump"), { wrapper });
  act(() => {
    first.result.current.write({ kind: "tick", step: "drain", done: true });
  });
  act(() => {
    first.result.current.write({ kind: "reading", step: "a/volt/b/c", typed: "12.3" });
  });
  await waitFor(() => {
    expect(first.result.current.isOffline).toBe(true);
  });
  expect(first.result.current.waiting).toHaveLength(2);
  first.unmount();

  const again = renderHook(() => useRecords("pump"), { wrapper });
  expect(again.result.current.waiting).toHaveLength(2);
  isDown = false;
  act(() => {
    dispatchEvent(new Event("online"));
  });
  await waitFor(() => {
    expect(again.result.current.waiting).toHaveLength(0);
  });
  expect(kept.map((record) => record.step)).toEqual(["drain", "a/volt/b/c"]);
  expect(again.result.current.isOffline).toBe(false);
});

test("what the server will not have is told at its step and holds nothing else up", async () => {
  const { result } = renderHook(() => useRecords("pump"), { wrapper });
  act(() => {
    result.current.write({ kind: "note", step: "fan", text: "" });
  });
  act(() => {
    result.current.write({ kind: "tick", step: "fan-2", done: true });
  });
  await waitFor(
    () => {
      expect(result.current.waiting).toHaveLength(0);
    },
    { timeout: 8000 },
  );
  await waitFor(() => {
    expect(kept).toHaveLength(1);
  });
  expect(result.current.refused.fan).toBe("is missing.");
});

test("what another program left in the browser is no line of records", () => {
  localStorage.setItem("lamp-thread/records/pump", "{not json");
  expect(renderHook(() => useRecords("pump"), { wrapper }).result.current.waiting).toEqual([]);
  localStorage.setItem("lamp-thread/records/pump", '"text"');
  expect(renderHook(() => useRecords("pump"), { wrapper }).result.current.waiting).toEqual([]);
});

test("ids fit what the server takes, and are never the same", () => {
  const ids = Array.from({ length: 200 }, newId);
  expect(new Set(ids).size).toBe(200);
  expect(ids.every((id) => /^[0-9a-zA-Z-]{8,40}$/.test(id))).toBe(true);
});
