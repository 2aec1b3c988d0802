import { execFileSync } from "node:child_process";
import { expect, test, type Page } from "@playwright/test";
import { startJob } from "./jobs";

/** What the schema says of one place of a job file. */
interface Leaf {
  type?: string | string[];
  minimum?: number;
  maximum?: number;
  enum?: unknown[];
}

const LEAVES = JSON.parse(
  execFileSync("php", [
    "-r",
    "require 'vendor/autoload.php'; echo json_encode(LampThread\\Exchange\\JobSchema::standard()->leaves());",
  ]).toString(),
) as Record<string, Leaf>;

/** Places that are told otherwise than by a control for each, and how. */
const EXCUSED: Record<string, string> = {
  "/format": "the file says what it is",
  "/version": "the file says what it is",
  "/fans/*/id": "numbered by the program",
  "/control/stages/*/id": "numbered by the program",
  "/control/stages/*/sharesRelay": "comes with how the fans run, seen below",
  "/record/*/kind": "the record is written in Handover, not told in the Brief",
  "/ownParts/*/id": "parts of the shop's own are told on the Shelf",
  "/ownParts/*/kind": "parts of the shop's own are told on the Shelf",
  "/ownParts/*/name": "parts of the shop's own are told on the Shelf",
  "/ownParts/*/values/*": "parts of the shop's own are told on the Shelf",
  "/control/stages/*/parallel/*/isDirect": "what carries the fan itself joins no trigger",
  "/control/stages/*/parallel/*/spanK": "a stepless controller joins no trigger",
  "/control/stages/*/parallel/*/leastDutyPercent": "a stepless controller joins no trigger",
  "/control/stages/*/parallel/*/softStartS": "a stepless controller joins no trigger",
  "/control/stages/*/parallel/*/requestWantsEarth": "a stepless controller joins no trigger",
  "/control/stages/*/parallel/*/isByComputer": "a stepless controller joins no trigger",
  "/heat/spreads/heatShare": "fitted to a log in Road",
  "/heat/spreads/coreWPerK": "fitted to a log in Road",
  "/heat/spreads/airShare": "fitted to a log in Road",
};

/** What is typed where nothing stands yet, or where a middling figure does not go with the rest. */
const TYPED: Record<string, string> = {
  startA: "52",
  startS: "1.5",
  leastC: "60",
  mostC: "120",
  roomMm: "140",
  condenserWidthMm: "520",
  condenserHeightMm: "380",
  bundle: "4",
  ambientC: "70",
  tappedFuseA: "7.5",
  fuseA: "25",
  fuseBeforeA: "20",
  depthMm: "60",
  fromInletMm: "120",
  softStartS: "3",
  areaMm2: "2",
  ratedA: "8",
};

/** A dash switch, a lockout, air conditioning, a core, a belt fan and a second fan: all that opens further questions. */
const MUCH = {
  "/fit": { coreWidthMm: 600, coreHeightMm: 420, shroudPercent: 40, flaps: false },
  "/engineFan": { drive: "viscous", isRemoved: true, diameterMm: 430 },
  "/driveline": { axleRatio: 4.1, gearRatios: [3.5, 1], tyreM: 0.66 },
  "/control/overrides": [{ kind: "force-on", indicator: false }],
  "/control/afterRun": { delayS: 200, startedBy: "key" },
  "/control/lockouts": { engineSpeed: { rpm: 4500 }, cranking: false },
  "/control/existingFuseA": 30,
  "/candidates": [
    {
      name: "other",
      diameterMm: 350,
      depthMm: 60,
      ratedV: 13,
      runA: 11,
      startA: null,
      flowM3h: 2500,
      noiseDb: 70,
      price: 90,
    },
  ],
};
const switched = (more: object) => ({
  kind: "thermal-switch",
  action: "closes-when-hot",
  onC: 92,
  offC: 87,
  place: "core-inlet",
  ...more,
});
const stage = (more: object) => ({ id: "stage-1", fans: ["fan-1"], side: "earth", decider: switched({}), ...more });
const stages = (...all: object[]) => ({ "/control/stages": all });
const thermostat = (output: string) => ({ kind: "thermostat", output, onC: 92, offC: 87, place: "core-inlet" });

/** Jobs that between them ask all there is to ask. */
interface Scene {
  name: string;
  changes: Record<string, unknown>;
  sections: string[];
  /** Whether the vehicle was found like it is to become, with a fan that is jammed. */
  isFoundTold?: boolean;
  /** Ends the address of what is looked at. */
  state?: string;
}

