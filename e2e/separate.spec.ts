import { expect, test, type Page } from "@playwright/test";
import {
  addCopperPot,
  choosePlant,
  field,
  goTo,
  heatOffEarly,
  lightIt,
  openDoor,
  readAnew,
  shutDoor,
  stored,
  visibleOil,
  tapTo,
} from "./steps";

/** A charge of a plant, from the plan to heat off, ten minutes after its first drop. */
async function distil(page: Page, plant: string, grams: string): Promise<void> {
  await tapTo(page, "Plan");
  await choosePlant(page, plant);
  await field(page, "Plant weight").fill(grams);
  await expect(visibleOil(page)).toBeVisible();
  await openDoor(page, /^Oil layer/);
  await page.getByRole("button", { name: "Jar, 1.00 L" }).click();
  await shutDoor(page);
  await page.getByRole("button", { name: "Get ready" }).click();
  await expect(page.getByRole("heading", { name: "Get ready" })).toBeVisible();
  await lightIt(page);
  await page.clock.fastForward("20:00");
  await page.getByRole("button", { name: "It boils" }).click();
  await page.clock.fastForward("04:00");
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  await page.clock.fastForward("25:00");
  await heatOffEarly(page);
  await page.getByRole("button", { name: "Separate" }).click();
  await expect(page.getByRole("heading", { name: "Separate", exact: true })).toBeVisible();
}

async function addVessel(page: Page, name: string, kind: string, across: string, high: string) {
  await goTo(page, "/bench");
  await page.getByRole("button", { name: /^Separating vessels/ }).click();
  await page.getByRole("button", { name: "Add a vessel" }).click();
  await field(page, "Name").fill(name);
  await page.getByLabel("What it is").selectOption({ label: kind });
  await field(page, "Widest, inside").fill(across);
  await field(page, "Inner height").fill(high);
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText(name, { exact: true })).toBeVisible();
}

test.beforeEach(async ({ page }) => {
  await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
  await addCopperPot(page);
});

test("an oil that floats: the better vessel, settling, its steps and the timer through a reload, then measured and corrected after bottling", async ({
  page,
}) => {
  await addVessel(page, "Wide bowl", "beaker", "190", "120");
  await addVessel(page, "Funnel", "separating funnel, pear", "110", "300");
  await distil(page, "True lavender", "700");
  await page.getByRole("radio", { name: "Wide bowl" }).click();
  await expect(
    page.getByText(/Wide bowl: the oil floats.*too thin to see.*Better: Funnel/),
  ).toBeVisible();
  await page.getByRole("radio", { name: "Funnel" }).click();
  await page.getByRole("button", { name: "Start settling" }).click();
  await page.getByRole("button", { name: "Done, next" }).click();
  await expect(page.getByRole("heading", { name: "Let it stand" })).toBeVisible();
  await field(page, "Oil").fill("4,2");
  await stored(page, /^run/, '"settling"');
  await stored(page, /./, "4,2");

  await page.clock.fastForward("30:00");
  await readAnew(page);
  await expect(page.getByRole("heading", { name: "Let it stand" })).toBeVisible();
  await expect(page.getByText(/Set 30 min ago in Funnel: \d+ % have separated/)).toBeVisible();
  await expect(field(page, "Oil")).toHaveValue("4,2");
  await tapTo(page, "Today");
  await expect(page.getByText("True lavender is settling")).toBeVisible();
  await page.getByText("True lavender is settling").click();
  await page.getByRole("button", { name: "Cloudy" }).click();
  await expect(page.getByText(/Fine drops still float/)).toBeVisible();

  await field(page, "Hydrosol, all of it").fill("610");
  await page.getByRole("button", { name: "Save result", exact: true }).click();
  await page.getByRole("button", { name: "Bottle 4.2 mL" }).click();
  await page.getByRole("button", { name: "Add to shelf" }).click();
  await page.getByRole("link", { name: /Run 1/ }).click();
  await expect(page.getByRole("img", { name: /4\.2 mL in hand/ })).toBeVisible();
  await page.getByRole("button", { name: "Correct the measures" }).click();
  await field(page, "Oil").fill("3.6");
  await page.getByRole("button", { name: "Save result", exact: true }).click();
  await expect(page.getByText(/0\.60 mL more than there was/)).toBeVisible();
});

