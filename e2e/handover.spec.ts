import { expect, test } from "@playwright/test";
import { copyOf } from "./jobs";

const PNG = Buffer.from(
  "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==",
  "base64",
);

test("readings are judged at once, and those outside lead to the place", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/handover`);
  await page.getByLabel("Initials").fill("MK");
  const volts = page.getByRole("textbox", { name: /^Across the fan’s plug, M1 radiator/ }).first();
  await volts.fill("12 ohm");
  await volts.press("Enter");
  await expect(page.getByRole("alert")).toContainText("its unit must be one of v");
  await volts.fill("6.2");
  await volts.press("Enter");
  await expect(page.getByText("▲ 1 outside")).toBeVisible();
  const where = page.getByRole("region", { name: "Where the volts went" });
  await expect(where.getByText("Read next, it tells most")).toBeVisible();
  await where.getByRole("button", { name: /Red on/ }).click();
  await expect(page.getByRole("region", { name: "Where the leads go" })).toBeVisible();
  await where.getByRole("button", { name: /^Simulate/ }).click();
  await expect(page.getByText(/^[12] of \d+ read/)).toBeVisible();
  await page.goto(`${page.url()}?part=record`);
  await expect(page.getByRole("region", { name: "Record" }).getByText("6.2")).toBeVisible();
});

test("ticks made without a connection are sent when it is back, none twice", async ({ page, context }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/jobs/${await copyOf(page, "larkspur-camper")}/handover?part=work`);
  const ticks = page.getByRole("checkbox");
  await expect(ticks.first()).toBeVisible();
  await context.setOffline(true);
  await ticks.nth(0).check();
  await ticks.nth(1).check();
  await expect(page.getByText(/2 entries wait/)).toBeVisible();
  await expect(ticks.nth(0)).toBeChecked();
  await context.setOffline(false);
  await expect(page.getByText(/entries wait/)).toHaveCount(0);
  await expect(page.getByText(/2 of \d+ done/)).toBeVisible();
  await page.reload();
  await expect(ticks.nth(1)).toBeChecked();
  await expect(ticks.nth(2)).not.toBeChecked();
});

test("a job is written down, photographed, staged and signed off", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/handover?part=record`);
  await page.getByLabel("Note or complaint").fill("Fuses behind the seat");
  await page.getByRole("button", { name: "Keep as a note" }).click();
  const record = page.getByRole("region", { name: "Record", exact: true });
  await expect(record.getByText("Fuses behind the seat")).toBeVisible();
  await page
    .getByLabel("Photograph", { exact: true })
    .setInputFiles({ name: "x.jpg", mimeType: "image/jpeg", buffer: Buffer.from("no picture") });
  await expect(page.getByRole("alert")).toContainText("no JPEG and no PNG");
  await page
    .getByLabel("Photograph", { exact: true })
    .setInputFiles({ name: "x.png", mimeType: "image/png", buffer: PNG });
  await expect(record.getByRole("img")).toBeVisible();
  await page.getByRole("radio", { name: "Fitted" }).click();
  await expect(record.getByText("fitted")).toBeVisible();
  await page.getByRole("radio", { name: "Papers" }).click();
  await page.getByLabel("An hour’s work").fill("dear");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByRole("alert")).toContainText("is no price");
  await page.getByLabel("An hour’s work").fill("62,5");
  await page.getByRole("textbox", { name: "Name", exact: true }).fill("Lantern Lane Motors");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByLabel("An hour’s work")).toHaveValue("62.5");
  await page.getByLabel("Full name").fill("Mira Kestrel");
  await page.getByRole("button", { name: "Sign off" }).click();
  await expect(page.getByText(/Signed off by/)).toContainText("Mira Kestrel");
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Dossier, A4" }).click();
  expect((await download).suggestedFilename()).toMatch(/\.pdf$/);
});
