import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { userEvent } from "@testing-library/user-event";
import { useState } from "react";
import { afterEach, expect, test, vi } from "vitest";
import type { DriveLeg } from "../api/generated/made-drive";
import { LegChart } from "./LegChart";
import { LegTable } from "./LegTable";
import { NumberField } from "./NumberField";
import { MapColumns } from "./logs/MapColumns";
import type { LogColumns } from "../api/generated/log-columns";
import { Refused } from "../api/client";
import { UnitsProvider } from "../kit/units";

afterEach(cleanup);

const LEG: DriveLeg = {
  minutes: 5,
  speedKmh: 40,
  gradientPercent: 0,
  engineRpm: null,
  airConditioning: false,
  keyOn: true,
};

function Legs({ onLegs }: { onLegs: (legs: DriveLeg[]) => void }) {
  const [legs, setLegs] = useState<DriveLeg[]>([LEG, { ...LEG, gradientPercent: 9 }]);
  const set = (changed: DriveLeg[]) => {
    setLegs(changed);
    onLegs(changed);
  };
  return (
    <>
      <LegChart legs={legs} onLegs={set} />
      <LegTable legs={legs} onLegs={set} />
    </>
  );
}

test("a leg is typed in the table, with a decimal comma too", async () => {
  const onLegs = vi.fn<(legs: DriveLeg[]) => void>();
  render(<Legs onLegs={onLegs} />);
  const minutes = screen.getByLabelText("Minutes of leg 1");
  await userEvent.clear(minutes);
  await userEvent.type(minutes, "7,5");
  expect(onLegs.mock.lastCall?.[0][0]?.minutes).toBe(7.5);
  await userEvent.type(screen.getByLabelText("Engine speed of leg 2"), "2500");
  expect(onLegs.mock.lastCall?.[0][1]?.engineRpm).toBe(2500);
  await userEvent.clear(screen.getByLabelText("Engine speed of leg 2"));
  expect(onLegs.mock.lastCall?.[0][1]?.engineRpm).toBeNull();
});

test("air conditioning and key are ticked, and the last leg cannot be removed", async () => {
  const onLegs = vi.fn<(legs: DriveLeg[]) => void>();
  render(<Legs onLegs={onLegs} />);
  await userEvent.click(screen.getAllByRole("checkbox", { name: "A/C" })[1] ?? document.body);
  await userEvent.click(screen.getAllByRole("checkbox", { name: "key in" })[0] ?? document.body);
  expect(onLegs.mock.lastCall?.[0].map((leg) => [leg.airConditioning, leg.keyOn])).toEqual([
    [false, false],
    [true, true],
  ]);
  await userEvent.click(screen.getByRole("button", { name: /Remove ?leg 1/ }));
  expect(onLegs.mock.lastCall?.[0]).toHaveLength(1);
  expect(screen.getByRole<HTMLButtonElement>("button", { name: /Remove ?leg 1/ }).disabled).toBe(true);
});

test("the end of a leg is moved with the arrows, within what can be driven", () => {
  const onLegs = vi.fn<(legs: DriveLeg[]) => void>();
  render(<Legs onLegs={onLegs} />);
  const end = screen.getByRole("slider", { name: "End of leg 1" });
  fireEvent.keyDown(end, { key: "ArrowRight" });
  fireEvent.keyDown(end, { key: "ArrowUp" });
  expect(onLegs.mock.lastCall?.[0][0]).toMatchObject({ minutes: 5.5, speedKmh: 45 });
  expect(end.getAttribute("aria-valuetext")).toBe("45 km/h for 5.5 min");
  for (let presses = 0; presses < 40; presses++) {
    fireEvent.keyDown(end, { key: "ArrowLeft" });
    fireEvent.keyDown(end, { key: "ArrowDown" });
  }
  expect(onLegs.mock.lastCall?.[0][0]).toMatchObject({ minutes: 0.5, speedKmh: 0 });
  const calls = onLegs.mock.calls.length;
  fireEvent.keyDown(end, { key: "a" });
  expect(onLegs.mock.calls).toHaveLength(calls);
});

test("a handle follows the pointer while it is held, and only then", () => {
  const onLegs = vi.fn<(legs: DriveLeg[]) => void>();
  render(<Legs onLegs={onLegs} />);
  const picture = screen.getByRole("group", { name: "Speed of each leg against time" });
  picture.getBoundingClientRect = () => new DOMRect(0, 0, 900, 210);
  fireEvent.pointerMove(picture, { clientX: 300, clientY: 100 });
  expect(onLegs).not.toHaveBeenCalled();
  fireEvent.pointerDown(screen.getByRole("slider", { name: "End of leg 1" }));
  fireEvent.pointerMove(picture, { clientX: 300, clientY: 184 });
  expect(onLegs.mock.lastCall?.[0][0]?.speedKmh).toBe(0);
  fireEvent.pointerUp(picture);
  const calls = onLegs.mock.calls.length;
  fireEvent.pointerMove(picture, { clientX: 500, clientY: 60 });
  expect(onLegs.mock.calls).toHaveLength(calls);
});

test("a number field keeps to itself what is no number", async () => {
  const onValue = vi.fn();
  render(<NumberField label="Trailer" unit="kg" value={300} onValue={onValue} />);
  const field = screen.getByLabelText("Trailer");
  await userEvent.clear(field);
  await userEvent.type(field, "much");
  expect(onValue).not.toHaveBeenCalled();
  await userEvent.tab();
  expect(screen.getByDisplayValue("300")).toBeDefined();
});

const COLUMNS: LogColumns = {
  header: ["when", "heat", "go"],
  rows: [
    ["0", "180", "30"],
    ["1", "181", "31"],
  ],
  mapping: { time: { column: 0, unit: "s" } },
  channels: [
    { channel: "time", name: "Time", units: [{ unit: "s", name: "seconds" }] },
    {
      channel: "coolant",
      name: "Coolant",
      units: [
        { unit: "C", name: "°C" },
        { unit: "F", name: "°F" },
      ],
    },
  ],
};

test("a column is named, its unit chosen, its first values seen, and what is wrong with it told there", async () => {
  const onMapping = vi.fn();
  const show = (mapping: LogColumns["mapping"], wrong?: Refused) => (
    <UnitsProvider>
      <MapColumns columns={COLUMNS} mapping={mapping} onMapping={onMapping} wrong={wrong} />
    </UnitsProvider>
  );
  const { rerender } = render(show(COLUMNS.mapping));
  expect(screen.getByText("0 1", { normalizer: (text) => text.replace(/\s+/g, " ") })).toBeDefined();
  expect(screen.queryByLabelText("Unit of coolant")).toBeNull();
  await userEvent.selectOptions(screen.getByLabelText("Column of coolant"), "heat");
  const named = { time: { column: 0, unit: "s" }, coolant: { column: 1, unit: "C" } };
  expect(onMapping).toHaveBeenLastCalledWith(named);
  rerender(show(named, new Refused(422, [{ at: "/mapping/coolant/unit", message: "looks like °F" }])));
  expect(screen.getByRole("row", { name: /Coolant/ }).className).toContain("text-danger");
  await userEvent.selectOptions(screen.getByLabelText("Unit of coolant"), "°F");
  expect(onMapping).toHaveBeenLastCalledWith({ ...named, coolant: { column: 1, unit: "F" } });
  await userEvent.selectOptions(screen.getByLabelText("Column of coolant"), "not in it");
  expect(onMapping).toHaveBeenLastCalledWith(COLUMNS.mapping);
});
