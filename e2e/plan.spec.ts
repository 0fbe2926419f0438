import { expect, test } from "@playwright/test";
import {
  addCopperPot,
  addStill,
  choosePlant,
  field,
  goTo,
  openDoor,
  readAnew,
  setUp,
  shutDoor,
  visibleOil,
  tapTo,
} from "./steps";

const stills: { name: string; plant: string; have: string; oil: string; hydrosol?: string }[] = [
  {
    name: "Copper pot, 12 L",
    plant: "True lavender, flower spikes",
    have: "700",
    oil: "10",
    hydrosol: "1500",
  },
  { name: "Glass flask, 2 L", plant: "Caraway, ripe seed", have: "60", oil: "2", hydrosol: "240" },
  {
    name: "Boiler and vessel, 15 L",
    plant: "Scots pine, needles and tips",
    have: "2500",
    oil: "12",
    hydrosol: "4000",
  },
  { name: "Returning flask, 3 L", plant: "Juniper berry, ripe berries", have: "200", oil: "3" },
  {
    name: "Bowl and lid, 10 L",
    plant: "Rosemary, leafy twigs",
    have: "300",
    oil: "2",
    hydrosol: "600",
  },
];

for (const { name, plant, have, oil, hydrosol } of stills) {
  test(`one harvest planned in each direction: ${name}`, async ({ page }) => {
    await goTo(page, "/bench");
    await addStill(page, name);
    await tapTo(page, "Plan");
    await choosePlant(page, plant);
    await field(page, "Plant weight").fill(have);
    await expect(visibleOil(page)).toBeVisible();
    await expect(page.getByRole("img", { name: new RegExp(`^${name} with`) })).toBeVisible();
    await expect(page.getByRole("button", { name: "Get ready" })).toBeEnabled();

    await setUp(page, "Oil I want");
    await field(page, "Oil I want").fill(oil);
    await expect(page.getByText(/You need about .* in an average year/)).toBeVisible();
    await expect(visibleOil(page)).toBeVisible();
    await setUp(page, "Hydrosol I want");
    await field(page, "Hydrosol I want").fill(hydrosol ?? "500");
    if (hydrosol) await expect(page.getByText(/You need about/)).toBeVisible();
    else
      await expect(page.getByRole("alert").first()).toContainText(
        "With return no hydrosol is kept. Choose plant in the water.",
      );
  });
}

test("a warning's remedy is one tap, shows before and after, and is taken back", async ({
  page,
}) => {
  await addCopperPot(page);
  await tapTo(page, "Plan");
  await choosePlant(page, "True lavender");
  await field(page, "Plant weight").fill("3000");
  await openDoor(page, /^headspace:/);
  await field(page, "Charges").fill("1");
  await shutDoor(page);
  await expect(page.getByRole("alert").first()).toContainText("more than fits");
  await expect(page.getByRole("button", { name: "Fix the plan first" })).toBeDisabled();
  await page
    .getByRole("button", { name: /^Make \d charges$/ })
    .first()
    .click();
  const table = page.getByRole("table", { name: "Before and after" });
  await expect(table.getByRole("row", { name: /Charges 1 × 3.00 kg/ })).toBeVisible();
  await expect(table.getByRole("row", { name: /Oil, likely/ })).not.toContainText("…");
  await expect(page.getByRole("button", { name: "Get ready" })).toBeEnabled();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("button", { name: "Fix the plan first" })).toBeDisabled();
});

test("schools stand side by side with what each would come to", async ({ page }) => {
  await addCopperPot(page);
  await tapTo(page, "Plan");
  await choosePlant(page, "True lavender");
  await field(page, "Plant weight").fill("600");
  await page.getByRole("button", { name: "Ways of working" }).click();
  await page.getByRole("button", { name: /Gentle or brisk/ }).click();
  await expect(page.getByRole("button", { name: "Gentle", pressed: true })).toBeVisible();
  await expect(page.getByText(/visible oil · .* hydrosol · .* heating/)).toHaveCount(2);
  await page.getByRole("button", { name: "Brisk", exact: true }).click();
  await shutDoor(page);
  await expect(page.getByRole("table", { name: "Before and after" })).toContainText("Heating");
});