const SCENES: Scene[] = [
  {
    name: "much",
    changes: MUCH,
    sections: [
      "vehicle",
      "supply",
      "cooling",
      "fans",
      "fit",
      "stages",
      "air-conditioning",
      "overrides",
      "lockouts",
      "feeds",
      "lengths",
    ],
  },
  {
    name: "two stages and a clutch",
    changes: {
      "/fans": [1, 2].map((number) => ({
        id: `fan-${String(number)}`,
        name: `fan ${String(number)}`,
        mount: number === 1 ? "puller" : "pusher",
        diameterMm: 300,
        depthMm: 60,
        ratedV: 13,
        runA: 10,
        startA: null,
        flowM3h: 2000,
      })),
      "/fit": { coreWidthMm: 600, coreHeightMm: 420, shroudPercent: 40, flaps: false },
      ...stages(stage({}), stage({ id: "stage-2", fans: ["fan-2"], decider: switched({ onC: 97, offC: 92 }) })),
      "/control/airConditioning": { compressor: "clutch", trigger: "separate-relay" },
      "/control/overrides": [{ kind: "force-on", indicator: false }],
      "/control/coilFeed": "ignition",
    },
    sections: ["fans", "fit", "stages", "air-conditioning", "overrides", "feeds"],
  },
  {
    name: "a switch in a hose, and what runs it too",
    changes: stages(
      stage({
        decider: switched({ place: "top-hose" }),
        parallel: [{ kind: "hand" }, switched({ onC: 99, offC: 94, place: "top-hose" })],
      }),
    ),
    sections: ["stages"],
  },
  {
    name: "a switch in a hose on the supply side, and another",
    changes: stages(
      stage({
        side: "supply",
        decider: switched({ place: "top-hose" }),
        parallel: [switched({ onC: 99, offC: 94, place: "top-hose" })],
      }),
    ),
    sections: ["stages"],
  },
  {
    name: "a switch in the oil, and another",
    changes: stages(
      stage({
        decider: { kind: "other-switch", senses: "oil" },
        parallel: [{ kind: "other-switch", senses: "gearbox" }],
      }),
    ),
    sections: ["stages"],
  },
  {
    name: "low, automatic and high between plug and fan",
    changes: {
      ...stages(
        stage({
          decider: { kind: "computer", output: "fan", onC: 95, offC: 90, place: "engine-outlet", ratedA: 1 },
        }),
      ),
      "/control/overrides": [{ kind: "plug-low-high", indicator: false }],
    },
    sections: ["overrides"],
  },
  {
    name: "a thermostat, and another",
    changes: stages(stage({ decider: thermostat("capillary"), parallel: [thermostat("dry-contact")] })),
    sections: ["stages"],
  },
  {
    name: "an electronic thermostat",
    changes: stages(stage({ decider: thermostat("dry-contact") })),
    sections: ["stages"],
  },
  {
    name: "a computer, and another",
    changes: stages(
      stage({
        decider: { kind: "computer", output: "low", onC: 95, offC: 90, place: "engine-outlet" },
        parallel: [{ kind: "computer", output: "high", onC: 99, offC: 94, place: "engine-outlet" }],
      }),
    ),
    sections: ["stages"],
  },
  { name: "a fan made for the other side", changes: { "/fans/0/madeFor": "pusher" }, sections: ["fans"] },
  {
    name: "stepless",
    changes: stages(
      stage({ decider: { kind: "stepless", onC: 90, offC: 86, place: "core-outlet", spanK: 8, leastDutyPercent: 30 } }),
    ),
    sections: ["stages"],
  },
  { name: "what of it stays", changes: {}, sections: ["found"], isFoundTold: true },
  { name: "as it was found", changes: {}, sections: ["found-parts", "wrong"], isFoundTold: true, state: ".found" },
];

/** What was found is told on the controls that tell what the vehicle becomes. */
const SAME_CONTROLS = /^\/found\/(fans|control|runs)\//;

type Json = Record<string, unknown>;

/** A job file as places and what stands there. */
function flat(value: unknown, at = "", found: Record<string, unknown> = {}): Record<string, unknown> {
  if (value !== null && typeof value === "object") {
    for (const [name, entry] of Object.entries(value as Json)) {
      flat(entry, `${at}/${name.replaceAll("~", "~0").replaceAll("/", "~1")}`, found);
    }
  } else {
    found[at] = value;
  }
  return found;
}

/** The leaf of the schema that a place is one of. */
function leafOf(place: string): string | undefined {
  const steps = place.split("/");
  return Object.keys(LEAVES).find((leaf) => {
    const pattern = leaf.split("/");
    return pattern.length === steps.length && pattern.every((step, at) => step === "*" || step === steps[at]);
  });
}

