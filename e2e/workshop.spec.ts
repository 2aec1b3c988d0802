import { expect, test } from "@playwright/test";
import { copyOf, startJob, section } from "./jobs";

test("a job is removed and brought back", async ({ page }) => {
  await startJob(page, { "/job/title": "Lock-keeper’s pump" });
  await page.goto("/jobs");
  await page.getByRole("button", { name: "More about Lock-keeper’s pump" }).click();
  await page.getByRole("menuitem", { name: "Remove" }).click();
  await expect(page.getByRole("link", { name: /Lock-keeper/ })).toHaveCount(0);
  await page.getByRole("button", { name: "Restore" }).click();
  await expect(page.getByRole("link", { name: /Lock-keeper/ })).toBeVisible();
});

test("the list says what stands against each job", async ({ page }) => {
  await startJob(page, { "/job/title": "Full of faults", "/fans/0/depthMm": 200, "/control/coilFeed": "battery" });
  await page.goto("/jobs");
  const row = page.getByRole("link", { name: /Full of faults/ });
  await expect(row).toContainText("Not proven yet");
  await row.click();
  await page.getByRole("link", { name: "Proof" }).click();
  await expect(page.getByText("states can be reached")).toBeVisible();
  const cards = page.getByRole("article");
  await expect(cards.filter({ hasText: "Danger" })).toHaveCount(1);
  const warnings = await cards.filter({ hasText: "Warning" }).count();
  await page.goto("/jobs");
  await expect(row).toContainText("1 danger");
  await expect(row).toContainText(`${String(warnings)} warning`);
  const sound = await copyOf(page, "orchard-sprayer");
  await page.goto(`/jobs/${sound}/proof`);
  await expect(page.getByText("states can be reached")).toBeVisible();
  await page.goto("/jobs");
  await expect(page.locator(`a[href="/jobs/${sound}/brief"]`)).toContainText("Proven, nothing to mend");
});

test("units and theme are remembered", async ({ page }) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/threads`);
  await page.getByRole("button", { name: /°C, m, mm/ }).click();
  await page.getByRole("radio", { name: "°F" }).click();
  await page.getByRole("radio", { name: "Dark" }).click();
  await page.reload();
  await expect(page.getByRole("button", { name: /°F, m, mm/ })).toBeVisible();
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
  await expect(page.getByRole("button", { name: /^B1, Temperature switch/ })).toContainText("198 °F");
});

test("cable of another catalogue changes every size on the threads", async ({ page }) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/threads`);
  await expect(page.getByRole("button", { name: /^Wire W1.*mm²/ })).toBeVisible();
  await page.getByRole("button", { name: /°C, m, mm/ }).click();
  await page.getByRole("radio", { name: "AWG" }).click();
  await page.keyboard.press("Escape");
  await expect(page.getByRole("button", { name: /^Wire W1.*20 AWG/ })).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect(page.getByRole("button", { name: /^Wire W1.*mm²/ })).toBeVisible();
  await page.keyboard.press("Control+Shift+z");
  await expect(page.getByRole("button", { name: /^Wire W1.*20 AWG/ })).toBeVisible();
});

test("the circuit is there as a table too, with what flows", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/threads");
  await page.getByText("The threads as a table").click();
  const fan = page.getByRole("table", { name: "Fan, radiator" });
  await expect(fan.getByRole("row").filter({ hasText: "M1 Fan" })).toContainText(/1[67]\.\d A/);
  await page.getByRole("radio", { name: "Key out" }).click();
  await expect(fan.getByRole("row").filter({ hasText: "K1 Relay" })).toContainText("open");
});

test("wires glow, and say in words, by what they carry", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/threads");
  const feed = page.getByRole("button", { name: /^Wire W3/ });
  await expect(feed).toHaveAccessibleName(/carrying, 1[67]\.\d A/);
  await page.getByRole("radio", { name: "Running, cold" }).click();
  await expect(feed).toHaveAccessibleName(/live, 0 A/);
  await expect(page.getByRole("button", { name: /^Wire W4/ })).toHaveAccessibleName(/dead/);
});

