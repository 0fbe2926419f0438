import { expect, test, type Page } from "@playwright/test";
import {
  addCopperPot,
  choosePlant,
  field,
  goTo,
  heatOffEarly,
  lightIt,
  stored,
  visibleOil,
  tapTo,
} from "./steps";
import { watchHand } from "./hand";

/*
 * The jobs that are done most, with nothing done that need not be: how often one presses, and how much one
 * types. The figures are printed; a job that grows by more than a tap or two fails.
 */

async function tap(page: Page, name: string | RegExp): Promise<void> {
  await page.getByRole("button", { name }).first().click();
}

/** Types into a field as a hand does: a tap on it, then the letters. */
async function write(page: Page, label: string, text: string): Promise<void> {
  await field(page, label).click();
  await field(page, label).fill(text);
}

async function ready(page: Page): Promise<void> {
  await tap(page, "Get ready");
  await expect(page.getByRole("heading", { name: "Get ready" })).toBeVisible();
  await lightIt(page);
}

async function boilAndDrop(page: Page): Promise<void> {
  await page.clock.fastForward("20:00");
  await tap(page, "It boils");
  await page.clock.fastForward("04:00");
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Distilling" })).toBeVisible();
}

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
});

test("film: from an empty logbook to labelled bottles", async ({ page }) => {
  await goTo(page, "/");
  await expect(page.getByRole("button", { name: "Begin with your still" })).toBeVisible();
  const hand = await watchHand(page);
  await tap(page, "Begin with your still");
  await tap(page, "Add: Copper pot, 12 L");
  await tap(page, "Choose the plant");
  await choosePlant(page, "True lavender");
  await write(page, "Plant weight", "700");
  await ready(page);
  await boilAndDrop(page);
  await page.clock.fastForward("59:00");
  await heatOffEarly(page);
  await tap(page, "Separate");
  await write(page, "Oil", "6.5");
  await write(page, "Hydrosol, all of it", "800");
  await tap(page, "Save result");
  await expect(page.getByRole("heading", { name: "True lavender oil" })).toBeVisible();
  await tap(page, "Bottle 6.5 mL");
  await tap(page, "Add to shelf");
  await expect(page.getByRole("button", { name: /^Use or loss of/ })).toBeVisible();
  await tap(page, "Labels");
  const saving = page.waitForEvent("download");
  await tap(page, /^Save .* label.* as PDF/);
  await saving;
  console.log(
    `film, empty logbook to labelled bottle: ${hand.taps} taps, ${hand.characters} characters`,
  );
  expect(hand.taps).toBeLessThanOrEqual(36);
  expect(hand.characters).toBeLessThanOrEqual(26);
});

test("film: the same again", async ({ page }) => {
  await goTo(page, "/?logbook=demo");
  await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
  const hand = await watchHand(page);
  await page.getByRole("link", { name: "Runs", exact: true }).click();
  await page.getByRole("link", { name: /^29 · / }).click();
  await tap(page, /^Again/);
  await expect(visibleOil(page)).toBeVisible();
  await tap(page, "Get ready");
  await expect(page.getByRole("heading", { name: "Get ready" })).toBeVisible();
  console.log(`film, again: ${hand.taps} taps, ${hand.characters} characters`);
  expect(hand.taps).toBeLessThanOrEqual(4);
});

test("film: twelve small bottles", async ({ page }) => {
  await goTo(page, "/shelf?logbook=demo");
  await page.getByRole("button", { name: "More", exact: true }).click();
  await tap(page, "Add something bought");
  await page.getByLabel("Plant").selectOption({ label: "Clary sage" });
  await field(page, "How much").fill("60");
  await tap(page, "Add to shelf");
  await expect(page.getByRole("heading", { name: "Clary sage oil, bought" })).toBeVisible();
  const hand = await watchHand(page);
  await tap(page, "Bottle 60 mL");
  await write(page, "How many", "12");
  await write(page, "Bottle size", "5");
  await tap(page, "Add to shelf");
  await expect(page.getByRole("button", { name: /^Use or loss of/ })).toHaveCount(12);
  await stored(page, /^bottle/, '"filledMl":5', "sereno-demo");
  console.log(`film, twelve small bottles: ${hand.taps} taps, ${hand.characters} characters`);
  expect(hand.taps).toBeLessThanOrEqual(6);
});

test("film: fill this still, without a scale", async ({ page }) => {
  await addCopperPot(page);
  await tapTo(page, "Plan");
  await expect(page.getByRole("combobox", { name: "Plant", exact: true })).toBeVisible();
  const hand = await watchHand(page);
  await choosePlant(page, "True lavender");
  await page.getByRole("radio", { name: "A full still" }).click();
  await expect(visibleOil(page)).toBeVisible();
  await expect(page.getByText(/about [\d.]+ k?g \([\d.]+/i).first()).toBeVisible();
  await tap(page, "Get ready");
  await expect(page.getByRole("heading", { name: "Get ready" })).toBeVisible();
  console.log(`film, fill this still: ${hand.taps} taps, ${hand.characters} characters`);
  expect(hand.taps).toBeLessThanOrEqual(5);
});
