import { expect, test, type Page } from "@playwright/test";
import { addresses } from "./reach";
import { readWhole } from "./readWhole";
import {
  addCopperPot,
  choosePlant,
  field,
  goTo,
  shutDoor,
  stored,
  visibleOil,
  visit,
} from "./steps";

/*
 * One system of units in the whole logbook: every address is read whole, with what is folded open, and no unit of
 * the other system may stand there. Oil stays in mL, heat in kWh; stills and sheets of paper keep their names.
 */
const named =
  /Copper pot, 12 L|Steel pot, 25 L|Glass flask, 2 L|Boiler and vessel, 15 L|Returning flask, 3 L|Bowl and lid, 10 L|Returning pot, 10 L|Pressure pot, weight off, 9 L|Small glass, 500 mL|Steamer and hose, 5 L|Vessel on a steam generator, 60 L/g;
const foreign = {
  us: /(?:^|[\s(])(?:g|kg|L|°C|mm|cm|m|K|W\/°C|mL\/min|mL\/kg|L\/kg|g\/L|g\/mL)(?=$|[\s.,;:)·–/])|\blitres?\b|\bkilograms?\b|\bmetres?\b/,
  metric:
    /\d (?:oz|lb|fl oz|°F|in(?! \d)|ft|gal|cups|qt|mL\/lb)\b|(?:^|[ (])(?:oz|lb|fl oz|mL\/lb)$|\bpounds?\b/,
} as const;

/** The choice of units on the bench, which names both systems. */
const choiceItself = /^(g, mL, °C|oz, fl oz, °F|Units)$/;

async function expectOwnUnits(page: Page, address: string, system: "us" | "metric"): Promise<void> {
  await visit(page, address);
  await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
  const folds = page.locator('[role="button"][aria-expanded="false"]');
  for (let closed = await folds.count(); closed > 0; closed -= 1) await folds.first().click();
  await expectRead(page, system, address);
}

async function expectRead(page: Page, system: "us" | "metric", where: string): Promise<void> {
  const left = (await readWhole(page, "chosen")).filter(
    (text) => !choiceItself.test(text) && foreign[system].test(text.replace(named, "")),
  );
  expect([...new Set(left)], where).toEqual([]);
}

test("nothing but us units behind every figure of a plan", async ({ page }) => {
  await addCopperPot(page);
  await page.getByRole("radio", { name: "oz, fl oz, °F" }).click();
  await stored(page, /^setting/, '"us"');
  await goTo(page, "/plan");
  await choosePlant(page, "True lavender");
  await field(page, "Plant weight").fill("3 lb");
  await expect(visibleOil(page)).toBeVisible();
  const doors = page.locator('[role="button"][aria-haspopup="dialog"]');
  const count = await doors.count();
  expect(count).toBeGreaterThan(9);
  for (let door = 0; door < count; door += 1) {
    await doors.nth(door).click();
    const sheet = page.getByRole("dialog");
    await expect(sheet.getByRole("button", { name: "Close" })).toBeVisible();
    await expectRead(page, "us", `behind figure ${door}`);
    await shutDoor(page);
  }
});

/* The guide tells both systems of both. */
const all = addresses().filter((address) => address !== "/bench/guide");
const half = Math.ceil(all.length / 2);
for (const system of ["us", "metric"] as const)
  for (const part of [all.slice(0, half), all.slice(half)])
    test(`nothing but ${system} units on ${part[0]!} to ${part.at(-1)!}`, async ({ page }) => {
      await goTo(page, "/?logbook=demo");
      await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
      await goTo(page, "/bench");
      if (system === "us") {
        await page.getByRole("radio", { name: "oz, fl oz, °F" }).click();
        await stored(page, /^setting/, '"us"', "sereno-demo");
      }
      for (const address of part) await expectOwnUnits(page, address, system);
    });
