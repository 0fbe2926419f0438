import { expect, test, type Page } from "@playwright/test";
import { watchHand } from "./hand";
import { addStill, choosePlant, field, goTo, lightIt, visibleOil } from "./steps";

/** A still of one kind, a plant in it, planned and ready to be lit. */
async function planOn(page: Page, still: string, plant: string, grams: string): Promise<void> {
  await goTo(page, "/bench");
  await addStill(page, still);
  await page.getByRole("button", { name: "Choose the plant" }).click();
  await choosePlant(page, plant);
  await field(page, "Plant weight").fill(grams);
  await expect(visibleOil(page)).toBeVisible();
  await page.getByRole("button", { name: "Get ready" }).click();
  await expect(page.getByRole("heading", { name: "Get ready" })).toBeVisible();
}

async function separate(page: Page): Promise<void> {
  await page.getByRole("button", { name: "Heat off", exact: true }).click();
  const asked = page.getByRole("button", { name: "Heat off now" });
  const off = page.getByRole("heading", { name: "Let it settle" });
  await expect(asked.or(off)).toBeVisible();
  if (await asked.isVisible()) await asked.click();
  await expect(off).toBeVisible();
  await page.getByRole("button", { name: "Separate", exact: true }).click();
  await field(page, "Oil").fill("0.8");
  await page.getByRole("button", { name: "Save result" }).click();
  await expect(page.getByText(/0\.80? mL/).first()).toBeVisible();
}

function told(job: string, { taps, characters }: { taps: number; characters: number }): void {
  console.log(`film, ${job}: ${taps} taps, ${characters} characters`);
  expect(taps).toBeLessThanOrEqual(32);
}

test("a bowl still, from plan to measured: ice on the lid, looks, no jar and no outlet", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
  await goTo(page, "/bench");
  const hand = await watchHand(page);
  await planOn(page, "Bowl and lid, 10 L", "Rosemary,", "400");
  await expect(page.getByText(/no paste seals it/)).toBeVisible();
  for (const wrong of [/Cooling tried/, /jar stands under the outlet/, /Joints and seals/])
    await expect(page.getByText(wrong)).toHaveCount(0);
  await lightIt(page);
  await page.clock.fastForward("25:00");
  await page.getByRole("button", { name: "It boils" }).click();
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  await page.clock.fastForward("16:00");
  await expect(page.getByText(/Melt water off the lid, new ice on/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Change jar" })).toHaveCount(0);
  await expect(page.getByRole("button", { name: "Count drips" })).toHaveCount(0);
  await page.getByRole("button", { name: "New ice" }).click();
  await expect(page.getByText(/Melt water off the lid, new ice on/)).toHaveCount(0);
  await page.getByRole("button", { name: "Looked" }).click();
  await separate(page);
  told("bowl and lid, from plan to measures", hand);
});

test("a returning still, from plan to measured: its pot never runs dry, its trap has no jar to swap", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
  await goTo(page, "/bench");
  const hand = await watchHand(page);
  await planOn(page, "Returning flask, 3 L", "Rosemary,", "150");
  await expect(page.getByText(/Trap is filled with water/)).toBeVisible();
  await lightIt(page);
  await page.clock.fastForward("20:00");
  await page.getByRole("button", { name: "It boils" }).click();
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Distilling" })).toBeVisible();
  for (const minutes of ["00:10", "20:00", "40:00"]) {
    await page.clock.fastForward(minutes);
    await expect(page.getByText("the water flows back")).toBeVisible();
    await expect(page.getByText(/dry line, |do not open|The pot is at its dry line/)).toHaveCount(
      0,
    );
  }
  await expect(page.getByRole("button", { name: "Change jar" })).toHaveCount(0);
  await separate(page);
  told("a returning still, from plan to measures", hand);
});

const others = [
  ["Returning pot, 10 L", "Rosemary,", "500", /Trap is filled with water/],
  ["Pressure pot, weight off, 9 L", "True lavender", "500", /Weight or valve is off the lid/],
  ["Small glass, 500 mL", "Rosemary,", "30", /clips hold them/],
  ["Steamer and hose, 5 L", "True lavender", "800", /Vapour path open/],
  ["Vessel on a steam generator, 60 L", "True lavender", "6000", /Steam line is warmed/],
] as const;

