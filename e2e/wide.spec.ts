import { expect, test } from "@playwright/test";
import {
  addCopperPot,
  addStill,
  choosePlant,
  field,
  tapTo,
  heatOffEarly,
  lightTwo,
  openDoor,
  shutDoor,
  visibleOil,
} from "./steps";

test("on a wide screen: result beside the inputs, keyboard alone, two stills at once, a sorted table", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
  await addCopperPot(page);
  await addStill(page, "Steel pot, 25 L");

  /* The plan answers beside the fields while it is typed. */
  await tapTo(page, "Plan");
  await choosePlant(page, "True lavender");
  await field(page, "Plant weight").fill("500");
  const drawing = page.getByRole("img", { name: /Copper pot, 12 L with 500 g/ });
  await expect(drawing).toBeVisible();
  const left = await drawing.boundingBox();
  const right = await page.getByRole("button", { name: /^First drop/ }).boundingBox();
  expect(right!.x).toBeGreaterThan(left!.x + left!.width);
  const oil = visibleOil(page);
  await expect(oil).toBeVisible();
  const before = await oil.getAttribute("aria-label");
  await field(page, "Plant weight").focus();
  await page.keyboard.press("End");
  await page.keyboard.type("0");
  await expect(page.getByText(/^Plan, \d charges/)).toBeVisible();
  await expect(oil).toBeVisible();
  expect(await oil.getAttribute("aria-label")).not.toBe(before);

  /* Choices move with the arrow keys. */
  await openDoor(page, /^Change plant and still/);
  await page.getByRole("radio", { name: "Fresh" }).focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByRole("radio", { name: "Wilted" })).toBeChecked();
  await page.keyboard.press("ArrowLeft");
  await expect(page.getByRole("radio", { name: "Fresh" })).toBeChecked();
  await shutDoor(page);

  /* Two runs at once, each one click from the other. */
  await lightTwo(page);
  await page.getByRole("link", { name: /Copper pot, 12 L/ }).click();
  await expect(page.getByText(/Run 1 · True lavender/)).toBeVisible();
  await heatOffEarly(page);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("heading", { name: "Heating up" })).toBeVisible();

  /* The logbook as a table. */
  await tapTo(page, "Runs");
  const rows = page.getByRole("row");
  await expect(rows).toHaveCount(3);
  await page.getByRole("button", { name: "Charge" }).click();
  await expect(rows.nth(1)).toContainText("1.50 kg");
  await page.getByRole("button", { name: /^Charge/ }).click();
  await expect(rows.nth(1)).toContainText("0.500 kg");
  await field(page, "Find").fill("steel");
  await expect(rows).toHaveCount(2);
  await field(page, "Find").fill("nothing like it");
  await expect(
    page.getByText("Nothing matches “nothing like it”.", { exact: false }),
  ).toBeVisible();
});

test("US units carry through from the bench to the plan", async ({ page }) => {
  await addCopperPot(page);
  await page.getByRole("radio", { name: "oz, fl oz, °F" }).click();
  await expect(page.getByText("Water boils here at 210 °F.")).toBeVisible();
  await tapTo(page, "Plan");
  await choosePlant(page, "True lavender");
  await expect(page.getByLabel("Plant weight: unit")).toHaveValue("oz");
  await field(page, "Plant weight").fill("1.5");
  await page.getByLabel("Plant weight: unit").selectOption("lb");
  await expect(page.getByRole("img", { name: /Copper pot, 12 L with 1\.5 lb/ })).toBeVisible();
});
