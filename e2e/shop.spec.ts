import { spawn, type ChildProcess } from "node:child_process";
import { createServer, type AddressInfo } from "node:net";
import { expect, test } from "@playwright/test";

test.use({ ignoreHTTPSErrors: true });
test.describe.configure({ mode: "serial" });

let shop: ChildProcess;
let site: string;
let code: string;

/** The program open to the shop, with nginx and php-fpm, on a database of its own. */
test.beforeAll(async () => {
  const port = await new Promise<number>((found) => {
    const probe = createServer().listen(0, "127.0.0.1", () => {
      const { port: free } = probe.address() as AddressInfo;
      probe.close(() => {
        found(free);
      });
    });
  });
  site = `https://127.0.0.1:${String(port)}`;
  const database = `${process.cwd()}/storage/e2e-${String(port)}.sqlite`;
  shop = spawn("bin/serve", ["--port", String(port)], {
    env: { ...process.env, LAMP_DATABASE: database, LAMP_BACKUPS: `${process.cwd()}/test-results/backups` },
  });
  let printed = "";
  code = await new Promise<string>((found, failed) => {
    const read = (text: Buffer) => {
      printed += text.toString();
      const told = /Code: (\S+)/.exec(printed)?.[1];
      if (told !== undefined && printed.includes("Fingerprint")) {
        found(told);
      }
    };
    shop.stdout?.on("data", read);
    shop.stderr?.on("data", read);
    shop.on("exit", () => {
      failed(new Error(printed));
    });
  });
  await expect.poll(async () => (await fetchStatus(`${site}/api/session`)) === 200).toBe(true);
});

test.afterAll(() => {
  shop.kill("SIGTERM");
});

async function fetchStatus(address: string): Promise<number> {
  const { request } = await import("node:https");
  return new Promise((told) => {
    request(address, { rejectUnauthorized: false }, (answer) => {
      told(answer.statusCode ?? 0);
    })
      .on("error", () => {
        told(0);
      })
      .end();
  });
}

test("the first owner comes in by the code of the terminal and lets a reader in", async ({ page, browser }) => {
  await page.goto(site);
  await expect(page.getByRole("heading", { name: "Lamp Thread" })).toBeVisible();
  await page.getByRole("button", { name: "I have a code" }).click();
  await page.getByLabel("Name").fill("Owner");
  await page.getByLabel("Code").fill(code);
  await page.getByLabel("New password").fill("a lamp on a thread");
  await page.getByRole("button", { name: "Choose and sign in" }).click();
  await page.getByRole("link", { name: "New job", exact: true }).click();
  await page.getByRole("button", { name: "One fan, the usual start" }).click();
  await page.getByLabel("Job", { exact: true }).fill("Made by the owner");
  await page.keyboard.press("Tab");
  await expect(page.getByRole("heading", { name: "Made by the owner" })).toBeVisible();

  await page.goto(`${site}/people`);
  await page.getByLabel("Name of someone new").fill("Rod");
  await page.getByLabel("Role", { exact: true }).selectOption("reader");
  await page.getByRole("button", { name: "Add" }).click();
  const handed = await page.locator("b.font-mono").textContent();
  await expect(page.getByText("started a job")).toBeVisible();

  const reader = await (await browser.newContext({ ignoreHTTPSErrors: true })).newPage();
  await reader.goto(site);
  await reader.getByRole("button", { name: "I have a code" }).click();
  await reader.getByLabel("Name").fill("Rod");
  await reader.getByLabel("Code").fill(handed ?? "");
  await reader.getByLabel("New password").fill("reads and no more");
  await reader.getByRole("button", { name: "Choose and sign in" }).click();
  await expect(reader.getByRole("link", { name: "New job", exact: true })).toHaveCount(0);
  await reader.getByRole("link", { name: /Orchard sprayer/ }).click();
  await expect(reader.getByText("You are signed in as a reader")).toBeVisible();
});

test("a request without the word of the session is refused, and one without a session too", async ({ page }) => {
  await page.goto(site);
  await page.getByLabel("Name").fill("Owner");
  await page.getByLabel("Password").fill("a lamp on a thread");
  await page.getByRole("button", { name: "Sign in" }).click();
  await expect(page.getByRole("link", { name: "New job", exact: true })).toBeVisible();
  const statuses = await page.evaluate(async () => {
    const post = async (headers: Record<string, string>, credentials: RequestCredentials) =>
      (
        await fetch("/api/jobs", {
          method: "POST",
          headers: { "content-type": "application/json", ...headers },
          body: "{}",
          credentials,
        })
      ).status;
    return [
      await post({}, "same-origin"),
      await post({ "X-XSRF-TOKEN": "guess" }, "same-origin"),
      await post({}, "omit"),
    ];
  });
  expect(statuses).toEqual([419, 419, 419]);
  await page.getByRole("button", { name: "Owner", exact: true }).click();
  await page.getByRole("menuitem", { name: "Sign out" }).click();
  await expect(page.getByLabel("Password")).toBeVisible();
});
