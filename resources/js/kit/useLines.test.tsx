import { act, renderHook, waitFor } from "@testing-library/react";
import { expect, test } from "vitest";
import { Refused } from "../api/client";
import { useLines } from "./useLines";

/** Gives a number each time it is let on, and ends where it is told to stop. */
function source(most: number) {
  const waiting: (() => void)[] = [];
  const ask = async function* (signal: AbortSignal) {
    for (let at = 1; at <= most; at++) {
      await new Promise<void>((resolve, reject) => {
        waiting.push(resolve);
        signal.addEventListener("abort", () => {
          reject(new DOMException("stopped", "AbortError"));
        });
      });
      yield at;
    }
  };
  return { ask, next: () => act(async () => Promise.resolve(waiting.shift()?.())) };
}

test("lines come in one by one, and the end is told", async () => {
  const { ask, next } = source(2);
  const { result } = renderHook(() => useLines(ask));
  act(() => {
    result.current.toggle();
  });
  expect(result.current.isRunning).toBe(true);
  await next();
  await waitFor(() => {
    expect(result.current.rows).toEqual([1]);
  });
  await next();
  await waitFor(() => {
    expect(result.current.isRunning).toBe(false);
  });
  expect(result.current.rows).toEqual([1, 2]);
});

test("what was stopped keeps what had come, and is no failure", async () => {
  const { ask, next } = source(5);
  const { result } = renderHook(() => useLines(ask));
  act(() => {
    result.current.toggle();
  });
  await next();
  await waitFor(() => {
    expect(result.current.rows).toEqual([1]);
  });
  act(() => {
    result.current.toggle();
  });
  await waitFor(() => {
    expect(result.current.isRunning).toBe(false);
  });
  expect(result.current.rows).toEqual([1]);
  expect(result.current.wrong).toBeUndefined();
});

test("a refusal is said in its own words", async () => {
  const { result } = renderHook(() =>
    useLines(async function* () {
      await Promise.resolve();
      throw new Refused(422, [{ at: "", message: "The job no longer reads." }]);
    }),
  );
  act(() => {
    result.current.toggle();
  });
  await waitFor(() => {
    expect(result.current.wrong).toBe("The job no longer reads.");
  });
});
