import { expect, test } from "@playwright/test";

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
  await page.goto("/jobs/kestrel-single-seater/proof");
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
  await page.getByRole("radio", { name: /no cooling/ }).click();
  await expect(page.getByRole("cell", { name: "▲ no cooling" }).first()).toBeVisible();
  await expect(page.getByRole("cell", { name: "◆ drains" })).toHaveCount(0);
  await page.getByLabel("Part, wire or fault").fill("nothing like it");
  await expect(page.getByText("No fault is called that.")).toBeVisible();
});