/** A figure near the one that stands, or a middling one, that the schema lets stand. */
function figure(leaf: string, now: string): string {
  const { minimum = 0, maximum = 1000 } = LEAVES[leaf] ?? {};
  const name = leaf.split("/").at(-1) ?? "";
  if (now === "") {
    return TYPED[name] ?? String(Number((minimum > 0 ? Math.sqrt(minimum * maximum) : maximum / 8).toPrecision(2)));
  }
  const near = Number(now) + Math.max(0.01, Number((Math.abs(Number(now)) * 0.02).toPrecision(1)));
  return String(Number((near <= maximum ? near : 2 * Number(now) - near).toFixed(3)));
}

test("every place an installer may tell has a control, and what is told on it stands in the exported file", async ({
  page,
}) => {
  test.slow();
  const told = new Set<string>(Object.keys(EXCUSED));
  // Hundreds of versions of a job that nobody looks at the proof of.
  await page.route("**/proof", (route) =>
    route.fulfill({ status: 202, json: { id: "x", state: "waiting", of: 0, rows: [] } }),
  );
  for (const scene of SCENES) {
    await test.step(scene.name, () => play(page, scene, told));
  }
  await test.step("on the threads, at a finding, over a year", () => elsewhere(page, told));
  expect(Object.keys(LEAVES).filter((leaf) => !told.has(leaf) && !SAME_CONTROLS.test(leaf))).toEqual([]);
});

/** All that is on its way has its answer. */
const answered = (page: Page) => expect(page.getByRole("banner").getByRole("status")).not.toHaveText("Saving …");

async function file(page: Page, id: string): Promise<Record<string, unknown>> {
  await answered(page);
  return flat(await (await page.request.get(`/api/jobs/${id}/file`)).json());
}

/** All fields of a scene, then all its choices, section by section. */
async function play(page: Page, scene: Scene, told: Set<string>) {
  const id = await startJob(page, scene.changes);
  if (scene.isFoundTold === true) {
    await page.goto(`/jobs/${id}/brief?section=found`);
    await page.getByRole("radio", { name: "Something was there" }).click();
    await page.getByRole("link", { name: "Tell what was there" }).click();
    await page.goto(`/jobs/${id}.found/brief?section=wrong`);
    await page.getByRole("combobox", { name: "Part" }).selectOption({ label: "M1, Fan, radiator" });
    await page.getByRole("button", { name: "It is …" }).click();
    await page.getByRole("menuitem", { name: "jammed" }).click();
    await expect(page.getByLabel("How it shows")).toBeVisible();
    told.add("/found/wrong/*/part").add("/found/wrong/*/fault");
  }
  for (const section of scene.sections) {
    await page.goto(`/jobs/${id}${scene.state ?? ""}/brief?section=${section}`);
    const open = page.locator(`#section-${section}`);
    await expect(open.locator("[data-path]").first()).toBeVisible();
    const typed: Record<string, string> = {};
    for (const field of await open.locator("input[data-path]:not([type=checkbox]), textarea[data-path]").all()) {
      const place = (await field.getAttribute("data-path")) ?? "";
      const leaf = leafOf(place) ?? "";
      if (place in typed || told.has(leaf)) {
        continue;
      }
      const isText = LEAVES[leaf]?.type === "string";
      typed[place] = isText ? `told ${place.replaceAll("/", " ")}` : figure(leaf, await field.inputValue());
      await field.fill(typed[place]);
      await field.blur();
    }
    const kept = await file(page, id);
    await expect(page.getByRole("banner").getByRole("status")).toHaveText("Saved");
    await expect(open.getByRole("alert"), section).toHaveCount(0);
    for (const [place, text] of Object.entries(typed)) {
      expect(kept[place], `${scene.name}: ${place}`).toEqual(
        LEAVES[leafOf(place) ?? ""]?.type === "string" ? text : Number(text),
      );
      told.add(leafOf(place) ?? place);
    }
    await choose(page, id, section, told);
  }
}

