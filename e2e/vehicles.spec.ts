import { expect, test } from "@playwright/test";
import { section, startJob } from "./jobs";

test("a first job goes from a drawn arrangement to a sheet in a few presses", async ({ page }) => {
  await page.goto("/jobs");
  await page.getByRole("link", { name: "New job", exact: true }).click();
  await page.getByRole("radio", { name: "The engine computer" }).click();
  await page.getByRole("radio", { name: "One", exact: true }).click();
  await page.getByRole("button", { name: /^Original stays, earlier switch/ }).click();
  await page.getByRole("textbox", { name: "Vehicle" }).fill("Harbour tug’s winch");
  await section(page, "Who decides");
  await expect(page.getByRole("heading", { name: "Runs it too: Switch, closes hot" })).toBeVisible();
  await page.getByRole("link", { name: "As found" }).click();
  await section(page, "What is known of it");
  const known = page.getByText(/Main fuse, [^,]+ \(30 A\)/);
  await expect(known).toBeVisible();
  await page
    .getByRole("region", { name: /^Main fuse/ })
    .getByLabel("Rating")
    .fill("20 A");
  await expect(known).toHaveCount(0);
  await page.getByRole("link", { name: "As it leaves" }).click();
  await page.getByRole("link", { name: "Loom" }).click();
  await expect(page.getByText("Harbour tug’s winch")).toBeVisible();
  await expect(page.getByText("Both its ends go on as they did.").first()).toBeVisible();
});

test("the gallery says when nothing is like that, and another arrangement is one undo away", async ({ page }) => {
  await page.goto("/new");
  await page.getByRole("radio", { name: "An amplifier" }).click();
  await page.getByRole("radio", { name: "One", exact: true }).click();
  await expect(page.getByText("None is like that")).toBeVisible();
  const id = await startJob(page, { "/job/vehicle": "Pump" });
  await page.goto(`/jobs/${id}/brief`);
  await page.getByRole("link", { name: "Start from another arrangement" }).click();
  await page.getByRole("button", { name: /^Two fans, stepless/ }).click();
  await expect(page).toHaveURL(/\/brief$/);
  await expect(page.getByRole("textbox", { name: "Vehicle" })).toHaveValue("Pump");
  await section(page, "Air conditioning");
  await expect(page.getByRole("radio", { name: "Pressure switch into the controller, variable" })).toBeChecked();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("radio", { name: "None", exact: true })).toBeChecked();
});

test("two dash switches for two fans: their table is read off the circuit", async ({ page }) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/gallery`);
  await page.getByRole("button", { name: /^Two fans at two temperatures/ }).click();
  await section(page, "Dash switches");
  for (const add of ["Add a dash switch", "Add another"]) {
    await page.getByRole("button", { name: add }).click();
    await page.getByRole("menuitem", { name: "Runs the fan", exact: true }).click();
    if (add === "Add a dash switch") {
      await expect(page.getByRole("table")).toBeVisible();
      await page.getByRole("checkbox", { name: "Stage 2: right" }).click();
      await expect(page.getByRole("checkbox", { name: "Stage 2: right" })).toBeChecked();
      await page.getByRole("checkbox", { name: /^Stage 1/ }).click();
      await expect(page.getByRole("checkbox", { name: /^Stage 1/ })).not.toBeChecked();
    }
  }
  await expect(page.getByRole("row")).toHaveCount(5);
  await expect(page.getByRole("row", { name: "on off stands / runs runs / runs" })).toBeVisible();
});

test("parts are put on the plan of the vehicle, and the lengths come out", async ({ page }) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/brief?section=lengths`);
  await page.getByRole("radio", { name: "Engine in front" }).click();
  const feed = page.getByLabel("main fuse to relay", { exact: true });
  await expect(feed).not.toHaveValue("0.7");
  const before = Number(await feed.inputValue());
  await page.getByRole("combobox", { name: "Battery sits" }).selectOption("boot");
  await expect.poll(async () => Number(await feed.inputValue())).toBeGreaterThan(before + 2);
  await page.getByRole("button", { name: /^boot:/ }).press("Enter");
  await section(page, "Supply");
  await expect(page.getByRole("radio", { name: "In the boot" })).toBeChecked();
});

test("fans are compared on this core, and one is taken", async ({ page }) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/brief?section=fit`);
  await page.getByRole("radio", { name: "Measured", exact: true }).click();
  await expect(page.getByRole("img", { name: /hole 365 mm/ })).toBeVisible();
  await page.getByRole("button", { name: "Compare another fan" }).click();
  const candidate = page.getByRole("region", { name: "candidate 1" });
  await candidate.getByLabel("Air moved").fill("3400");
  await candidate.getByLabel("Depth").fill("89");
  await expect(page.getByRole("row", { name: /^candidate 1/ })).toContainText("1 mm");
  await candidate.getByRole("button", { name: "Take this fan" }).click();
  await expect(page.getByRole("row", { name: /^candidate 1, now/ })).toBeVisible();
});

test("every question says why it is asked", async ({ page }) => {
  const id = await startJob(page, { "/engineFan": { drive: "fixed", isRemoved: false, diameterMm: 430 } });
  await page.goto(`/jobs/${id}/brief`);
  for (const title of [
    "The vehicle",
    "Supply",
    "Cooling and engine",
    "Fans",
    "Fit",
    "Who decides",
    "Lockouts",
    "Feeds",
    "Wires",
    "Air conditioning",
  ]) {
    await section(page, title);
    const labels = page.getByRole("region", { name: new RegExp(`^${title}`) }).locator(".field-label:visible");
    await expect(labels.first()).toBeVisible();
    const without = await labels.evaluateAll((all) =>
      all
        .filter(
          (one) =>
            one.closest(".sr-only") === null &&
            one.parentElement?.querySelector("[aria-label='Why is this asked?']") === null,
        )
        .map((one) => one.textContent),
    );
    expect(without, title).toEqual([]);
  }
  await page.getByRole("button", { name: "Why is this asked?" }).first().click();
  await expect(page.getByRole("dialog")).toContainText("The condenser needs air");
});