test("each answer of the brief changes the circuit it should", async ({ page }) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/brief`);
  await section(page, "Who decides");
  const changed = page.getByRole("region", { name: "What it changes" });
  await page.getByRole("radio", { name: "Supply side" }).click();
  await expect(changed).toContainText("Wires");
  await section(page, "Dash switches");
  await page.getByRole("button", { name: "Add a dash switch" }).click();
  await page.getByRole("menuitem", { name: "Runs the fan", exact: true }).click();
  await expect(page.getByText("Joins the trigger in parallel")).toBeVisible();
  await section(page, "Who decides");
  await page.getByRole("radio", { name: "Earth side" }).click();
  await page.getByRole("radio", { name: "No earth lead" }).click();
  await expect(page.getByText("The fan never starts: the switch has no earth")).toBeVisible();
  await page.getByRole("button", { name: "Add an earth lead to the adapter" }).click();
  await expect(page.getByText("The fan never starts: the switch has no earth")).toHaveCount(0);
  await section(page, "Supply");
  await page.getByRole("radio", { name: "24 V" }).click();
  await expect(page.getByRole("region", { name: "As it stands" })).toContainText("24 V coil");
});

test("the sheets can be taken along", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/loom");
  for (const [link, name] of [
    ["Cut list, CSV", "orchard-sprayer-12-v.csv"],
    ["Netlist, SPICE", "orchard-sprayer-12-v.cir"],
    ["Job file", "orchard-sprayer-12-v.lampthread.json"],
  ] as const) {
    const download = page.waitForEvent("download");
    await page.getByRole("link", { name: link }).click();
    expect((await download).suggestedFilename()).toBe(name);
  }
});

test("a program that does not answer is said, and what was typed stays", async ({ page }) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/brief?section=supply`);
  await page.route("**/changes", (route) => route.abort());
  await page.getByLabel("Battery size").fill("95");
  await expect(page.getByRole("alert").first()).toContainText("does not answer");
  await expect(page.getByRole("status").filter({ hasText: "Not saved" })).toBeVisible();
  await expect(page.getByLabel("Battery size")).toHaveValue("95");
  await page.unroute("**/changes");
  await page.getByLabel("Battery size").fill("96");
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await expect(page.getByRole("alert")).toHaveCount(0);
});

test("nothing typed is lost by looking at another view", async ({ page }) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/brief`);
  await page.getByRole("textbox", { name: "Vehicle" }).fill("Harbour crane");
  await section(page, "Fans");
  await page.getByLabel("Diameter").fill("12in");
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await page.getByRole("link", { name: "Loom" }).click();
  await expect(page.getByText("Harbour crane")).toBeVisible();
  await page.getByRole("link", { name: "Brief" }).click();
  await section(page, "Fans");
  await expect(page.getByLabel("Diameter")).toHaveValue("305");
});

test("a part is broken on the bench, looked at, and mended", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/bench");
  const motor = page.getByRole("button", { name: /^M1, Fan/ });
  await page.getByRole("radio", { name: "On", exact: true }).click();
  await expect(motor).toHaveAccessibleName(/turning/);
  await page.getByRole("button", { name: /^F2, Main fuse/ }).click();
  await page.getByRole("radio", { name: "Open", exact: true }).click();
  await expect(motor).toHaveAccessibleName(/at rest/);
  await expect(page.getByText("✕ F2 Main fuse, radiator:")).toBeVisible();
  await page.getByRole("button", { name: "Mend it" }).click();
  await expect(motor).toHaveAccessibleName(/turning/);
  await page.getByRole("radio", { name: "Off", exact: true }).nth(1).click();
  await page.getByRole("radio", { name: "Ohms" }).click();
  await page
    .getByRole("button", { name: /^Terminal K1 86/ })
    .first()
    .click();
  await page
    .getByRole("button", { name: /^Terminal K1 85/ })
    .first()
    .click();
  await expect(page.getByText(/^8\d(\.\d)? Ω$/)).toBeVisible();
});

test("the time relay counts down and lets the fan go", async ({ page }) => {
  await page.goto("/jobs/kestrel-single-seater/bench");
  const motor = page.getByRole("button", { name: /^M1, Fan/ });
  await page.getByRole("radio", { name: "60×" }).click();
  await page.getByRole("radio", { name: "Off", exact: true }).first().click();
  await expect(motor).toHaveAccessibleName(/turning/);
  await expect(page.getByRole("timer")).toHaveText(/\d+ s left/);
  await expect(page.getByRole("timer")).toHaveText("0 s left");
  await expect(motor).toHaveAccessibleName(/at rest/);
});

test("every command is found by a few letters", async ({ page }) => {
  await page.goto("/jobs/tern-step-van/brief");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await page.locator("body").press("Shift+?");
  await page.getByRole("combobox", { name: "Find a command" }).fill("thr");
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/\/threads$/);
  await page.locator("body").press("Control+k");
  await expect(page.getByRole("dialog")).toContainText("Export the cut list");
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toHaveCount(0);
});

test("what does not go together is refused beside the choice, with the reason", async ({ page }) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/brief?section=air-conditioning`);
  await page.getByRole("radio", { name: "Diode into the coil" }).click();
  await expect(page.getByRole("alert")).toContainText("the clutch wire is positive");
  await expect(page.getByRole("radio", { name: "None", exact: true })).toBeChecked();
  await section(page, "Who decides");
  await page.getByRole("radio", { name: "Supply side" }).click();
  await section(page, "Air conditioning");
  await page.getByRole("radio", { name: "Diode into the coil" }).click();
  await expect(page.getByRole("radio", { name: "Diode into the coil" })).toBeChecked();
  await page.getByRole("radio", { name: "Clutch wire joined" }).click();
  await expect(page.getByText("The fan engages the compressor")).toBeVisible();
  await page.getByRole("button", { name: "Put a diode in the wire" }).click();
  await expect(page.getByText("The fan engages the compressor")).toHaveCount(0);
});