test("inputs that change quickly never show an old answer for a new question", async ({ page }) => {
  await addCopperPot(page);
  await tapTo(page, "Plan");
  await choosePlant(page, "True lavender");
  const have = field(page, "Plant weight");
  for (const mass of ["100", "900", "250", "1400", "333", "640"]) await have.fill(mass);
  const title = page.getByRole("heading", { level: 1, name: "True lavender, 640 g" });
  await expect(title).toBeVisible();
  await expect(visibleOil(page)).toBeVisible();
  const settled = await visibleOil(page).getAttribute("aria-label");
  await readAnew(page);
  await expect(title).toBeVisible();
  await expect(visibleOil(page)).toHaveAttribute("aria-label", settled!);
});

test("a calibration with water replaces the usual figures and says by how much", async ({
  page,
}) => {
  await addCopperPot(page);
  await page.getByRole("link", { name: /Copper pot/ }).click();
  await page.getByRole("link", { name: /Calibrate with water/ }).click();
  await field(page, "Water in the pot").fill("3");
  await field(page, "From heat on to a full boil").fill("200");
  await field(page, "Distillate in a minute, once it is steady").fill("21");
  await expect(page.getByRole("alert").first()).toContainText(
    "The time to boil: 200 min is longer",
  );
  await field(page, "From heat on to a full boil").fill("18");
  await expect(page.getByRole("table", { name: "Usual and measured" })).toContainText(
    "Reaches the pot",
  );
  await page.getByRole("button", { name: "Save calibration" }).click();
  await expect(page.getByRole("link", { name: /% reaches the pot/ })).toBeVisible();
});

test("a changed figure is marked as the person's own, and a plant of one's own can be planned", async ({
  page,
}) => {
  await addCopperPot(page);
  await goTo(page, "/bench/plants");
  await field(page, "Find").fill("clary");
  await page.getByRole("link", { name: /Clary sage/ }).click();
  await page.getByRole("button", { name: "Change figures" }).click();
  await field(page, "Oil, high").first().fill("0.2");
  await page.getByRole("button", { name: "Save figures" }).click();
  await expect(page.getByText("High must not be below low.")).toBeVisible();
  await field(page, "Oil, high").first().fill("3.1");
  await page.getByRole("button", { name: "Save figures" }).click();
  await expect(page.getByText("0.8–3.1 ✎")).toBeVisible();
  await readAnew(page);
  await expect(page.getByText("0.8–3.1 ✎")).toBeVisible();

  await goTo(page, "/bench/plants/new/figures");
  await page
    .getByLabel("Begin with the figures of")
    .selectOption({ label: "Spearmint, leafy tops" });
  await field(page, "Name").fill("Water mint");
  await field(page, "Two letters for lot codes").fill("wm");
  const first = page.getByRole("group", { name: "Part 1", exact: true });
  await first.getByLabel("Part", { exact: true }).selectOption({ label: "menthol" });
  await first.getByLabel("Share").fill("90");
  await page.getByRole("button", { name: "Save figures" }).click();
  await expect(page.getByRole("alert").first()).toContainText("they cannot be more than 100");
  await first.getByLabel("Share").fill("40");
  await field(page, "One on each line").fill("Not for small children.");
  await page.getByRole("button", { name: "Save figures" }).click();
  await expect(page.getByRole("heading", { name: "Water mint" })).toBeVisible();
  await expect(page.getByText("Not for small children. (yours)")).toBeVisible();
  await expect(page.getByRole("heading", { name: "Its oil (yours)" })).toBeVisible();
  await expect(page.getByRole("listitem").filter({ hasText: "menthol" })).toContainText("40 %");
  await page.getByRole("button", { name: "Plan a charge" }).click();
  await field(page, "Plant weight").fill("500");
  await expect(page.getByRole("heading", { name: "Water mint, 500 g" })).toBeVisible();
  await expect(visibleOil(page)).toBeVisible();
});

test("a tap straight after the last digit makes ready what was typed, not what was there before", async ({
  page,
}) => {
  await addCopperPot(page);
  await tapTo(page, "Plan");
  await choosePlant(page, "True lavender");
  await field(page, "Plant weight").fill("500");
  await expect(visibleOil(page)).toBeVisible();
  await field(page, "Plant weight").fill("650");
  await page.getByRole("button", { name: "Get ready" }).click();
  await expect(page.getByRole("heading", { name: "Get ready" })).toBeVisible();
  await expect(page.getByText(/650 g/).first()).toBeVisible();
});