/** Each choice is changed, and what that changes in the file counts as told. */
async function choose(page: Page, id: string, section: string, told: Set<string>) {
  const open = page.locator(`#section-${section}`);
  const places = await open
    .locator("[data-path]:is([role=radiogroup], [role=group], select, [type=checkbox])")
    .evaluateAll((all) => all.map((one) => one.getAttribute("data-path") ?? ""));
  let kept = await file(page, id);
  for (const place of [...new Set(places)]) {
    const general = place.replaceAll(/\/\d+/g, "/*").replaceAll(/\/runs\/[^/]+/g, "/runs/*");
    const chosen = `${general} of ${String(await open.locator(`[data-path="${place}"]`).first().getByRole("radio").count())}`;
    if (told.has(chosen)) {
      continue;
    }
    told.add(chosen);
    const control = open.locator(`[data-path="${place}"]`).first();
    if ((await control.count()) === 0) {
      continue;
    }
    const pick = async (act: () => Promise<void>) => {
      const before = kept;
      await act();
      kept = await file(page, id);
      for (const changed of Object.keys({ ...before, ...kept }).filter((one) => before[one] !== kept[one])) {
        told.add(leafOf(changed) ?? changed);
      }
    };
    if ((await control.evaluate((one) => one.tagName)) === "SELECT") {
      const values = await control
        .locator("option")
        .evaluateAll((all) => all.map((one) => (one as HTMLOptionElement).value));
      await pick(() => control.selectOption(values[1] ?? "").then(() => undefined));
      await pick(() => control.selectOption(values[0] ?? "").then(() => undefined));
    } else if ((await control.getAttribute("type")) === "checkbox") {
      for (const box of await open.locator(`[data-path="${place}"]:enabled`).all()) {
        await pick(() => box.click());
      }
    } else {
      const options = control.getByRole("radio");
      const count = await options.count();
      const stood = (await options.evaluateAll((all) => all.map((one) => one.getAttribute("data-state")))).indexOf(
        "on",
      );
      // The last, the first, and back to where the scene is: what is asked below it may change with it.
      for (const at of [count - 1, 0, 1, stood]) {
        if ((await control.count()) > 0 && at >= 0 && (await options.nth(at).getAttribute("data-state")) !== "on") {
          await pick(() => options.nth(at).click());
        }
      }
    }
  }
}

/** What is told elsewhere than in the Brief. */
async function elsewhere(page: Page, told: Set<string>) {
  const id = await startJob(page, { "/fans/0/polarityReversed": true });
  await page.goto(`/jobs/${id}/threads`);
  await page
    .getByRole("button", { name: /^Wire W4/ })
    .first()
    .click();
  const other = page.locator("select[data-path^='/pinned/']").first();
  await other.selectOption({ index: 3 });
  const pinned = Object.keys(await file(page, id)).filter((place) => place.startsWith("/pinned/"));
  expect(pinned).toHaveLength(1);
  told.add("/pinned/*");

  await page.goto(`/jobs/${id}/brief?section=stages`);
  await page.getByRole("button", { name: "Add what runs it too" }).click();
  await page.getByRole("menuitem").first().click();
  await expect(page.getByRole("region", { name: "Runs it too" })).toBeVisible();
  for (const place of Object.keys(await file(page, id)).filter((one) => one.includes("/parallel/"))) {
    told.add(leafOf(place) ?? place);
  }
  await page.getByRole("button", { name: "Remove this trigger" }).click();
  await expect(page.getByRole("region", { name: "Runs it too" })).toHaveCount(0);

  // What goes only with little else.
  for (const [group, option, place, value] of [
    ["Decided by", "Switch carries the fan", "/control/stages/0/decider/isDirect", true],
    ["The relay stands", "In the minus", "/control/stages/0/relayLead", "minus"],
  ] as const) {
    const options = page.getByRole("radiogroup", { name: group }).or(page.getByRole("group", { name: group }));
    await options.getByRole("radio", { name: option, exact: true }).first().click();
    expect((await file(page, id))[place]).toBe(value);
    told.add(leafOf(place) ?? place);
    await page.getByRole("button", { name: "Undo" }).click();
    await expect.poll(async () => (await file(page, id))[place]).not.toBe(value);
  }

  await page.unroute("**/proof");
  await page.getByRole("button", { name: "Accept with a reason" }).first().click();
  await page.getByLabel("Why it may stand").fill("It is to blow forward");
  await page.getByLabel("Your name").fill("Ada");
  await page.getByRole("button", { name: "Accept", exact: true }).click();
  await expect(
    page
      .getByText("Accepted by Ada")
      .or(page.getByText(/Accepted.*by Ada/))
      .first(),
  ).toBeVisible();
  const accepted = Object.entries(await file(page, id)).filter(([place]) => place.startsWith("/accepted/"));
  expect(accepted.map(([, value]) => value)).toEqual(expect.arrayContaining(["It is to blow forward", "Ada"]));
  for (const [place] of accepted) {
    told.add(leafOf(place) ?? place);
  }

  await page.goto(`/jobs/${id}/road?part=year`);
  const share = page.locator("input[data-path^='/usage/yearPercent/']").first();
  await share.fill("37");
  await share.blur();
  expect(Object.entries(await file(page, id))).toContainEqual([await share.getAttribute("data-path"), 37]);
  told.add("/usage/yearPercent/*");
}
