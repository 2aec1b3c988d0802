import AxeBuilder from "@axe-core/playwright";
import { expect, test } from "@playwright/test";

const VIEWS = [
  "/jobs",
  "/shelf",
  "/health",
  "/practice",
  "/jobs/dunmore-fire-tender/trail",
  ...[
    "brief",
    "plans",
    "threads",
    "bench",
    "proof",
    "road",
    "road?part=logs",
    "loom",
    "handover",
    "handover?part=work",
  ].map((view) => `/jobs/orchard-sprayer/${view}`),
];

const SCREENS = [
  ["laptop", 1280, 800],
  ["tablet portrait", 800, 1280],
  ["phone", 390, 844],
] as const;

for (const view of VIEWS) {
  test(`${view} can be read by those who do not see it, light and dark, and nothing runs off the side`, async ({
    page,
  }) => {
    await page.goto(view);
    await expect(page.getByRole("main")).toBeVisible();
    await page.waitForLoadState("networkidle");
    for (const scheme of ["light", "dark"] as const) {
      await page.emulateMedia({ colorScheme: scheme });
      await expect(page.locator("html")).toHaveAttribute("data-theme", scheme);
      // Only colours differ in the dark.
      const axe = new AxeBuilder({ page });
      const { violations } = await (scheme === "light" ? axe : axe.withRules(["color-contrast"])).analyze();
      expect(
        violations.map((violation) => `${violation.id}: ${violation.nodes.map((node) => node.html).join(" ")}`),
        scheme,
      ).toEqual([]);
    }
    for (const [name, width, height] of SCREENS) {
      await page.setViewportSize({ width, height });
      const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      expect(over, name).toBeLessThanOrEqual(0);
    }
  });
}

test("the loom prints without the screen's furniture", async ({ page }) => {
  await page.goto("/jobs/orchard-sprayer/loom");
  await page.emulateMedia({ media: "print" });
  await expect(page.getByRole("navigation")).toBeHidden();
  await expect(page.getByRole("button", { name: "Print" })).toBeHidden();
  await expect(page.getByRole("heading", { name: "Steps" })).toBeVisible();
  const pdf = await page.pdf({ format: "A4" });
  const pages = pdf.toString("latin1").match(/\/Type\s*\/Page[^s]/g)?.length ?? 0;
  expect(pages).toBeGreaterThan(0);
  expect(pages).toBeLessThanOrEqual(5);
});

test("what is not there is said, with a way on", async ({ page }) => {
  await page.goto("/jobs/no-such-job/threads");
  await expect(page.getByRole("heading", { name: "Nothing here" })).toBeVisible();
  await page.getByRole("link", { name: "To the jobs" }).click();
  await expect(page.getByRole("heading", { name: "Lamp Thread" })).toBeVisible();
});
