import { expect, test } from "@playwright/test";
import {
  addCopperPot,
  addStill,
  choosePlant,
  field,
  goTo,
  openDoor,
  readAnew,
  shutDoor,
  stored,
  visibleOil,
  tapTo,
} from "./steps";

test("which notes come when: three jars, and a cut moved with its price", async ({ page }) => {
  await addCopperPot(page);
  await tapTo(page, "Plan");
  await choosePlant(page, "Peppermint");
  await field(page, "Plant weight").fill("800");
  await page.getByRole("button", { name: "Which notes come when" }).click();
  await expect(page.getByRole("img", { name: /First jar: .*; Middle: .*mint/ })).toBeVisible();
  const middle = page.getByText(/^Middle, to \d+ mL$/);
  const before = await middle.textContent();
  await page.getByRole("button", { name: /the last cut earlier/ }).click();
  await expect(middle).not.toHaveText(before ?? "");
  await expect(page.getByText(/^The middle is .* smaller/)).toBeVisible();
  await page.getByRole("button", { name: "As usual" }).click();
  await expect(middle).toHaveText(before ?? "");
});

test("a plant of low yield shows some oil, a root asks for hours and litres, and the plan says both", async ({
  page,
}) => {
  await addCopperPot(page);
  await addStill(page, "Glass flask, 2 L");
  await expect(page.getByRole("link", { name: /Glass flask, 2 L/ })).toBeVisible();
  await tapTo(page, "Plan");
  await choosePlant(page, "Orange blossom");
  await field(page, "Plant weight").fill("1000");
  await expect(visibleOil(page)).toBeVisible();
  await openDoor(page, /^hydrosol:/);
  await expect(field(page, "Hydrosol to keep")).toHaveAttribute("placeholder", "usual 1");
  await shutDoor(page);
  await choosePlant(page, "Vetiver");
  await expect(page.getByRole("heading", { level: 1, name: /^Vetiver/ })).toBeVisible();
  await openDoor(page, /^hydrosol:/);
  await expect(field(page, "Hydrosol to keep")).toHaveAttribute("placeholder", "usual 8");
  await field(page, "Hydrosol to keep").fill("2");
  await stored(page, /^setting/, '"ratioText":"2"');
  await readAnew(page);
  await openDoor(page, /^hydrosol:/);
  await expect(field(page, "Hydrosol to keep")).toHaveValue("2");
});

test("a plant's page warns by what it is, and a dilution is held to its maximum", async ({
  page,
}) => {
  await goTo(page, "/bench/plants/pennyroyal");
  await expect(page.getByRole("heading", { name: "With care" })).toBeVisible();
  await expect(page.getByText(/Poison to cats/)).toBeVisible();
  await expect(page.getByText("Not on skin at all.")).toBeVisible();
  await goTo(page, "/bench/plants/thymelinalool");
  await expect(page.getByRole("heading", { name: "Thyme, linalool kind" })).toBeVisible();
  await goTo(page, "/bench/calculator");
  const dilution = page
    .getByRole("heading", { name: "How much oil for a dilution?" })
    .locator("..");
  await dilution.getByLabel("Plant").selectOption("cinnamonbark");
  await dilution.getByRole("textbox", { name: "Share of oil" }).fill("1");
  await expect(dilution.getByText("Too much: 0.07 % at most")).toBeVisible();
});
