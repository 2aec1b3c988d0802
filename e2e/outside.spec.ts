import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { expect, test, type Page } from "@playwright/test";
import { startJob } from "./jobs";

const SCREENS = [
  "/jobs",
  "/shelf",
  ...["brief", "threads", "bench", "proof", "road", "loom"].map((view) => `/jobs/larkspur-camper/${view}`),
];

/** What the browser refused on our own pages, and what they asked of others. */
function watched(page: Page): { refused: string[]; outside: string[] } {
  const seen = { refused: [] as string[], outside: [] as string[] };
  page.on("console", (message) => {
    if (message.text().includes("Content Security Policy")) {
      seen.refused.push(message.text());
    }
  });
  page.on("request", (request) => {
    if (!request.url().startsWith("data:") && new URL(request.url()).hostname !== "127.0.0.1") {
      seen.outside.push(request.url());
    }
  });
  return seen;
}

test("no screen or dialog breaks the policy, and none asks anything of anyone else", async ({ page }) => {
  const seen = watched(page);
  for (const screen of SCREENS) {
    await page.goto(screen);
    await page.waitForLoadState("networkidle");
  }
  await page.getByRole("button", { name: "Commands and keys" }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
  await page.keyboard.press("Escape");
  await page.goto("/shelf");
  await page.getByRole("button", { name: /^Add/ }).first().click();
  await expect(page.getByRole("dialog")).toBeVisible();
  expect(seen).toEqual({ refused: [], outside: [] });
});

test.describe("from a page of another site", () => {
  let other: Server;
  let site: string;

  test.beforeAll(async () => {
    other = createServer((_, response) => {
      response.setHeader("Content-Type", "text/html");
      response.end("<!doctype html><title>Elsewhere</title><body></body>");
    });
    await new Promise<void>((listening) => other.listen(0, "127.0.0.1", listening));
    site = `http://localhost:${String((other.address() as AddressInfo).port)}/`;
  });
  test.afterAll(() => {
    other.close();
  });

  test("nothing is changed, by a form or by a script", async ({ page, baseURL }) => {
    const id = await startJob(page, { "/job/title": "Left alone" });
    await page.goto(site);
    const tried = await page.evaluate(
      async ({ api, id }) => {
        const types = ["text/plain; x=/json", "text/plain", "application/json", "application/x-www-form-urlencoded"];
        const paths = [`jobs/${id}?_method=DELETE`, `jobs/${id}/undo`, `jobs/${id}/changes`, "jobs", "jobs/import"];
        const body = '{"version":2,"label":"x","changes":{"/job/title":"Taken"}}';
        for (const type of types) {
          for (const path of paths) {
            const request = { method: "POST", headers: { "content-type": type }, body };
            await fetch(`${api}/api/${path}`, { ...request, mode: "no-cors" }).catch(() => undefined);
            await fetch(`${api}/api/${path}`, request).catch(() => undefined);
          }
        }
        return types.length * paths.length;
      },
      { api: baseURL ?? "", id },
    );
    expect(tried).toBe(20);
    const saved = (await (await page.request.get(`/api/jobs/${id}`)).json()) as {
      version: number;
      file: { job: { title: string } };
    };
    expect([saved.version, saved.file.job.title]).toEqual([2, "Left alone"]);
  });

  test("nothing is read, and the program is shown in no frame", async ({ page, baseURL }) => {
    await page.goto(site);
    const read = await page.evaluate(
      async (api) =>
        fetch(`${api}/api/jobs`).then(
          (answer) => answer.text(),
          () => "nothing",
        ),
      baseURL ?? "",
    );
    expect(read).toBe("nothing");
    await page.evaluate((api) => {
      const frame = document.createElement("iframe");
      frame.src = `${api}/jobs`;
      document.body.append(frame);
    }, baseURL ?? "");
    await page.waitForTimeout(1000);
    const framed = page.frames().find((frame) => frame !== page.mainFrame());
    expect(await framed?.evaluate(() => document.body.textContent).catch(() => "")).not.toContain("Lamp Thread");
  });

  test("a name made to point here is not answered", async ({ page, baseURL }) => {
    const port = new URL(baseURL ?? "").port;
    const answer = await page.request.get(`http://127.0.0.1:${port}/api/jobs`, {
      headers: { host: `rebound.example:${port}` },
    });
    expect(answer.status()).toBe(421);
  });
});
