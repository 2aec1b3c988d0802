import { expect, test } from "@playwright/test";
import { copyOf } from "./jobs";

test("a complaint leads through tests to the fault, and it is written down", async ({ page }) => {
  await page.goto(`/jobs/${await copyOf(page, "orchard-sprayer")}/trail`);
  await page.getByRole("textbox", { name: "As it was told" }).fill("does not run");
  await page.getByRole("checkbox", { name: "The fan never runs, however hot" }).check();
  await page.getByRole("button", { name: "Look for it" }).click();
  const next = page.getByRole("region", { name: "Test this next" });
  await expect(next.getByText(/^Splits \d+ possibilities into/)).toBeVisible();
  await expect(page.getByRole("img", { name: /% likely/ }).first(), "shares stand on the threads").toBeVisible();
  await next.getByRole("button", { name: "Fan, radiator stands" }).click();
  await expect(next.getByRole("button", { name: "No click" })).toBeVisible();
  await next.getByRole("button", { name: "No click" }).click();
  await expect(page.getByRole("region", { name: "So far" }).getByText("no click")).toBeVisible();
  await page.getByRole("button", { name: "Take the last answer back" }).click();
  await expect(page.getByRole("region", { name: "So far" }).getByText("no click")).toHaveCount(0);
  await next.getByRole("button", { name: "No click" }).click();
  await next.getByRole("button", { name: "Cured" }).click();
  await expect(next.getByText(/^Put the old one back/), "what went away by itself is not cured").toBeVisible();
  await next.getByRole("button", { name: "Cured" }).click();
  const found = page.getByRole("region", { name: "Found" });
  await expect(found.getByText(/^K1, Relay, radiator/)).toBeVisible();
  await found.getByRole("button", { name: /Mended/ }).click();
  await expect(page.getByRole("region", { name: "Found before" })).toContainText("Relay");
});

test("a vehicle nobody here has wired is narrowed from both ends", async ({ page }) => {
  await page.goto("/trail");
  await page.getByRole("radio", { name: "One", exact: true }).click();
  await page.getByRole("checkbox", { name: "No relay clicks" }).check();
  await page.getByRole("button", { name: "Look for it" }).click();
  await expect(page.getByRole("region", { name: "How it may be wired" }).getByRole("listitem").first()).toBeVisible();
  await page.getByRole("button", { name: "Not sure" }).click();
  await expect(page.getByRole("region", { name: "So far" })).toContainText("not tried, or not sure");
});

test("a lesson is played to its end", async ({ page }) => {
  await page.goto("/practice");
  await page.getByRole("textbox", { name: "Name or initials" }).fill("Learner");
  await page.getByRole("button", { name: "Begin: Dead fan, one relay" }).click();
  await expect(page.getByRole("timer")).toContainText("0 of");
  await page.getByRole("button", { name: "Pull a fuse" }).click();
  await page.getByRole("button", { name: "Do it" }).click();
  await expect(page.getByRole("region", { name: "Moves" })).toContainText("whole");
  await page.getByRole("combobox").last().selectOption("fan-1-relay");
  await page.getByRole("button", { name: "That is it" }).click();
  await expect(page.getByRole("region", { name: "It was" })).toContainText("The shortest way takes");
  await page.getByRole("link", { name: "Lessons" }).click();
  await expect(page.getByText(/best \d+ of 100/)).toBeVisible();
});
