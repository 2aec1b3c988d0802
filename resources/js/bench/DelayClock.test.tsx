import { act, cleanup, render, screen } from "@testing-library/react";
import { useEffect, useState } from "react";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { DelayClock } from "./DelayClock";

/** A bench whose answers come in between the ticks, each a new render with new functions. */
function Bench({ answerMs }: { answerMs: number }) {
  const [elapsedS, setElapsedS] = useState(0);
  const [, setAnswers] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => {
      setAnswers((now) => now + 1);
    }, answerMs);
    return () => {
      clearInterval(timer);
    };
  }, [answerMs]);
  return (
    <DelayClock
      delayS={235}
      elapsedS={elapsedS}
      onElapsed={(next) => {
        setElapsedS(next);
      }}
    />
  );
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout", "setInterval", "clearInterval", "performance"] });
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

test.each([100, 170, 1000])("runs at ten times where ten is chosen, answers every %i ms", async (answerMs) => {
  render(<Bench answerMs={answerMs} />);
  await act(() => vi.advanceTimersByTimeAsync(10_000));

  expect(screen.getByRole("timer").textContent).toBe("135 s left");
});
