import { expect, test } from "@playwright/test";
import { copyOf, startJob, section } from "./jobs";

test("a cell of the proof opens its state on the bench, with its fault", async ({ page }) => {
  await page.goto("/jobs/kestrel-single-seater/proof");
  await page.getByRole("link", { name: /cut or locked out does not run, key out: fails in/ }).click();
  await expect(page).toHaveURL(/bench\?key=off/);
  await expect(page.getByRole("button", { name: /^M1, Fan/ })).toHaveAccessibleName(/turning|turns/);
  await expect(page.getByRole("radio", { name: "Cut", exact: true })).toBeChecked();

  await page.keyboard.press("p");
  await page.getByRole("link", { name: /^F2 Main fuse.*open: show on the bench/ }).click();
  await expect(page.getByText(/F2 Main fuse.*:/)).toBeVisible();
  await expect(page.getByRole("button", { name: /^M1, Fan/ })).toHaveAccessibleName(/at rest/);
  await page.getByRole("button", { name: "Mend it" }).click();
  await expect(page.getByRole("button", { name: /^M1, Fan/ })).not.toHaveAccessibleName(/at rest/);
});

test("a remedy says what it does before it is pressed, and the two versions are compared", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "kestrel-single-seater")}/proof`);
  const finding = page.getByRole("article").filter({ hasText: "A fan runs though it is cut" });
  await expect(finding).toContainText("Tried: it works");
  await finding.getByRole("button", { name: "Start the after-run by a push" }).click();
  await expect(page.getByText("A fan runs though it is cut or locked out")).toHaveCount(0);
  await page.getByRole("combobox", { name: "Version" }).selectOption("1");
  await expect(page.getByText("Better now").locator("..")).toContainText("A fan runs though it is cut or locked out");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("A fan runs though it is cut or locked out").first()).toBeVisible();
});

test("faults are found by what they do and by name", async ({ page }) => {
  await page.goto("/jobs/larkspur-camper/proof");
  await page.getByRole("radio", { name: /No cooling/ }).click();
  await expect(page.getByRole("cell", { name: "▲ No cooling" }).first()).toBeVisible();
  await expect(page.getByRole("cell", { name: "◆ Drains" })).toHaveCount(0);
  await page.getByLabel("Part, wire or fault").fill("nothing like it");
  await expect(page.getByText("No fault is called that.")).toBeVisible();
});

test("the proof of an older version is shown as stale until the new one is there", async ({ page }) => {
  await page.goto(`/jobs/${await startJob(page)}/proof`);
  await expect(page.getByText("states can be reached")).toBeVisible();
  let release: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (release = resolve));
  await page.route("**/api/**/proof", async (route) => {
    await held;
    await route.continue();
  });
  await page.getByRole("link", { name: "Brief", exact: true }).click();
  await section(page, "Who decides");
  await page.getByRole("radio", { name: "No earth lead" }).click();
  await expect(page.getByText("The fan never starts: the switch has no earth")).toBeVisible();
  await page.getByRole("link", { name: "Proof", exact: true }).click();
  await expect(page.getByText("Stale: this version is being proven")).toBeVisible();
  release();
  await expect(page.getByText("Stale: this version is being proven")).toHaveCount(0);
  await expect(page.getByRole("article").filter({ hasText: "the switch has no earth" })).toBeVisible();
});

test("a first proof can be stopped, and a failure is said", async ({ page }) => {
  await page.route("**/api/**/proof", () => undefined);
  await page.goto("/jobs/saltmarsh-survey-buggy/proof");
  await expect(page.getByText("Proving every state and every single fault")).toBeVisible();
  await page.getByRole("button", { name: "Stop" }).click();
  await page.unrouteAll({ behavior: "ignoreErrors" });
  await page.route("**/api/**/proof", (route) => route.fulfill({ status: 500, body: "" }));
  await page.reload();
  await expect(page.getByRole("alert").first()).toBeVisible();
});

test("the proof prints as a sheet with its title and without what only a screen can do", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/proof");
  await expect(page.getByText("states can be reached")).toBeVisible();
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("heading", { name: "Orchard sprayer, 12 V: proof sheet" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Print the proof sheet" })).toBeHidden();
  await expect(page.getByRole("navigation")).toBeHidden();
  const pdf = await page.pdf({ format: "A4" });
  const pages = pdf.toString("latin1").match(/\/Type\s*\/Page[^s]/g)?.length ?? 0;
  expect(pages).toBeGreaterThan(0);
  expect(pages).toBeLessThanOrEqual(12);
});

test("a finding is accepted with a reason, stands last, and is counted apart", async ({ page }) => {
  const id = await startJob(page, { "/control/coilFeed": "ignition" });
  await page.goto(`/jobs/${id}/proof`);
  const card = page.getByRole("article").filter({ hasText: "The fan can run while cranking" });
  await card.getByRole("button", { name: "Accept with a reason" }).click();
  await expect(card.getByRole("button", { name: "Accept", exact: true })).toBeDisabled();
  await card.getByLabel("Why it may stand").fill("The starter is strong, and the battery new.");
  await card.getByLabel("Your name").fill("R. Holt");
  await card.getByRole("button", { name: "Accept", exact: true }).click();
  await page.getByText("Accepted: 1").click();
  await expect(card).toContainText("by R. Holt on");
  await page.goto("/jobs");
  await expect(page.locator(`a[href="/jobs/${id}/brief"]`)).toContainText("1 accepted");
  await page.goto(`/jobs/${id}/proof`);
  await page.getByText("Accepted: 1").click();
  await card.getByRole("button", { name: "No longer accept it" }).click();
  await expect(page.getByText("Accepted: 1")).toHaveCount(0);
  await expect(card).toBeVisible();
});

test("pairs of faults are tried on request, with what is worse together", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/proof");
  await page.getByRole("button", { name: "Try pairs of faults" }).click();
  await expect(page.getByText(/6 of 6 unnoticed faults tried; \d+ pairs are worse together/)).toBeVisible();
  await expect(page.getByText("The override no longer saves it.").first()).toBeVisible();
});

test("a fault of the proof is worked by the keyboard alone", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/proof");
  const link = page.getByRole("link", { name: /^F2 Main fuse.*open: show on the bench/ });
  await link.focus();
  await page.keyboard.press("Enter");
  await expect(page).toHaveURL(/bench\?/);
  await expect(page.getByText(/F2 Main fuse.*:/)).toBeVisible();
  await page.goBack();
  await expect(page).toHaveURL(/proof$/);
});
