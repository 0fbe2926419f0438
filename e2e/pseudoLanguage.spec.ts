import { expect, test } from "@playwright/test";
import { pseudo } from "../src/language/pseudo";
import { everythingIsAMessage } from "./looks/messages";
import { everythingCanBePressed } from "./looks/pressable";
import { openEach, unfold } from "./openEach";
import { goTo } from "./steps";

test.use({ viewport: { width: 320, height: 700 } });

test("every sentence is a message, and fits, behind each figure of a plan", async ({ page }) => {
  await goTo(page, "/?logbook=demo&language=pseudo");
  await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
  await goTo(page, "/plan");
  const plant = page.getByRole("combobox", { name: pseudo("Plant"), exact: true });
  await plant.fill(pseudo("Clary"));
  await page.getByRole("option").first().click();
  await page.getByLabel(pseudo("Plant weight"), { exact: true }).fill("1200");
  await expect(page.getByRole("button", { name: pseudo("Get ready") })).toBeEnabled();
  await unfold(page);
  await everythingIsAMessage(page, "/plan");
  await openEach(page, async (opener) => {
    await everythingIsAMessage(page, opener);
    await everythingCanBePressed(page, opener);
  });
});
