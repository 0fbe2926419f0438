import { expect, test } from "@playwright/test";
import { readFileSync } from "node:fs";
import {
  addStill,
  choosePlant,
  field,
  goTo,
  heatOffEarly,
  lightIt,
  readAnew,
  stored,
  visibleOil,
  tapTo,
} from "./steps";

test("the whole job on a phone, from an empty logbook to a bottle and a file that opens elsewhere", async ({
  page,
  browser,
}) => {
  await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
  await goTo(page, "/");
  await page.getByRole("button", { name: "Begin with your still" }).click();

  /* The still, the place, a measure. */
  await addStill(page, "Copper pot, 12 L");
  await page.getByRole("link", { name: /Copper pot, 12 L/ }).click();
  await field(page, "Power").fill("-5");
  await page.getByRole("button", { name: "Save still" }).click();
  await expect(page.getByText("Power must be above 0 W.")).toBeVisible();
  await field(page, "Power").fill("2800");
  await page.getByRole("button", { name: "Save still" }).click();
  await expect(page.getByText(/2800 W gas/)).toBeVisible();
  await field(page, "Altitude").fill("320");
  await expect(page.getByText("Water boils here at 98.9 °C.")).toBeVisible();
  await page.getByRole("button", { name: /^Measures/ }).click();
  await page.getByRole("button", { name: "Add a measure" }).click();
  await field(page, "Name").fill("Basketful");
  await field(page, "One weighs").fill("0,35");
  await page.getByLabel("One weighs: unit").selectOption("kg");
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await expect(page.getByText("350 g")).toBeVisible();

  /* The plan: nonsense is named, a comma is a decimal mark, a reload keeps what was typed. */
  await page.getByRole("link", { name: "Plan", exact: true }).click();
  await choosePlant(page, "True lavender");
  await field(page, "Plant weight").fill("0");
  await expect(
    page.getByText("The charge must be above 0 g. Weigh the plant as it goes into the still."),
  ).toBeVisible();
  await field(page, "Plant weight").fill("1,4");
  await page.getByLabel("Plant weight: unit").selectOption("kg");
  await expect(page.getByText("Plan, 2 charges")).toBeVisible();
  await expect(page.getByRole("button", { name: "hydrosol: 700 mL" })).toBeVisible();
  await expect(visibleOil(page)).toBeVisible();
  await stored(page, /setting/, "1,4");
  await readAnew(page);
  await expect(field(page, "Plant weight")).toHaveValue("1,4");
  await page.getByRole("button", { name: "Get ready" }).click();

  /* The run, through reloads and a killed tab. */
  await lightIt(page);
  await page.clock.fastForward("18:00");
  await page.getByRole("button", { name: "It boils" }).click();
  await expect(page.getByRole("heading", { name: "Warming the charge" })).toBeVisible();
  await readAnew(page);
  await expect(page.getByRole("heading", { name: "Warming the charge" })).toBeVisible();
  await page.clock.fastForward("04:00");
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  await page.clock.fastForward("10:00");
  await expect(page.getByText("0:10").first()).toBeVisible();
  await page.getByRole("button", { name: "Reading", exact: true }).click();
  await page.getByRole("button", { name: "Save entry" }).click();
  await expect(
    page.getByText("Read at least one thing: the jar, a temperature, or a note."),
  ).toBeVisible();
  await field(page, "Distillate so far, all jars").fill("260");
  await field(page, "Head temperature").fill("98,7");
  await page.getByRole("button", { name: "Save entry" }).click();
  await expect(page.getByRole("button", { name: /^Flow 26 mL\/min/ })).toBeVisible();
  await stored(page, /^run/, "98.7");
  const address = page.url();
  const context = page.context();
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await goTo(again, address);
  await expect(again.getByRole("heading", { name: "Distilling" })).toBeVisible();
  await goTo(again, "/");
  await again.getByRole("button", { name: "To the still of run 1" }).click();

  /* A slip of the eye is corrected; both stay in the log. */
  await again.getByRole("button", { name: "Log, 4" }).click();
  await again.getByRole("button", { name: /Reading.*260 mL so far/ }).click();
  await field(again, "Distillate so far").fill("240");
  await again.getByRole("button", { name: "Correct it" }).click();
  await again.getByRole("button", { name: "Close" }).click();
  await expect(again.getByRole("button", { name: /^Flow 24 mL\/min/ })).toBeVisible();
  await again.clock.fastForward("19:00");
  await heatOffEarly(again);
  await expect(again.getByRole("heading", { name: "Let it settle" })).toBeVisible();

  /* Separate: the yield stands there as it is typed. */
  await again.getByRole("button", { name: "Separate" }).click();
  await field(again, "Oil").fill("abc");
  await again.getByRole("button", { name: "Save result" }).click();
  await expect(again.getByText("“abc” is not a number. Use digits, like 1.5.")).toBeVisible();
  await field(again, "Oil").fill("4,2");
  await field(again, "Hydrosol, all of it").fill("690");
  await again.getByRole("button", { name: /^Look, smell, pH, note/ }).click();
  await field(again, "Look").fill("pale yellow");
  await field(again, "pH of the hydrosol").fill("5.3");
  await expect(again.getByRole("row", { name: /mL.kg/ })).toContainText("6.00");
  await expect(again.getByRole("row", { name: /% w\/w/ })).toContainText("0.53");
  await again.getByRole("button", { name: "Save result" }).click();

  /* Bottle, use, find again. */
  await expect(again.getByRole("heading", { name: "True lavender oil" })).toBeVisible();
  await expect(again.getByText(/^[2-9A-Z]{3}-[2-9A-Z]{3}$/).first()).toBeVisible();
  await again.getByRole("button", { name: "Bottle 4.2 mL" }).click();
  await field(again, "New place").fill("oil box");
  await again.getByRole("button", { name: "Add to shelf" }).click();
  await again.getByRole("button", { name: /^Use or loss of [2-9A-Z]{3}-/ }).click();
  await field(again, "How much").fill("9");
  await field(again, "What for").fill("salve");
  await again.getByRole("button", { name: "Taken", exact: true }).click();
  await expect(again.getByText(/^Only 4\.2 mL are left by the log/)).toBeVisible();
  await field(again, "How much").fill("1.2");
  await again.getByRole("button", { name: "Taken", exact: true }).click();
  await expect(again.getByText(/^3\.0 mL left in 5 mL amber glass · oil box$/)).toBeVisible();
  await again.getByRole("button", { name: /^What moves its best-by/ }).click();
  await expect(again.getByText(/^40 % air above it · /)).toBeVisible();
  await again.getByRole("link", { name: "Shelf" }).last().click();
  await expect(
    again.getByRole("listitem", { name: /True lavender oil, [2-9A-Z-]{7}, 3.0 mL left/ }),
  ).toBeVisible();
  await expect(again.getByText("True lavender hydrosol: not bottled yet")).toBeVisible();
  await again.getByRole("link", { name: "Today" }).click();
  await expect(again.getByText("700 g of True lavender waits")).toBeVisible();

  /* The file, and the same logbook on another device. */
  await stored(again, /^use/, "salve");
  await goTo(again, "/bench/data");
  const saving = again.waitForEvent("download");
  await again.getByRole("button", { name: "Whole logbook" }).click();
  const file = await (await saving).path();
  expect(JSON.parse(readFileSync(file, "utf8"))).toMatchObject({
    format: "sereno-logbook",
    version: 1,
  });
  const elsewhere = await (await browser.newContext()).newPage();
  await goTo(elsewhere, "/bench/data");
  await elsewhere
    .getByLabel("Logbook file")
    .setInputFiles({ name: "log.json", mimeType: "application/json", buffer: readFileSync(file) });
  await elsewhere.getByRole("button", { name: "Bring in" }).click();
  await tapTo(elsewhere, "Runs");
  await elsewhere.getByRole("link", { name: /1 · True lavender/ }).click();
  await expect(elsewhere.getByText("pale yellow")).toBeVisible();
  await expect(elsewhere.getByText("240 mL so far", { exact: false })).toBeVisible();
});
