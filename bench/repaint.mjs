// How long from a change to the repaint that shows its answer, in the real browser, against a running bin/start.
//   node bench/repaint.mjs [http://127.0.0.1:8720]
import { chromium } from "@playwright/test";

const base = process.argv[2] ?? "http://127.0.0.1:8720";
const CHANGES = 120;

const browser = await chromium.launch({
  executablePath: "/usr/bin/chromium",
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
    "--no-first-run",
  ],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const started = await (await page.request.post(`${base}/api/jobs`, { data: {} })).json();

/** Presses, and waits for the frame after `seen` holds; in the page, so that no driver's time is counted. */
async function measure(act, seen) {
  return page.evaluate(
    async ([actSource, seenSource]) => {
      const doIt = new Function(`return ${actSource}`)();
      const isSeen = new Function(`return ${seenSource}`)();
      const before = isSeen();
      const start = performance.now();
      doIt();
      while (isSeen() === before) {
        await new Promise(requestAnimationFrame);
      }
      await new Promise(requestAnimationFrame);
      return performance.now() - start;
    },
    [act.toString(), seen.toString()],
  );
}

function report(name, times) {
  const sorted = [...times].sort((a, b) => a - b);
  const at = (share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))].toFixed(1);
  console.log(
    `${name.padEnd(44)} median ${at(0.5)} ms, 95th percentile ${at(0.95)} ms, worst ${at(1)} ms, ${sorted.length} changes`,
  );
}

await page.goto(`${base}/jobs/${started.id}/bench`);
await page.getByRole("slider").waitFor();
await page.waitForTimeout(500);
await page.getByRole("slider").press("End");
await page.waitForTimeout(500);
const keyed = [];
for (let change = 0; change < CHANGES; change++) {
  keyed.push(
    await measure(
      () => {
        const keys = [...document.querySelectorAll('[role="radio"]')].filter((one) =>
          ["Off", "Run"].includes(one.textContent),
        );
        keys.find((one) => one.getAttribute("aria-checked") === "false").click();
      },
      () => document.querySelector('section[aria-label="What it does"]').textContent,
    ),
  );
}
report("bench: key to lit threads", keyed);

await page.goto(`${base}/jobs/${started.id}/brief`);
await page.getByLabel("On at").waitFor();
const cable = [];
for (let change = 0; change < CHANGES; change++) {
  cable.push(
    await measure(
      () => {
        const cables = [...document.querySelectorAll('[role="radio"]')].filter((one) =>
          ["mm²", "AWG"].includes(one.textContent),
        );
        cables.find((one) => one.getAttribute("aria-checked") === "false").click();
      },
      () => document.querySelector('section[aria-label="As it stands"]').textContent,
    ),
  );
}
report("brief: cable to saved job and new design", cable);

const { version } = await (await page.request.get(`${base}/api/jobs/${started.id}`)).json();
await page.request.delete(`${base}/api/jobs/${started.id}`, { data: { version } });
await browser.close();
