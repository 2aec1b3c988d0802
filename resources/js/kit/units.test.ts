import { expect, test } from "vitest";
import { digits, shown, shownQuantity, unbroken, withUnit, type Units } from "./units";

const METRIC: Units = { temperature: "°C", length: "m", depth: "mm" };
const OTHER: Units = { temperature: "°F", length: "ft", depth: "in" };

test("kept values are shown in the chosen units, others in their own", () => {
  expect(shown(92, "temperature", METRIC)).toEqual({ value: 92, unit: "°C" });
  expect(shown(-40, "temperature", OTHER)).toEqual({ value: -40, unit: "°F" });
  expect(shown(100, "temperature", OTHER)).toEqual({ value: 212, unit: "°F" });
  expect(shown(3.048, "length", OTHER).value).toBeCloseTo(10);
  expect(shown(25.4, "depth", OTHER)).toEqual({ value: 1, unit: "in" });
  expect(shown(12, "A", OTHER)).toEqual({ value: 12, unit: "A" });
});

test("a difference of temperatures has no 32 in it", () => {
  expect(shownQuantity({ value: 5, unit: "K" }, OTHER)).toBe("9 °F");
  expect(shownQuantity({ value: 5, unit: "K" }, METRIC)).toBe("5 K");
  expect(shownQuantity({ value: 5, unit: "°C" }, OTHER)).toBe("41 °F");
  expect(shownQuantity({ value: 3, unit: "" }, OTHER)).toBe("3");
});

test.each([
  [1234.5, "1235"],
  [123.46, "123"],
  [12.34, "12.3"],
  [12, "12"],
  [1.204, "1.2"],
  [0.005, "0.01"],
  [0, "0"],
  [-4.5, "-4.5"],
  [Infinity, "—"],
])("%d has as many digits as it can be told apart by", (value, text) => {
  expect(digits(value)).toBe(text);
});

test("a bare number is meant in the unit shown, anything else as it says", () => {
  expect(withUnit("95", "°F")).toBe("95°F");
  expect(withUnit(" 3/4 ", "in")).toBe(" 3/4 in");
  expect(withUnit("1,5", "m")).toBe("1,5m");
  expect(withUnit("95F", "°C")).toBe("95F");
  expect(withUnit("twelve", "V")).toBe("twelve");
});

test("a number stays on the line of its unit", () => {
  expect(unbroken("Blade fuse 20 A, 2.5 mm²")).toBe("Blade fuse 20\u00a0A, 2.5\u00a0mm²");
  expect(unbroken("4 Awls")).toBe("4 Awls");
});
