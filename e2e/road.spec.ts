import { expect, test } from "@playwright/test";
import { copyOf, section } from "./jobs";

test("a drive is picked, played by the logger, and a second setting is driven beside it and taken", async ({
  page,
}) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/road`);
  await expect(page.getByRole("img", { name: /^Temperature/ })).toBeVisible();
  await page.getByRole("radio", { name: "Slow climb in low gear" }).click();
  await expect(page.getByText("up 13 %")).toBeVisible();
  await page.getByRole("radio", { name: "300 ×" }).click();
  await page.getByRole("button", { name: "Play the logger" }).click();
  await expect(page.getByText(/coolant \d.*km\/h/)).toBeVisible();
  await page.getByRole("button", { name: "Show it whole" }).click();

  await page.getByRole("radio", { name: "Standing queue with air conditioning" }).click();
  await page.getByRole("radio", { name: "Maker’s, wide gap" }).click();
  await expect(page.getByRole("columnheader", { name: "Maker’s, wide gap" })).toBeVisible();
  await expect(page.getByRole("row", { name: /Hottest coolant/ })).toContainText(/[+−]/);
  await page.getByRole("button", { name: "Apply" }).click();
  await page.keyboard.press("b");
  await section(page, "Who decides");
  await expect(page.getByLabel("On at")).not.toHaveValue("92");
});

test("a sweep over a year grows row by row, and a set point is taken from it", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/road?part=year`);
  await page.getByRole("button", { name: "Drive two hundred" }).click();
  await expect(page.getByRole("button", { name: /Apply it$/ })).toHaveCount(200);
  await page.getByRole("radio", { name: "Starts an hour" }).click();
  await page
    .getByRole("button", { name: /no other beats it. Apply it$/ })
    .first()
    .click();
  await expect(page.getByRole("button", { name: "Undo" })).toHaveAttribute("title", "Set points from the sweep");
});

const file = (lines: string[]) => ({
  name: "our hill.csv",
  mimeType: "text/csv",
  buffer: Buffer.from(lines.join("\n")),
});

test("files that cannot be driven are told line by line", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/road`);
  await page
    .getByLabel("Drive file")
    .setInputFiles(file(["time_s,speed_kmh,engine_rpm", "0,10,900", "5,9000,900", "3,10,900"]));
  await expect(page.getByRole("alert")).toContainText("line 3, speed_kmh");
  await expect(page.getByRole("alert")).toContainText("line 4, time_s");
  await page
    .getByLabel("Drive file")
    .setInputFiles(file(["time_s,speed_kmh,engine_rpm", "0,20,2500", "100,20,2500", "200,20,2500"]));
  await expect(page.getByRole("radio", { name: "our hill" })).toBeChecked();
});

test("a log of odd columns is mapped, refused in the wrong unit, read in the right one, and fitted to", async ({
  page,
}) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/road?part=logs`);
  const log = ["when;engine heat;go;pull;weather"];
  for (let time = 0; time <= 900; time += 15) {
    log.push(`${time};${(1.8 * (82 + 26 * (1 - Math.exp(-time / 260))) + 32).toFixed(1)};18,5;70;82,4`);
  }
  await page.getByLabel("Log file").setInputFiles(file(log));
  const told: [string, string, string?][] = [
    ["time", "when"],
    ["coolant", "engine heat"],
    ["speed", "go"],
    ["load", "pull"],
    ["ambient", "weather", "°F"],
  ];
  for (const [channel, column, unit] of told) {
    await page.getByLabel(`Column of ${channel}`).selectOption(column);
    if (unit !== undefined) {
      await page.getByLabel(`Unit of ${channel}`).selectOption(unit);
    }
  }
  await page.getByRole("button", { name: "Read our hill.csv" }).click();
  await expect(page.getByRole("alert")).toContainText("looks like °F");
  await page.getByLabel("Unit of coolant").selectOption("°F");
  await page.getByRole("button", { name: "Read our hill.csv" }).click();
  await expect(page.getByRole("row", { name: /our hill/ })).toContainText("15 min");
  await page.getByRole("button", { name: "Fit the vehicle to it" }).click();
  await expect(page.getByRole("region", { name: "Fitted to the log" })).toContainText("K fitted");
  await page.getByRole("button", { name: "Make the model this vehicle" }).click();
  await expect(page.getByRole("button", { name: "Undo" })).toHaveAttribute("title", "Fitted to a log");
});

test("a simulated logger records a drive, and before is held against after", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/road?part=logs`);
  for (const taken of ["Before the work", "After it"]) {
    await page.getByRole("button", { name: "Simulated logger" }).click();
    await page.getByRole("radio", { name: taken }).click();
    await page.getByRole("button", { name: /^Read / }).click();
    await expect(page.getByRole("button", { name: /^Read / })).toHaveCount(0);
  }
  await expect(page.getByText("Fans came on")).toBeVisible();
  await expect(page.getByRole("img", { name: /^Coolant measured and planned/ })).toBeVisible();
  await expect(page.getByRole("region", { name: "Before and after" }).getByRole("row")).not.toHaveCount(1);
  await page
    .getByRole("button", { name: /^Remove/ })
    .first()
    .click();
  await expect(page.getByRole("button", { name: /^Remove/ })).toHaveCount(1);
});

test("a drive is made leg by leg, driven and changed", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/road`);
  await page.getByRole("button", { name: "Make a drive" }).click();
  const editor = page.getByRole("region").filter({ has: page.getByLabel("Coolant at first") });
  await editor.getByLabel("Name").fill("The quarry");
  await editor.getByRole("button", { name: /^Keep|^Drive it|^Save/ }).click();
  await expect(page.getByRole("radio", { name: "The quarry" })).toBeChecked();
  await page.getByRole("button", { name: "Change this drive" }).click();
  await expect(editor.getByLabel("Name")).toHaveValue("The quarry");
});

