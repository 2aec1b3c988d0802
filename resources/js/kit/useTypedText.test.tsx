import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { useState } from "react";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { useTypedText, type Sent } from "./useTypedText";

interface Props {
  shown: string;
  version: number;
  send: (typed: string) => Promise<Sent>;
}

function Field({ shown, version, send }: Props) {
  const [held, onHeld] = useState<{ text: string; wrong: string }>();
  const typed = useTypedText({ shown, version, pauseMs: 200, held, onHeld, send });
  return (
    <>
      <input
        value={typed.value}
        onFocus={typed.onFocus}
        onBlur={typed.onBlur}
        onChange={(event) => {
          typed.onChange(event.target.value);
        }}
      />
      {typed.wrong !== undefined && <p role="alert">{typed.wrong}</p>}
      <button onClick={typed.takeBack}>take it back</button>
    </>
  );
}

const box = () => screen.getByRole<HTMLInputElement>("textbox");
const type = (text: string) => {
  fireEvent.focus(box());
  fireEvent.change(box(), { target: { value: text } });
};
const pause = () => act(() => vi.advanceTimersByTimeAsync(250));

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

test("a text stays as typed while it is sent and until the field is left", async () => {
  const send = vi.fn(() => Promise.resolve({ version: 2, wrong: undefined }));
  const { rerender } = render(<Field shown="85" version={1} send={send} />);
  type("185F");
  await pause();
  rerender(<Field shown="84.9" version={2} send={send} />);

  expect(send).toHaveBeenCalledExactlyOnceWith("185F");
  expect(box().value).toBe("185F");
  fireEvent.blur(box());
  expect(box().value).toBe("84.9");
});

test("after an undo the field shows what the job has, not what was undone", async () => {
  const send = vi.fn(() => Promise.resolve({ version: 2, wrong: undefined }));
  const { rerender } = render(<Field shown="Before" version={1} send={send} />);
  type("After");
  await pause();
  rerender(<Field shown="After" version={2} send={send} />);
  rerender(<Field shown="Before" version={3} send={send} />);

  expect(box().value).toBe("Before");
});

test("what is wrong is said, and stays with the text until it is taken back, whatever else is answered meanwhile", async () => {
  const send = vi.fn(() => Promise.resolve({ version: 1, wrong: "is no number" }));
  const { rerender } = render(<Field shown="85" version={1} send={send} />);
  type("hot");
  await pause();
  fireEvent.blur(box());

  expect(box().value).toBe("hot");
  expect(screen.getByRole("alert").textContent).toBe("is no number");
  rerender(<Field shown="90" version={2} send={send} />);
  expect(box().value).toBe("hot");
  expect(screen.getByRole("alert").textContent).toBe("is no number");
  fireEvent.click(screen.getByRole("button"));
  expect(box().value).toBe("90");
  expect(screen.queryByRole("alert")).toBeNull();
});

test("another field's answer does not take away what is being typed here", async () => {
  const send = vi.fn(() => Promise.resolve({ version: 3, wrong: undefined }));
  const { rerender } = render(<Field shown="85" version={1} send={send} />);
  type("9");
  rerender(<Field shown="85" version={2} send={send} />);
  expect(box().value).toBe("9");
  type("95");
  await pause();

  expect(send).toHaveBeenCalledExactlyOnceWith("95");
});

test("a field that is folded away, and a page that is left, send what was waiting", async () => {
  const send = vi.fn(() => Promise.resolve({ version: 2, wrong: undefined }));
  const { unmount } = render(<Field shown="85" version={1} send={send} />);
  type("95");
  unmount();
  expect(send).toHaveBeenCalledExactlyOnceWith("95");

  render(<Field shown="85" version={1} send={send} />);
  type("96");
  window.dispatchEvent(new Event("beforeunload"));
  expect(send).toHaveBeenLastCalledWith("96");
  await act(() => Promise.resolve());
});

test("a field that is left sends at once what was waiting", async () => {
  const send = vi.fn(() => Promise.resolve({ version: 2, wrong: undefined }));
  render(<Field shown="85" version={1} send={send} />);
  type("95");
  fireEvent.blur(box());
  await act(() => Promise.resolve());

  expect(send).toHaveBeenCalledExactlyOnceWith("95");
});
