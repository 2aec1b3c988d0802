import { expect, test, type Page } from "@playwright/test";
import { section, startJob } from "./jobs";

async function open(page: Page, changes?: Record<string, unknown>): Promise<string> {
  const id = await startJob(page, changes);
  await page.goto(`/jobs/${id}/brief`);
  return id;
}

test("a fan made for the other side is found until blade and leads are turned too", async ({ page }) => {
  await open(page);
  await section(page, "Fans");
  const findings = page.getByRole("region", { name: "Findings" });
  await page.getByRole("radio", { name: "A pusher" }).click();
  await expect(findings.getByText("The fan blows the wrong way")).toBeVisible();
  await expect(findings.getByText("The blade is the wrong way round")).toBeVisible();
  await page.getByRole("radio", { name: "Turned round" }).click();
  await page.getByRole("radio", { name: "Exchanged" }).click();
  await expect(page.getByText("The fan blows the wrong way")).toHaveCount(0);
  await expect(page.getByText("The blade is the wrong way round")).toHaveCount(0);
});

test("a sensor where coolant stands is warned of until it is moved", async ({ page }) => {
  await open(page);
  const finding = page.getByRole("article").filter({ hasText: /coolant stands|no coolant moves/i });
  await section(page, "Who decides");
  await page.getByRole("radio", { name: "Stands", exact: true }).click();
  await expect(finding).toHaveCount(1);
  await page.getByRole("radio", { name: "Moves past the sensor" }).click();
  await expect(finding).toHaveCount(0);
});

test("wires that lie in a thick bundle grow, and come back by undo", async ({ page }) => {
  // Where much may be lost on the way, what lies beside a wire decides its size.
  const id = await open(page, { "/fans/0/runA": 24, "/wiring/dropLimitPercent": 8 });
  const areas = async () => {
    const { design } = (await (await page.request.get(`/api/jobs/${id}`)).json()) as {
      design: { wires: { areaMm2: number }[] };
    };
    return design.wires.reduce((sum, wire) => sum + wire.areaMm2, 0);
  };
  const alone = await areas();
  await section(page, "Wires as they lie");
  for (const stretch of ["battery to main fuse (unfused)", "main fuse to relay", "relay to fan"]) {
    await page.getByLabel(`${stretch}: loaded wires together`).fill("7");
    await page.getByLabel(`${stretch}: loaded wires together`).press("Enter");
  }
  await expect(page.getByRole("status").filter({ hasText: "Saved" })).toBeVisible();
  await expect.poll(areas).toBeGreaterThan(alone);
  for (let press = 0; press < 3; press++) {
    await page.getByRole("button", { name: "Undo" }).click();
  }
  await expect.poll(areas).toBe(alone);
});

test("a wire that is there already is judged, not chosen", async ({ page }) => {
  const id = await open(page);
  await section(page, "Wires as they lie");
  const fan = page.getByRole("combobox", { name: "relay to fan: new or there already" });
  await fan.selectOption({ label: "There already, 1 mm²" });
  await expect(page.getByText("The wire runs too hot").first()).toBeVisible();
  await page.goto(`/jobs/${id}/threads`);
  await page.getByRole("button", { name: /^Wire W4.* 1 mm²/ }).click();
  await expect(page.getByText("Fan wire, radiator, relay to fan, there already").first()).toBeVisible();
  await page.goto(`/jobs/${id}/loom`);
  await expect(page.getByRole("row", { name: /^W4 / })).toContainText("there already");
  await page.goto(`/jobs/${id}/brief?section=lengths`);
  await page
    .getByRole("article")
    .filter({ hasText: "The wire runs too hot" })
    .getByRole("button", { name: "Cut new wire there" })
    .click();
  await expect(page.getByText("The wire runs too hot")).toHaveCount(0);
  await expect(fan).toHaveValue("");
});

test("the core is measured, or taken as usual, and the driveline told gear by gear", async ({ page }) => {
  await open(page);
  await section(page, "Fit");
  await page.getByRole("radio", { name: "Measured", exact: true }).click();
  await page.getByLabel("Core width").fill("25in");
  await page.getByLabel("Shroud covers").focus();
  await expect(page.getByLabel("Core width")).toHaveValue("635");
  await page.getByRole("radio", { name: "Let ram air out" }).click();
  await page.getByRole("radio", { name: "Not measured" }).click();
  await expect(page.getByLabel("Core width")).toHaveCount(0);

  await section(page, "Lockouts");
  await page.getByRole("radio", { name: "Off above a speed" }).click();
  await page.getByLabel("Its speed").fill("2000");
  await expect(page.getByLabel("Its speed")).toHaveValue("2000");
});

test("an after-run is told its time, within what a relay can do", async ({ page }) => {
  await open(page);
  await section(page, "Dash switches");
  await page.getByRole("radio", { name: "Runs on by time relay" }).click();
  await page.getByLabel("It runs on for").fill("4 min");
  await page.getByLabel("It runs on for").blur();
  await expect(page.getByLabel("It runs on for")).toHaveValue("240");
  await page.getByLabel("It runs on for").fill("20 min");
  await expect(page.getByRole("alert").first()).toContainText("300");
  await page.getByRole("radio", { name: "Stops" }).click();
  await expect(page.getByLabel("It runs on for")).toHaveCount(0);
});