test("an oil that hangs is salted; more of it is drawn off the next day", async ({ page }) => {
  await addVessel(page, "Tall tube", "narrow tube", "40", "400");
  await distil(page, "Vetiver", "500");
  await expect(page.getByText(/as heavy as this water: it hangs/)).toBeVisible();
  await page.getByRole("button", { name: /^Warmth and salt/ }).click();
  await page.getByRole("radio", { name: "100 g" }).click();
  await expect(page.getByText(/Tall tube: the oil floats/)).toBeVisible();
  await expect(page.getByText(/Salted hydrosol is not kept/)).toBeVisible();
  await page.getByRole("button", { name: "Start settling" }).click();
  await stored(page, /^run/, '"saltGPerL":100');
  await readAnew(page);
  await expect(page.getByRole("radio", { name: "100 g" })).toBeChecked();
  await field(page, "Oil").fill("0.3");
  await field(page, "Hydrosol, all of it").fill("0");
  await page.getByRole("button", { name: "Save result", exact: true }).click();
  await page.clock.fastForward("20:00:00");
  await page.getByRole("link", { name: /Run 1/ }).click();
  await page.getByRole("button", { name: "Drew off more" }).click();
  await field(page, "Oil").fill("0.2");
  await page.getByRole("button", { name: "Add it" }).click();
  await expect(page.getByRole("img", { name: /0\.50 mL in hand/ })).toBeVisible();
});

test("an oil that sinks, and one with no layer that is tested with dye", async ({ page }) => {
  await addVessel(page, "Wide bowl", "beaker", "190", "120");
  await distil(page, "Clove", "200");
  await expect(page.getByText(/Wide bowl: the oil sinks/)).toBeVisible();
  await page.getByRole("button", { name: "Done, next" }).click();
  await expect(page.getByRole("heading", { name: "Is there oil at all?" })).toBeVisible();
  await page.getByRole("button", { name: "No layer" }).click();
  await expect(page.getByText(/Pour into something narrower/)).toBeVisible();
  await field(page, "Oil").fill("0");
  await field(page, "Hydrosol, all of it").fill("300");
  await page.getByRole("button", { name: "Save result", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Clove hydrosol" })).toBeVisible();
});

test("three charges of one plant are poured together, reloaded in the middle, and shared out", async ({
  page,
}) => {
  test.setTimeout(150_000);
  for (let charge = 1; charge <= 3; charge += 1) await distil(page, "True lavender", "600");
  await page.getByLabel(/^Run 1: /).click();
  await page.getByLabel(/^Run 2: /).click();
  await page.getByRole("radio", { name: "Its charge" }).click();
  await field(page, "Oil").fill("9.6");
  await stored(page, /./, "9.6");
  await readAnew(page);
  await expect(page.getByLabel(/^Run 2: /)).toBeChecked();
  await expect(page.getByRole("radio", { name: "Its charge" })).toBeChecked();
  await expect(field(page, "Oil")).toHaveValue("9.6");
  await field(page, "Hydrosol, all of it").fill("1800");
  await page.getByRole("button", { name: "Save result", exact: true }).click();
  await expect(page.getByRole("button", { name: "Bottle 9.6 mL" })).toBeVisible();
  await tapTo(page, "Runs");
  await expect(page.getByText("3.2 mL", { exact: true })).toHaveCount(3);
});

test("two tabs measure one run: the second is told, its measures take the first's place, and the products stay one lot each", async ({
  page,
  context,
}) => {
  await distil(page, "True lavender", "600");
  const other = await context.newPage();
  await goTo(other, page.url());
  await field(other, "Oil").fill("3.9");
  await field(other, "Hydrosol, all of it").fill("590");
  await field(page, "Oil").fill("4.2");
  await field(page, "Hydrosol, all of it").fill("610");
  await page.getByRole("button", { name: "Save result", exact: true }).click();
  await expect(page.getByRole("button", { name: "Bottle 4.2 mL" })).toBeVisible();
  await expect(other.getByText(/measured elsewhere meanwhile: 4\.2 mL oil/)).toBeVisible();
  await other.getByRole("button", { name: "Save result", exact: true }).click();
  await expect(page.getByRole("button", { name: "Bottle 3.9 mL" })).toBeVisible();
  await tapTo(page, "Shelf");
  await expect(page.getByText(/oil: not bottled yet/)).toHaveCount(1);
  await expect(page.getByText(/hydrosol: not bottled yet/)).toHaveCount(1);
});