test("the shares of a year are typed one by one, and the usual ones stay for the others", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/road?part=year`);
  await page.getByLabel("Town with lights").fill("55");
  await expect(page.getByRole("button", { name: "Undo" })).toHaveAttribute("title", "Town with lights");
  await expect(page.getByLabel("Motorway")).toHaveValue("");
  await expect(page.getByLabel("Motorway")).toHaveAttribute("placeholder", "25");
  await page.getByLabel("Town with lights").fill("");
  await page.keyboard.press("Tab");
  await expect(page.getByLabel("Town with lights")).toHaveAttribute("placeholder", "40");
  await page.getByLabel("Motorway").fill("many");
  await expect(page.getByRole("alert").first()).toContainText("many");
});

test("a drive of one's own is taken along and removed", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/road`);
  await page.getByRole("button", { name: "Make a drive" }).click();
  const editor = page.getByRole("region").filter({ has: page.getByLabel("Coolant at first") });
  await editor.getByLabel("Name").fill("Up to the quarry");
  await editor.getByRole("button", { name: "Hill" }).click();
  await editor.getByLabel("Gradient of leg 3").fill("400");
  await editor.getByRole("button", { name: "Keep it and drive it" }).click();
  await expect(editor.getByRole("alert")).toContainText("gradientPercent");
  await editor.getByLabel("Gradient of leg 3").fill("12");
  await editor.getByRole("button", { name: "Keep it and drive it" }).click();
  await expect(page.getByRole("radio", { name: "Up to the quarry" })).toBeChecked();
  await page.getByRole("button", { name: "Remove this drive" }).click();
  await expect(page.getByRole("radio", { name: "Up to the quarry" })).toHaveCount(0);
});

test("the set-point card says what is set in both units and what must then run", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/road?part=card");
  await expect(page.getByRole("table").first()).toContainText("92");
  await expect(page.getByRole("table").first()).toContainText("198");
});

test("a lockout is drawn against road speed and gear", async ({ page }) => {
  await page.goto("/jobs/tern-step-van/road");
  await expect(page.getByRole("img", { name: "Engine speed against road speed in each gear" })).toBeVisible();
  await expect(page.getByText(/km\/h in gear 1/)).toBeVisible();
});

test("what cannot be driven is said beside the drive, and the last one stays to be seen", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/road");
  await expect(page.getByRole("img", { name: /^Temperature/ })).toBeVisible();
  await page.getByLabel("Altitude").fill("90 km");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("alert")).toContainText("its unit must be one of m, cm");
  await expect(page.getByLabel("Altitude")).toHaveValue("90 km");
  await expect(page.getByRole("img", { name: /^Temperature/ })).toBeVisible();
  await page.getByLabel("Ambient").fill("300F");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("alert").first()).toContainText("must be a number from -50 to 60");
  await page.getByLabel("Ambient").fill("");
  await page.keyboard.press("Enter");
  await page.getByLabel("Altitude").fill("5000 ft");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("alert")).toHaveCount(0);
  await expect(page.getByLabel("Altitude")).toHaveValue("1524");
});

test("hotter air makes a hotter drive, in the units that are shown", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/road");
  const peak = page
    .getByRole("row", { name: /Hottest coolant/ })
    .getByRole("cell")
    .first();
  const read = async () => Number.parseFloat((await peak.textContent()) ?? "");
  await page.getByRole("radio", { name: "Slow climb in low gear" }).click();
  await expect(page.getByText("up 13 %")).toBeVisible();
  await page.getByLabel("Ambient").fill("20");
  await page.keyboard.press("Enter");
  await expect.poll(read).toBeGreaterThan(70);
  const cool = await read();
  await page.getByLabel("Ambient").fill("45");
  await page.keyboard.press("Enter");
  await expect.poll(read).toBeGreaterThan(cool);
  await page.getByRole("button", { name: /°C, m, mm/ }).click();
  await page.getByRole("radio", { name: "°F" }).click();
  await page.keyboard.press("Escape");
  await expect.poll(read).toBeGreaterThan(170);
  await expect(page.getByLabel("Ambient")).toHaveValue("113");
});

test("an after-run is driven beside the job before it is fitted", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/road`);
  await page.getByRole("radio", { name: "Stop after the climb" }).click();
  await page.getByRole("radio", { name: "With after-run" }).click();
  await expect(page.getByRole("row", { name: /Hottest coolant/ }).getByRole("cell")).toHaveCount(3);
  await page.getByRole("button", { name: "Apply" }).click();
  await expect(page.getByRole("button", { name: "Undo" })).toHaveAttribute("title", "Set points");
});

test("the charts are there in figures too, and in print", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/road");
  await page.getByText("The drive as a table").click();
  const table = page.getByRole("table", { name: "As it stands" });
  await expect(table.getByRole("columnheader", { name: "Coolant, °C" })).toBeVisible();
  const rows = await table.getByRole("row").count();
  expect(rows).toBeGreaterThan(20);
  expect(rows).toBeLessThanOrEqual(100);
  // Half an hour in the queue: the fan comes on twice, and neither is left out.
  const running = await table
    .getByRole("row")
    .filter({ hasText: /16\.\d.*14\.\d/ })
    .count();
  expect(running).toBeGreaterThanOrEqual(2);
  await expect(table.getByRole("row").nth(1)).toContainText("82");
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("img", { name: /^Temperature/ })).toBeVisible();
  await expect(page.getByLabel("Ambient")).toBeHidden();
  await expect(page.getByRole("button", { name: "Play the logger" })).toBeHidden();
});
