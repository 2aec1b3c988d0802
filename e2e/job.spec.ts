import { expect, test, type Page } from "@playwright/test";
import { section, startJob } from "./jobs";

async function open(page: Page, view: string) {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/${view}`);
  return id;
}

test("a brief becomes a circuit, a finding is mended with one press, and undo takes it back", async ({ page }) => {
  await page.goto("/jobs");
  await page.getByRole("link", { name: "New job", exact: true }).click();
  await page.getByRole("button", { name: "One fan, the usual start" }).click();
  await page.getByLabel("Job", { exact: true }).fill("Pump house");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Pump house");
  await section(page, "Fans");
  await page.getByLabel("Running current").fill("19 A");
  await expect(page.getByRole("region", { name: "What it changes" })).toContainText("Main fuse, radiator");
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();

  await page.getByRole("link", { name: "Threads", exact: true }).click();
  await page.getByRole("button", { name: /^Wire W3/ }).click();
  await page.getByLabel("Type a wire size").fill("16ga");
  await page.getByRole("button", { name: "Apply" }).click();
  await expect(page.getByText("The wire runs too hot").first()).toBeVisible();
  await page
    .getByRole("article")
    .filter({ hasText: "The wire runs too hot" })
    .getByRole("button", { name: /^Take/ })
    .click();
  await expect(page.getByText("The wire runs too hot")).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("The wire runs too hot").first()).toBeVisible();
});

test("quantities are taken as typed, in the units that are shown, and what is not understood is kept and named", async ({
  page,
}) => {
  await open(page, "brief?section=stages");
  await page.getByLabel("On at").fill("203F");
  await page.getByLabel("Off at").focus();
  await expect(page.getByLabel("On at")).toHaveValue("95");
  await page.getByRole("button", { name: /°C, m, mm/ }).click();
  await page.getByRole("radio", { name: "°F" }).click();
  await page.getByRole("radio", { name: "ft", exact: true }).click();
  await page.keyboard.press("Escape");
  await expect(page.getByLabel("On at")).toHaveValue("203");
  await section(page, "Wires as they lie");
  await page.getByLabel("relay to fan").first().fill("3");
  await page.getByLabel("Loop may lose").focus();
  await expect(page.getByLabel("relay to fan").first()).toHaveValue("3");
  await section(page, "Who decides");
  await page.getByLabel("On at").fill("hot");
  await expect(page.getByRole("alert")).toContainText("is no number with a unit");
  await expect(page.getByLabel("On at")).toHaveValue("hot");
  await page.reload();
  await expect(page.getByLabel("On at")).toHaveValue("hot");
  await page.getByRole("button", { name: "Take it back" }).click();
  await expect(page.getByLabel("On at")).toHaveValue("203");
});

test("the bench lights the threads as the coolant warms, with hysteresis, and the lamp says why", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/bench");
  const motor = page.getByRole("button", { name: /^M1, Fan/ });
  const slider = page.getByRole("slider");
  await expect(motor).toHaveAccessibleName(/at rest/);
  await slider.focus();
  for (let degree = 70; degree < 92; degree++) {
    await page.keyboard.press("ArrowRight");
  }
  await expect(motor).toHaveAccessibleName(/turning, 16/);
  for (let degree = 92; degree > 88; degree--) {
    await page.keyboard.press("ArrowLeft");
  }
  await expect(motor).toHaveAccessibleName(/turning/);
  await page.keyboard.press("ArrowLeft");
  await expect(motor).toHaveAccessibleName(/at rest/);

  await page.getByRole("radio", { name: "On", exact: true }).click();
  await expect(motor).toHaveAccessibleName(/turning/);
  await page.getByRole("button", { name: /^Terminal K1 87/ }).click();
  await expect(page.getByText("Live from battery + through F2, K1")).toBeVisible();
  await page.getByRole("radio", { name: "Volts" }).click();
  await page
    .getByRole("button", { name: /^Terminal M1 \+/ })
    .first()
    .click();
  await page
    .getByRole("button", { name: /^Terminal M1 -/ })
    .first()
    .click();
  await expect(page.getByText("Meter, M1 + to M1 -")).toBeVisible();
  await expect(page.getByText(/^13\.\d\d V$/)).toBeVisible();
  await page.getByRole("radio", { name: "Off", exact: true }).first().click();
  await expect(motor).toHaveAccessibleName(/at rest/);
});

test("an unusable file is answered with every place that is wrong; a good one opens as it was", async ({ page }) => {
  const id = await open(page, "brief");
  const file = await (await page.request.get(`/api/jobs/${id}/file`)).text();
  await page.goto("/jobs");
  await expect(page.getByRole("link", { name: /Orchard sprayer/ }).first()).toBeVisible();
  const before = await page.getByRole("listitem").count();
  const give = (text: string) =>
    page
      .getByLabel("Job file")
      .setInputFiles({ name: "x.json", mimeType: "application/json", buffer: Buffer.from(text) });
  await give(file.replace('"thermostatOpensC"', '"thermostatOpenC"').replace('"runA": 12', '"runA": -1'));
  await expect(page.getByRole("alert")).toContainText("Nothing was saved");
  await expect(page.getByRole("alert")).toContainText("/cooling/thermostatOpensC");
  await expect(page.getByRole("alert")).toContainText("/fans/0/runA");
  await page.reload();
  await expect(page.getByRole("listitem")).toHaveCount(before);
  await give(file);
  await expect(page).toHaveURL(/\/brief$/);
  await section(page, "Cooling and engine");
  await expect(page.getByRole("textbox", { name: "Thermostat opens" })).toHaveValue("82");
});

test("two windows on one job never overwrite each other silently", async ({ page, context }) => {
  const id = await open(page, "brief?section=fans");
  const other = await context.newPage();
  await other.goto(`/jobs/${id}/brief?section=supply`);
  await other.getByLabel("Battery size").fill("90");
  await expect(other.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await expect(async () => {
    const saved = (await (await page.request.get(`/api/jobs/${id}`)).json()) as { version: number };
    expect(saved.version).toBe(2);
  }).toPass();

  await page.getByLabel("Running current").fill("14");
  await expect(page.getByRole("alert")).toContainText("changed in another window");
  await page.getByRole("button", { name: "Apply my change to it" }).click();
  await expect(page.getByRole("alert")).toHaveCount(0);
  await page.reload();
  await expect(page.getByLabel("Running current")).toHaveValue("14");
  await section(page, "Supply");
  await expect(page.getByLabel("Battery size")).toHaveValue("90");
});

test("every number of a choice says where it came from", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/threads");
  await page.getByRole("button", { name: /^Fan wire, radiator/ }).click();
  await expect(page.getByText("Why not 2.5 mm²?")).toBeVisible();
  await page.getByRole("button", { name: "steady current: where this comes from" }).click();
  await expect(page.getByText("Source: 33 CFR 183.425")).toBeVisible();
});

test("a keyboard reaches the views, every terminal, and undo", async ({ page }) => {
  const id = await open(page, "brief");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await page.locator("body").press("t");
  await expect(page).toHaveURL(`/jobs/${id}/threads`);
  const terminal = page.getByRole("button", { name: /^Terminal F1 1/ }).first();
  await terminal.focus();
  await page.keyboard.press("Enter");
  await expect(page.getByText("Lamp on F1 1")).toBeVisible();
  await page.keyboard.press("n");
  await expect(page).toHaveURL(`/jobs/${id}/bench`);
  await page.keyboard.press("l");
  await expect(page.getByRole("heading", { name: "Cut", exact: true })).toBeVisible();
});
