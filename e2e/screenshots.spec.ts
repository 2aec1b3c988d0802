import { expect, test } from "@playwright/test";

const folder = process.env.LAMP_SCREENSHOTS ?? "test-results";

const SHOTS: {
  name: string;
  path: string;
  press?: RegExp;
  leadsTo?: RegExp;
  shows?: RegExp;
  portrait?: boolean;
  dark?: boolean;
}[] = [
  { name: "jobs", path: "/jobs" },
  { name: "gallery", path: "/new" },
  { name: "brief", path: "/jobs/larkspur-camper/brief?section=overrides" },
  { name: "brief-plan-tablet", path: "/jobs/larkspur-camper/brief?section=lengths", portrait: true },
  { name: "threads", path: "/jobs/orchard-sprayer/threads", press: /^Fan wire/ },
  { name: "plans", path: "/jobs/orchard-sprayer/plans", press: /^Plan it/, shows: /^Take plan/ },
  { name: "trail", path: "/jobs/dunmore-fire-tender/trail" },
  { name: "practice", path: "/practice", press: /^Begin: Clicks/, leadsTo: /practice\/./, shows: /^Do it$/ },
  { name: "threads-tablet", path: "/jobs/larkspur-camper/threads", portrait: true },
  { name: "bench-dark", path: "/jobs/orchard-sprayer/bench", press: /^Terminal K1 87/, dark: true },
  { name: "proof", path: "/jobs/kestrel-single-seater/proof" },
  { name: "road", path: "/jobs/orchard-sprayer/road" },
  { name: "road-logs", path: "/jobs/larkspur-camper/road?part=logs", press: /^Simulated logger/ },
  { name: "handover", path: "/jobs/orchard-sprayer/handover" },
  { name: "handover-work-tablet", path: "/jobs/larkspur-camper/handover?part=work", portrait: true },
  { name: "shelf", path: "/shelf" },
  { name: "health", path: "/health" },
  { name: "loom", path: "/jobs/orchard-sprayer/loom" },
];

for (const shot of SHOTS) {
  test(`picture of ${shot.name} @screenshots`, async ({ browser }) => {
    const context = await browser.newContext({
      viewport: shot.portrait === true ? { width: 800, height: 1280 } : { width: 1280, height: 800 },
      colorScheme: shot.dark === true ? "dark" : "light",
      reducedMotion: "reduce",
    });
    const page = await context.newPage();
    const problems: string[] = [];
    page.on("console", (message) => {
      if (message.type() === "error") {
        problems.push(message.text());
      }
    });
    await page.goto(shot.path);
    await page.waitForLoadState("networkidle");
    if (shot.press !== undefined) {
      await page.getByRole("button", { name: shot.press }).first().click();
      if (shot.shows !== undefined) {
        await page.getByRole("button", { name: shot.shows }).waitFor({ timeout: 300_000 });
      }
      if (shot.leadsTo !== undefined) {
        await page.waitForURL(shot.leadsTo);
        await page.waitForLoadState("networkidle");
      }
      await page.waitForTimeout(600);
    }
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path: `${folder}/${shot.name}.png` });
    expect(problems).toEqual([]);
  });
}