for (const [still, plant, grams, check] of others) {
  test(`${still}: from plan to measured, with its own checks`, async ({ page }) => {
    await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
    await planOn(page, still, plant, grams);
    await expect(page.getByText(check)).toBeVisible();
    await lightIt(page);
    await page.clock.fastForward("20:00");
    await page.getByRole("button", { name: "It boils" }).click();
    await page.clock.fastForward("03:00");
    await page.getByRole("button", { name: "First drop", exact: true }).click();
    await expect(page.getByRole("heading", { name: "Distilling" })).toBeVisible();
    await page.clock.fastForward("30:00");
    await separate(page);
  });
}

test("a pot that locks is refused while it is shut, and one without scale or power label is described all the same", async ({
  page,
}) => {
  await goTo(page, "/bench/stills/new");
  await page.getByRole("radio", { name: "Pressure pot with basket" }).click();
  await field(page, "Name").fill("Old pressure pot");
  for (const [label, typed] of [
    ["Pot holds", "8"],
    ["Inside diameter", "220"],
    ["Basket holds", "5"],
    ["Basket diameter", "200"],
    ["Grid above the floor", "60"],
    ["Dry line", "500"],
  ] as const)
    await field(page, label).first().fill(typed);
  await page.getByRole("button", { name: /^Watts or weight not known/ }).click();
  await field(page, "A litre of cold water boils in").fill("7");
  await page.getByRole("button", { name: "Fill in the power" }).click();
  await expect(field(page, "Power")).toHaveValue(/^1[,.]?[34]\d0$/);
  await page.getByRole("radio", { name: "Middling" }).click();
  await page.getByRole("button", { name: /^Fill in the weight: about 1\.8/ }).click();
  await page.getByRole("radio", { name: "On, or the way is closed" }).click();
  await page.getByRole("button", { name: "Save still" }).click();
  await expect(page.getByText(/Take the weight off, open the way/)).toBeVisible();
  await page.getByRole("radio", { name: "Off, the way out is open" }).click();
  await page.getByRole("button", { name: "Save still" }).click();
  await expect(page.getByRole("link", { name: /Old pressure pot/ })).toBeVisible();
});

test("two plants in one charge: planned by weight, with the cautions of both", async ({ page }) => {
  await goTo(page, "/bench");
  await addStill(page, "Copper pot, 12 L");
  await page.getByRole("link", { name: /^Plants/ }).click();
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("button", { name: "Mix plants" }).click();
  const choose = async (at: number, plant: string) => {
    const box = page.getByRole("combobox", { name: `Plant ${at}` });
    await box.click();
    await box.fill(plant);
    await page.getByRole("listbox").getByRole("option").first().click();
    await expect(page.getByRole("listbox")).toBeHidden();
  };
  await choose(1, "True lavender");
  await page.getByRole("button", { name: "Plan this charge" }).click();
  await expect(page.getByText("Choose the plant.")).toBeVisible();
  await choose(2, "Wintergreen");
  await field(page, "Weight").first().fill("600");
  await field(page, "Weight").nth(1).fill("200");
  await expect(page.getByRole("heading", { name: "What comes of it" })).toBeVisible();
  await page.getByRole("button", { name: "Plan this charge" }).click();
  await expect(
    page.getByRole("heading", { name: "True lavender 75 %, Wintergreen 25 %, 800 g" }),
  ).toBeVisible();
  await expect(page.getByText(/is poisonous/)).toBeVisible();
});

test("straight after a sheet has closed the first tap counts; only a second one at the very place is held back", async ({
  page,
}) => {
  await planOn(page, "Copper pot, 12 L", "True lavender", "600");
  await lightIt(page);
  await page.getByRole("button", { name: "It boils" }).click();
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  for (let jar = 1; jar <= 3; jar += 1) {
    await page.getByRole("button", { name: "Reading", exact: true }).click();
    await field(page, "Distillate so far, all jars").fill(String(100 * jar));
    await page.getByRole("button", { name: "Save entry" }).click();
    await expect(page.getByRole("dialog")).toHaveCount(0);
    await page.getByRole("button", { name: "Change jar" }).click();
    await expect(page.getByText(`Jar ${jar} put aside.`)).toBeVisible();
    await page.waitForFunction(() => !document.querySelector("[data-shield]"));
    /* The log takes a jar once in a second and a half: a wet thumb's second tap is none. */
    await expect
      .poll(() => page.getByRole("button", { name: /^Log, / }).textContent())
      .toContain(String(3 + 2 * jar));
    await page.evaluate(() => new Promise((done) => setTimeout(done, 1600)));
  }
});
