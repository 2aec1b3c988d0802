import { expect, test } from "@playwright/test";
import { startJob } from "./jobs";

test("jobs are found by words, filtered by state, and the address keeps what was asked", async ({ page }) => {
  await startJob(page, {
    "/job/title": "Sluice-gate winch",
    "/job/customer": "Ostwick locks",
    "/fans/0/polarityReversed": true,
  });
  await page.goto("/jobs");
  await page.getByRole("searchbox", { name: "Search" }).fill("ostw slui");
  await expect(page.getByRole("link", { name: /Sluice-gate winch/ })).toBeVisible();
  await expect(page.getByRole("link", { name: /Orchard sprayer/ })).toHaveCount(0);
  await page.getByLabel("Show").selectOption("danger");
  await expect(page.getByText("1 job", { exact: true })).toBeVisible();
  await page.reload();
  await expect(page.getByRole("searchbox", { name: "Search" })).toHaveValue("ostw slui");
  await page.getByLabel("Show").selectOption("sound");
  await expect(page.getByRole("heading", { name: "No job is found like that" })).toBeVisible();
});

test("a job is duplicated, archived, taken back, removed and erased", async ({ page }) => {
  await startJob(page, { "/job/title": "Ferry ramp" });
  await page.goto("/jobs?search=ferry");
  const more = page.getByRole("button", { name: "More about Ferry ramp", exact: true });
  await more.click();
  await page.getByRole("menuitem", { name: "Duplicate" }).click();
  await expect(page.getByRole("heading", { name: "Ferry ramp, copy" })).toBeVisible();

  await page.goto("/jobs?search=ferry");
  await more.click();
  await page.getByRole("menuitem", { name: "Put into the archive" }).click();
  await expect(more).toHaveCount(0);
  await page.getByRole("radio", { name: "Archive" }).click();
  await more.click();
  await page.getByRole("menuitem", { name: "Put back on the desk" }).click();
  await expect(page.getByRole("heading", { name: "No job is found like that" })).toBeVisible();

  await page.getByRole("radio", { name: "Desk" }).click();
  await more.click();
  await page.getByRole("menuitem", { name: "Remove" }).click();
  await page.getByRole("radio", { name: "Bin" }).click();
  await page.getByRole("button", { name: "Erase Ferry ramp", exact: true }).click();
  await page.getByRole("button", { name: "Keep it" }).click();
  await expect(page.getByRole("alertdialog")).toHaveCount(0);
  await page.getByRole("button", { name: "Erase Ferry ramp", exact: true }).click();
  await page.getByRole("button", { name: "Erase for good" }).click();
  await expect(page.getByRole("button", { name: "Erase Ferry ramp", exact: true })).toHaveCount(0);
});

test("what can be done with a removed job is shown when the bin itself is there, not on the rows before it", async ({
  page,
}) => {
  const id = await startJob(page, { "/job/title": "Slipway gantry" });
  await page.request.delete(`/api/jobs/${id}`, { data: { version: 2 } });
  await startJob(page, { "/job/title": "Slipway crane" });
  let letGo = () => {};
  const held = new Promise<void>((resolve) => (letGo = resolve));
  await page.route(/api\/jobs\?.*in=bin/, async (route) => {
    await held;
    await route.continue();
  });
  await page.goto("/jobs?search=slipway");
  await expect(page.getByRole("link", { name: /Slipway crane/ })).toBeVisible();
  await page.getByRole("radio", { name: "Bin" }).click();
  await expect(page.getByText("Slipway crane")).toHaveCount(0);
  await expect(page.getByRole("button", { name: /^Erase/ })).toHaveCount(0);
  letGo();
  await page.getByRole("button", { name: "Erase Slipway gantry", exact: true }).click();
  await page.getByRole("button", { name: "Erase for good" }).click();
  await expect(page.getByRole("heading", { name: "No job is found like that" })).toBeVisible();
});

test("more than a page of jobs is shown page by page", async ({ page }) => {
  const ids: string[] = [];
  for (let number = 0; number < 55; number++) {
    ids.push(await startJob(page));
  }
  await page.goto("/jobs");
  await expect(page.getByText(/^50 of \d+ jobs$/)).toBeVisible();
  await page.getByRole("button", { name: "Show more" }).click();
  await expect(page.getByText(/^50 of/)).toHaveCount(0);
  // Other tests look for the demo's jobs on the first page.
  for (const id of ids) {
    await page.request.delete(`/api/jobs/${id}`, { data: { version: 1 } });
  }
});

test("a version that was undone long ago is gone back to, and other sizes are said before they are taken", async ({
  page,
}) => {
  const id = await startJob(page, { "/job/title": "Kiln blower" });
  await page.goto(`/jobs/${id}/proof`);
  await page.getByRole("combobox", { name: "Version" }).selectOption({ index: 1 });
  await page.getByRole("button", { name: "Go back to this version" }).click();
  await expect(page.getByRole("button", { name: "Redo" })).toBeEnabled();
  await page.route(`**/api/jobs/${id}`, async (route) => {
    const answer = await route.fetch();
    const saved = (await answer.json()) as object;
    await route.fulfill({ json: { ...saved, resized: [{ name: "Fan fuse", before: "20 A", now: "25 A" }] } });
  });
  await page.goto(`/jobs/${id}/brief`);
  const bar = page.getByRole("region", { name: "Sizes that changed" });
  await expect(bar).toContainText("Fan fuse: 20 A");
  await bar.getByRole("button", { name: "Take the new sizes" }).click();
  await expect(bar).toHaveCount(0);
});

test("the health of the machine is told", async ({ page }) => {
  await page.goto("/jobs");
  await page.getByRole("button", { name: "Workshop" }).click();
  await page.getByRole("menuitem", { name: "Health" }).click();
  await expect(page.getByRole("row", { name: /Database/ })).toContainText("sound");
});
