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

for (const scheme of ["light", "dark"] as const) {
  for (const view of VIEWS) {
    test(`${view} can be read by those who do not see it, ${scheme}`, async ({ browser }) => {
      const page = await (await browser.newContext({ colorScheme: scheme })).newPage();
      await page.goto(view);
      await expect(page.getByRole("main")).toBeVisible();
      await page.waitForLoadState("networkidle");
      const { violations } = await new AxeBuilder({ page }).analyze();
      expect(
        violations.map((violation) => `${violation.id}: ${violation.nodes.map((node) => node.html).join(" ")}`),
      ).toEqual([]);
    });
  }
}

for (const [name, width, height] of [
  ["laptop", 1280, 800],
  ["tablet portrait", 800, 1280],
  ["phone", 390, 844],
] as const) {
  test(`nothing runs off the side: ${name}`, async ({ page }) => {
    await page.setViewportSize({ width, height });
    for (const view of VIEWS) {
      await page.goto(view);
      await page.waitForLoadState("networkidle");
      const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      expect(over, view).toBeLessThanOrEqual(0);
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
