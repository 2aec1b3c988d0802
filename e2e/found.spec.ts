import { expect, test } from "@playwright/test";
import { section, startJob } from "./jobs";

test("what was found is told, tried with what is wrong with it, and the sheet is the difference", async ({ page }) => {
  const id = await startJob(page, { "/control/overrides": [] });
  await page.goto(`/jobs/${id}/brief?section=found`);
  await page.getByRole("radio", { name: "Something was there" }).click();
  await page.getByRole("link", { name: "Tell what was there" }).click();
  await section(page, "What is known of it");
  await page
    .getByRole("region", { name: /^Main fuse/ })
    .getByLabel("Rating")
    .fill("40 A");
  await page
    .getByRole("region", { name: /^Fan wire/ })
    .getByLabel("Copper")
    .fill("2.5");
  await expect(page.getByText("The fuse lets more through than the wire carries").first()).toBeVisible();
  await section(page, "What is wrong with it");
  await page.getByRole("combobox", { name: "Part" }).selectOption("stage-1-switch");
  await page.getByRole("button", { name: "It is …" }).click();
  await page.getByRole("menuitem", { name: "stuck on" }).click();
  await page.getByLabel("How it shows").fill("paper clip in the plug");

  // As it was found, cold with the key on, the fan runs: the paper clip explains it.
  await page.getByRole("link", { name: "Bench", exact: true }).click();
  await expect(page.getByRole("status").filter({ hasText: "stuck on" })).toBeVisible();
  await expect(page.getByText(/% of rated speed/)).toBeVisible();

  // Its pairs of faults are tried as any job's are; what only the vehicle as it leaves has is shown of that.
  await page.getByRole("link", { name: "Proof", exact: true }).click();
  await page.getByRole("button", { name: "Try pairs of faults" }).click();
  await expect(page.getByRole("status").filter({ hasText: /pairs are worse together/ })).toBeVisible();
  await expect(page.getByRole("alert")).toHaveCount(0);
  await page.goto(`/jobs/${id}.found/plans`);
  await expect(page).toHaveURL(`/jobs/${id}/plans`);
  await page.goto(`/jobs/${id}.found/bench`);

  // As it leaves the switch is sound, the fuse is new, and a dash switch comes.
  await page.getByRole("link", { name: "As it leaves" }).click();
  await expect(page.getByText(/% of rated speed/)).toHaveCount(0);
  await page.getByRole("link", { name: "Brief", exact: true }).click();
  await section(page, "What is there");
  const fuse = page.getByRole("radiogroup", { name: /^Main fuse/ });
  await fuse.getByRole("radio", { name: "New" }).click();
  await section(page, "Dash switches");
  await page.getByRole("button", { name: "Add a dash switch" }).click();
  await page.getByRole("menuitem", { name: "Runs the fan" }).click();
  await page.getByRole("link", { name: "Loom", exact: true }).click();
  const sheet = page.locator("main");
  await expect(sheet).toContainText("Both its ends go on as they did.");
  await expect(sheet).toContainText(
    "was found stuck on (paper clip in the plug): put it right, or put a new one in its place.",
  );
  await expect(sheet).toContainText(/Main fuse, [^:]+: take it out/);
  await expect(sheet).not.toContainText("behind the core as a puller");

  // The second step: undone, redone, exported and opened again, it is the same.
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(sheet).not.toContainText("Both its ends go on as they did.");
  await page.getByRole("button", { name: "Redo" }).click();
  await expect(sheet).toContainText("Both its ends go on as they did.");
  const file = await (await page.request.get(`/api/jobs/${id}/file`)).text();
  const copy = (await (await page.request.post("/api/jobs/import", { data: file })).json()) as { id: string };
  await page.goto(`/jobs/${copy.id}/loom`);
  await expect(sheet).toContainText(
    "was found stuck on (paper clip in the plug): put it right, or put a new one in its place.",
  );
});

test("a vehicle of which nothing was found has no such address", async ({ page }) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}.found/brief`);
  await expect(page.getByText("Nothing was there")).toBeVisible();
});
