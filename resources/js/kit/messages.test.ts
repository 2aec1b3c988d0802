import { IntlMessageFormat } from "intl-messageformat";
import { expect, test } from "vitest";
import english from "../../../lang/en.json";
import { say } from "./messages";

const METRIC = { temperature: "°C", length: "m", depth: "mm" } as const;
const IMPERIAL = { temperature: "°F", length: "ft", depth: "in" } as const;

test.each(Object.entries(english))("%s is a message the browser can read", (_, pattern) => {
  expect(() => new IntlMessageFormat(pattern, "en", undefined, { ignoreTag: true })).not.toThrow();
});

test("quantities are said in the units that are shown, in whatever message they are nested", () => {
  const remedy = {
    code: "remedy.second-stage-above",
    params: { step: { value: 5, unit: "K" }, on: { value: 97, unit: "°C" } },
  };

  expect(say(remedy, METRIC)).toBe("Second stage 5 K above, on 97 °C");
  expect(say(remedy, IMPERIAL)).toBe("Second stage 9 °F above, on 207 °F");
  expect(say({ code: "remedy.fuse-at-battery", params: { length: { value: 0.1524, unit: "m" } } }, IMPERIAL)).toBe(
    "Move the fuse to 0.5 ft from where the wire begins",
  );
});

test("lists are joined with commas, sentences with spaces", () => {
  expect(say({ code: "part.for-wires", params: { wires: ["W1", "W2"] } }, METRIC)).toBe("wires W1, W2");
  const effects = ["effect.no-fan-runs", "effect.runs-unasked"].map((code) => ({ code, params: {} }));
  expect(say({ code: "sentences", params: { sentences: effects } }, METRIC)).toBe(
    "Hot, no fan runs. A fan runs unasked.",
  );
});
