import { expect, test } from "@playwright/test";
import { addCopperPot, choosePlant, field, goTo, heatOffEarly, lightTwo, tile } from "./steps";

test("on a wide screen: result beside the inputs, keyboard alone, two stills at once, a sorted table", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
  await addCopperPot(page);
  await page.getByRole("button", { name: "Add: Steel pot, 25 L" }).click();

  /* The plan answers beside the fields while it is typed. */
  await goTo(page, "/plan");
  await choosePlant(page, "True lavender");
  await field(page, "I have").fill("500");
  const drawing = page.getByRole("img", { name: /Copper pot, 12 L with 500 g/ });
  await expect(drawing).toBeVisible();
  const left = await field(page, "I have").boundingBox();
  const right = await drawing.boundingBox();
  expect(right!.x).toBeGreaterThan(left!.x + left!.width);
  const oil = tile(page, "Oil to see");
  await expect(oil).toContainText("8 in 10");
  const before = await oil.textContent();
  await field(page, "I have").focus();
  await page.keyboard.press("End");
  await page.keyboard.type("0");
  await expect(page.getByText(/charge 1 of/)).toBeVisible();
  await expect(tile(page, /^Oil to see, \d charges/)).toContainText("8 in 10");
  expect(await tile(page, /^Oil to see/).textContent()).not.toBe(before);

  /* Choices move with the arrow keys. */
  await page.getByRole("radio", { name: "Fresh" }).focus();
  await page.keyboard.press("ArrowRight");
  await expect(page.getByRole("radio", { name: "Wilted" })).toBeChecked();
  await page.keyboard.press("ArrowLeft");
  await expect(page.getByRole("radio", { name: "Fresh" })).toBeChecked();

  /* Two runs at once, each one click from the other. */
  await lightTwo(page);
  await page.getByRole("link", { name: /Copper pot, 12 L/ }).click();
  await expect(page.getByText(/Run 1 · True lavender/)).toBeVisible();
  await heatOffEarly(page);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("heading", { name: "Heating up" })).toBeVisible();

  /* The logbook as a table. */
  await goTo(page, "/runs");
  const rows = page.getByRole("row");
  await expect(rows).toHaveCount(3);
  await page.getByRole("button", { name: "Charge" }).click();
  await expect(rows.nth(1)).toContainText("1.50 kg");
  await page.getByRole("button", { name: /^Charge/ }).click();
  await expect(rows.nth(1)).toContainText("500 g");
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
  await expect(page.getByText("Water boils here at 210.0 °F.")).toBeVisible();
  await goTo(page, "/plan");
  await choosePlant(page, "True lavender");
  await expect(page.getByLabel("I have: unit")).toHaveValue("oz");
  await field(page, "I have").fill("1.5");
  await page.getByLabel("I have: unit").selectOption("lb");
  await expect(page.getByRole("img", { name: /Copper pot, 12 L with 1.50 lb/ })).toBeVisible();
});
