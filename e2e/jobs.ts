import { expect, type Page } from "@playwright/test";

type Started = { id: string };

/** A job as New job starts it, perhaps with changes; each test has one of its own and leaves it. */
export async function startJob(page: Page, changes?: Record<string, unknown>): Promise<string> {
  const { id } = (await (await page.request.post("/api/jobs", { data: {} })).json()) as Started;
  if (changes !== undefined) {
    const changed = await page.request.post(`/api/jobs/${id}/changes`, {
      data: { version: 1, label: "Changed", changes },
    });
    expect(changed.ok(), await changed.text()).toBe(true);
  }
  return id;
}

/** Opens a section of the brief by its title. */
export async function section(page: Page, title: string): Promise<void> {
  const trigger = page.getByRole("button", { name: new RegExp(`^${title}`) });
  if ((await trigger.getAttribute("aria-expanded")) !== "true") {
    await trigger.click();
  }
}

/** A copy of one of the demo workshop's jobs, for a test that changes it. */
export async function copyOf(page: Page, demo: string): Promise<string> {
  const file = await page.request.get(`/api/jobs/${demo}/file`);
  const { id } = (await (
    await page.request.post("/api/jobs/import", {
      data: await file.body(),
      headers: { "content-type": "application/json" },
    })
  ).json()) as Started;
  return id;
}
