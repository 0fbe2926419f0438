import { expect, test } from "@playwright/test";
import { nothingBut } from "./looks/units";
import { addCopperPot, choosePlant, field, tapTo, shutDoor, stored, visibleOil } from "./steps";

test("nothing but us units behind every figure of a plan", async ({ page }) => {
  await addCopperPot(page);
  await page.getByRole("radio", { name: "oz, fl oz, °F" }).click();
  await stored(page, /^setting/, '"us"');
  await tapTo(page, "Plan");
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
    await nothingBut("us")(page, `behind figure ${door}`);
    await shutDoor(page);
  }
});