test("a second fan is added, set to come after the first, and taken away", async ({ page }) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/brief?section=fans`);
  await page.getByRole("button", { name: "Add a fan" }).click();
  await section(page, "Who decides");
  await page.getByRole("radio", { name: "One after the other" }).click();
  await expect(page.getByRole("region", { name: "Stage 2" }).getByLabel("On at")).toHaveValue("97");
  await page.getByRole("radio", { name: "Series, then parallel" }).click();
  await expect(page.getByRole("region", { name: "As it stands" })).toContainText("series to parallel");
  await section(page, "Fans");
  await page.getByRole("button", { name: "Remove this fan" }).last().click();
  await section(page, "Who decides");
  await expect(page.getByRole("radio", { name: "At one speed" })).toBeChecked();
});

test("what was there is kept, and a change-over relay is let into it", async ({ page }) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/brief?section=found`);
  await page.getByRole("radio", { name: "Something was there" }).click();
  await expect(page.getByText("What of it stays")).toBeVisible();
  await section(page, "Dash switches");
  await page.getByRole("button", { name: "Add a dash switch" }).click();
  await page.getByRole("menuitem", { name: "Change-over relay" }).click();
  await expect(page.getByRole("cell", { name: "stands / runs" })).toBeVisible();
  await page.getByRole("button", { name: "Add another" }).click();
  await page.getByRole("menuitem", { name: "Off, automatic, on" }).click();
  await expect(page.getByRole("alert")).toContainText("contradicts");
  await page.goto(`/jobs/${id}/threads`);
  await expect(page.getByRole("button", { name: /Change-over relay .*, comes$/ }).first()).toBeVisible();
  await expect(page.getByText("Strong lines and + : what comes.")).toBeVisible();
  await page.goto(`/jobs/${id}/loom`);
  await expect(page.getByText(/^Cut the wire from Relay, .* where both ends can be reached/)).toBeVisible();
});

test("arrows walk along a thread and down to the next", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/threads");
  await page
    .getByRole("button", { name: /^Terminal battery \+/ })
    .first()
    .focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.locator(":focus")).toHaveAttribute("aria-label", /^Wire W\d+/);
  await page.keyboard.press("ArrowRight");
  await expect(page.locator(":focus")).toHaveAttribute("aria-label", /^Terminal F\d+ 1/);
  const before = await page.locator(":focus").boundingBox();
  await page.keyboard.press("ArrowDown");
  const after = await page.locator(":focus").boundingBox();
  expect(after?.y).toBeGreaterThan(before?.y ?? 0);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("region", { name: /Lamp|Chosen/ }).first()).toBeVisible();
});
