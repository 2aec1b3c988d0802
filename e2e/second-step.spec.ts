import { expect, test, type Page } from "@playwright/test";
import { section, startJob } from "./jobs";

interface File {
  fans: { diameterMm: number; depthMm: number; flowM3h: number; runA: number }[];
  control: { stages: { decider: { onC: number; offC: number; kind: string } }[] };
  supply: { batteryAh: number };
}

const file = async (page: Page, id: string) => (await (await page.request.get(`/api/jobs/${id}/file`)).json()) as File;
const status = (page: Page) => page.getByRole("banner").getByRole("status");

/** The program takes a while for each change, as it does on a loaded machine. */
async function slowly(page: Page, ms: number) {
  await page.route("**/changes", async (route) => {
    await new Promise((resolve) => setTimeout(resolve, ms));
    await route.continue();
  });
}

test("a fan added while the figures of the first are still being saved is like it, and loses none of them", async ({
  page,
}) => {
  const id = await startJob(page);
  await slowly(page, 700);
  await page.goto(`/jobs/${id}/brief?section=fans`);
  await page.getByLabel("Diameter").fill("12in");
  await page.getByLabel("Depth").fill("60");
  await page.getByLabel("Air moved").fill("1700");
  await page.getByRole("button", { name: "Add a fan" }).click();
  await expect(page.getByRole("button", { name: "Remove this fan" })).toHaveCount(2);
  await expect(status(page)).toHaveText("Saved");
  expect((await file(page, id)).fans.map((fan) => [fan.diameterMm, fan.depthMm, fan.flowM3h])).toEqual([
    [304.8, 60, 1700],
    [304.8, 60, 1700],
  ]);
  await page.getByRole("button", { name: "Remove this fan" }).first().click();
  await expect(page.getByRole("button", { name: "Remove this fan" })).toHaveCount(0);
  expect((await file(page, id)).fans).toHaveLength(1);
});

test("another decider picked while temperatures are being saved takes them over", async ({ page }) => {
  const id = await startJob(page);
  await slowly(page, 700);
  await page.goto(`/jobs/${id}/brief?section=stages`);
  await page.getByLabel("On at").fill("97");
  const capillary = page.getByRole("radio", { name: "Capillary thermostat" });
  await capillary.click();
  // The new choice stands at once, before there is an answer to it.
  await expect(capillary).toBeChecked();
  await expect(status(page)).toHaveText("Saving …");
  await expect(status(page)).toHaveText("Saved");
  expect((await file(page, id)).control.stages[0]?.decider).toMatchObject({ kind: "thermostat", onC: 97 });
});

test("on and off typed in their natural order are judged together; what is refused stays until it is right", async ({
  page,
}) => {
  const id = await startJob(page, { "/control/stages/0/decider/onC": 96, "/control/stages/0/decider/offC": 81 });
  await page.goto(`/jobs/${id}/brief?section=stages`);
  const [on, off] = [page.getByRole("textbox", { name: "On at" }), page.getByRole("textbox", { name: "Off at" })];
  await on.fill("75");
  await expect(page.getByRole("alert")).toContainText("below");
  await section(page, "Cooling and engine");
  await expect(page.getByRole("textbox", { name: "Thermostat opens" })).toBeVisible();
  await section(page, "Who decides");
  await expect(on).toHaveValue("75");
  await off.fill("70");
  await off.blur();
  await expect(status(page)).toHaveText("Saved");
  await expect(page.getByRole("alert")).toHaveCount(0);
  await expect(on).toHaveValue("75");
  expect((await file(page, id)).control.stages[0]?.decider).toMatchObject({ onC: 75, offC: 70 });
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(on).toHaveValue("96");
  await expect(off).toHaveValue("81");
});

test("a page reloaded, and one closed, while it is saving lose nothing of what was typed", async ({
  page,
  context,
}) => {
  const id = await startJob(page);
  await page.goto(`/jobs/${id}/brief?section=supply`);
  await page.route("**/changes", (route) => route.abort());
  await page.getByLabel("Battery size").fill("95");
  await page.getByLabel("Battery size").blur();
  await expect(status(page)).toHaveText("Kept here, not saved yet");
  await page.getByLabel("Charging").fill("14.4");
  const asked = page.waitForEvent("dialog").then(async (dialog) => {
    expect(dialog.type()).toBe("beforeunload");
    await dialog.accept();
  });
  await page.close({ runBeforeUnload: true });
  await asked;

  const again = await context.newPage();
  await again.goto(`/jobs/${id}/brief?section=supply`);
  await expect(again.getByLabel("Battery size")).toHaveValue("95");
  await expect(again.getByLabel("Charging")).toHaveValue("14.4");
  await expect(status(again)).toHaveText("Saved");
  expect((await file(again, id)).supply).toMatchObject({ batteryAh: 95, chargingV: 14.4 });
  await again.reload();
  await expect(again.getByLabel("Battery size")).toHaveValue("95");
});
