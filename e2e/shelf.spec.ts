import { expect, test } from "@playwright/test";
import { copyOf } from "./jobs";

const HEAD = "kind;name;price;family;rated_a;cold_milliohm";

test("an own part is added, refused where it cannot be, archived, and stays with the job that has it", async ({
  page,
}) => {
  await page.goto("/jobs");
  await page.getByRole("link", { name: "Shelf" }).click();
  await page.getByRole("button", { name: "Add a fuse" }).click();
  await page.getByLabel("Name").fill("Bay fuse 27 A");
  await page.getByLabel("Price").fill("0,9");
  await page.getByLabel("Rated current").fill("27000 A");
  await page.getByLabel("Cold resistance").fill("2.1 mΩ");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("alert")).toContainText("must be from 0.5 A to 500 A");
  await page.getByLabel("Rated current").fill("27 A");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("row", { name: /Bay fuse.* own/ })).toContainText("0.90");

  const id = await copyOf(page, "orchard-sprayer");
  await page.goto(`/jobs/${id}/threads`);
  await page
    .getByRole("button", { name: /^Main fuse/ })
    .first()
    .click();
  await page.getByLabel("Choose another").selectOption("own-fuse-bay-fuse-27-a");
  await expect(page.getByText("pinned by you")).toBeVisible();

  await page.keyboard.press("s");
  await expect(page.getByText("pinned in Orchard sprayer, 12 V")).toBeVisible();
  await page.getByRole("button", { name: "Archive Bay fuse 27 A" }).click();
  await expect(page.getByRole("button", { name: "Offer Bay fuse 27 A" })).toBeVisible();
  await page.goto(`/jobs/${id}/threads`);
  await page
    .getByRole("button", { name: /^Main fuse/ })
    .first()
    .click();
  await expect(page.getByText("pinned by you")).toBeVisible();
});

test("a parts file is reported line by line and taken whole; the tables name their sources", async ({ page }) => {
  await page.goto("/shelf");
  const bring = (lines: string[]) =>
    page.getByLabel("Parts file").setInputFiles({
      name: "parts.csv",
      mimeType: "text/csv",
      buffer: Buffer.from([HEAD, ...lines].join("\r\n")),
    });
  await bring(["fuse;Good 12;1,1;blade;12;4", "fuse;Bad;1,1;blade;-12;4"]);
  await expect(page.getByRole("alert")).toContainText("line 3, rated_a");
  await expect(page.getByRole("button", { name: "Change Good 12" })).toHaveCount(0);
  await bring(["fuse;Good 12;1,1;blade;12;4"]);
  await expect(page.getByRole("button", { name: "Change Good 12" })).toBeVisible();

  await page.getByRole("radio", { name: "Tables of the standards" }).click();
  await expect(page.getByRole("region", { name: "Metric road-vehicle cable" })).toContainText("ISO 6722-1");
  await expect(page.getByRole("region", { name: /Blade fuses/ })).toContainText("ISO 8820-3");
});

test("what ships is copied to make a part of one's own, changed, and taken along", async ({ page }) => {
  await page.goto("/shelf");
  await page.getByRole("radio", { name: "Relays" }).click();
  await page.getByRole("button", { name: /^Copy/ }).first().click();
  const dialog = page.getByRole("dialog");
  await expect(dialog.getByLabel("Name")).toHaveValue(/, own$/);
  await dialog.getByLabel("Name").fill("Bay relay");
  await dialog.getByLabel("Price").fill("7.40");
  await dialog.getByRole("button", { name: "Save" }).click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByRole("row", { name: /Bay relay.* own/ })).toContainText("7.40");

  await page.getByRole("button", { name: "Change Bay relay" }).click();
  await expect(dialog.getByRole("heading")).toHaveText("Change Bay relay");
  await dialog.getByLabel("Name").fill("");
  await dialog.getByRole("button", { name: "Save" }).click();
  await expect(dialog.getByRole("alert")).toBeVisible();
  await dialog.getByRole("button", { name: "Cancel" }).click();
  await expect(page.getByRole("row", { name: /Bay relay.* own/ })).toBeVisible();

  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Export own parts" }).click();
  const csv = await (await download).createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of csv) {
    chunks.push(chunk as Buffer);
  }
  expect(Buffer.concat(chunks).toString()).toMatch(/^relay,Bay relay,/m);
  await page.getByRole("button", { name: "Archive Bay relay" }).click();
  await expect(page.getByRole("button", { name: "Offer Bay relay" })).toBeVisible();
});
