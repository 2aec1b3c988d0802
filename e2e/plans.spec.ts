import { expect, test } from "@playwright/test";
import { copyOf } from "./jobs";

/** A search takes the time that pages leave: on a busy machine that is little. */
const SEARCH_MS = 600_000;
test.slow();

test("plans are asked for, weighed, and one is taken and undone", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/plans`);
  await page.getByRole("checkbox", { name: "Hot on slow climbs" }).check();
  await page.getByRole("button", { name: "Plan it" }).click();
  const plans = page.getByRole("region", { name: "Plans that no other beats" });
  await expect(plans).toBeVisible({ timeout: SEARCH_MS });
  // Which of them leads is known once all are judged.
  await expect(page.getByRole("button", { name: "Plan again" })).toBeVisible({ timeout: SEARCH_MS });
  expect(await plans.getByRole("columnheader").count()).toBeGreaterThanOrEqual(2);
  await page.getByRole("slider", { name: "work", exact: true }).fill("8");
  await page.getByRole("slider", { name: "hottest coolant" }).fill("0");
  await expect(plans.getByRole("columnheader").first()).toContainText("adjustable thermostat");
  await page.getByText("Arrangements", { exact: true }).click();
  await expect(page.getByText("It breaks: room for the fans side by side on the core.").first()).toBeVisible();
  await plans
    .getByRole("button", { name: /adjustable thermostat/ })
    .first()
    .click();
  await page.getByRole("button", { name: /^Take plan/ }).click();
  await expect(page).toHaveURL(/threads$/);
  const thermostat = page.getByRole("button", { name: /^B1, Adjustable thermostat/ });
  await expect(thermostat.first()).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(thermostat).toHaveCount(0);
});

test("wishes that stand against each other are named", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/plans`);
  await page.getByRole("combobox", { name: /A dash switch that runs it/ }).selectOption("must");
  await page.getByRole("combobox", { name: /Nothing to be seen on the dash/ }).selectOption("must");
  await page.getByRole("button", { name: "Plan it" }).click();
  const none = page.getByRole("region", { name: "No plan is left" });
  await expect(none).toContainText("stand against each other", { timeout: SEARCH_MS });
  await expect(none).toContainText("Nearest, if you give up");
});
