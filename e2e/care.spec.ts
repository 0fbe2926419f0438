import { expect, test } from "@playwright/test";
import {
  addCopperPot,
  choosePlant,
  field,
  goTo,
  heatOffEarly,
  lightIt,
  stored,
  tapTo,
} from "./steps";

test("a poisonous plant's way from plan to label: one's own word, cautions first, how its water was filled, a failed check", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
  await addCopperPot(page);
  await tapTo(page, "Plan");
  await choosePlant(page, "Pennyroyal");
  await field(page, "Plant weight").fill("600");
  await expect(page.getByText(/Pennyroyal is poisonous/)).toBeVisible();
  await expect(page.getByRole("button", { name: "Fix the plan first" })).toBeDisabled();
  await field(page, "My reason to go on").fill("against moths, kept locked away");
  await page.getByRole("button", { name: "Get ready" }).click();
  await expect(page.getByRole("heading", { name: "Get ready" })).toBeVisible();
  /* A gas ring asks for joints, cylinder and bad air. */
  await expect(page.getByText(/Gas joints blow no bubbles under soap/)).toBeVisible();
  await expect(page.getByText(/carbon monoxide alarm/).first()).toBeVisible();
  await lightIt(page);
  await page.clock.fastForward("18:00");
  await page.getByRole("button", { name: "It boils" }).click();
  await page.clock.fastForward("04:00");
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  await page.clock.fastForward("40:00");
  await heatOffEarly(page);
  await page.getByRole("button", { name: "Separate" }).click();
  await field(page, "Oil").fill("2");
  await field(page, "Hydrosol, all of it").fill("600");
  await page.getByRole("button", { name: "Save result" }).click();
  await expect(page.getByRole("heading", { name: "Pennyroyal oil" })).toBeVisible();
  await expect(page.getByText("Not on skin at all.").first()).toBeVisible();

  /* Its water: not to drink stands first; filled hot, and the bottle says so. */
  await page.getByRole("link", { name: /Also from this run: hydrosol/ }).click();
  await expect(page.getByRole("heading", { name: "Pennyroyal hydrosol" })).toBeVisible();
  await expect(page.getByText(/Not to drink, and not in food/)).toBeVisible();
  await page.getByRole("button", { name: "Bottle 600 mL" }).click();
  const rule = page.getByText(/^A rule, not a promise/);
  const before = await rule.textContent();
  await page.getByRole("button", { name: /^How clean, and what was added/ }).click();
  await page.getByRole("radio", { name: "Hot, boiled bottle" }).click();
  await expect(rule).not.toHaveText(before ?? "");
  await page.getByRole("button", { name: "Add to shelf" }).click();
  await page.getByRole("button", { name: /^What moves its best-by/ }).click();
  await expect(page.getByText(/filled into a boiled bottle, hot/)).toBeVisible();

  /* A check that fails says what to do. */
  await page.getByRole("button", { name: "Check it" }).click();
  await page.getByText("A film that is not oil").click();
  await page.getByRole("button", { name: "Save check" }).click();
  await expect(
    page.getByText(/Throw away\. There is a film on it that is not oil/).first(),
  ).toBeVisible();

  /* The label, small as it is, says the gravest. */
  await page.getByRole("button", { name: "Labels" }).click();
  const label = page.getByRole("img", { name: /^Label: Pennyroyal/ });
  await expect(label).toHaveAttribute("aria-label", /not to drink/i);
  await expect(label).toHaveAttribute("aria-label", /not in pregnancy/);
});

test("an oil is measured, held against its plant, and its chromatogram becomes the plan's make-up", async ({
  page,
}) => {
  await goTo(page, "/shelf/demo-lot-28-oil?logbook=demo");
  await page.getByRole("button", { name: "Measure it" }).click();
  await page.getByLabel("Chromatogram file").setInputFiles({
    name: "gc.csv",
    mimeType: "text/csv",
    buffer: Buffer.from(
      "Name,Area %\nalpha-Pinene,41\nMyrcene,12\nSabinene,9\nTerpinen-4-ol,5\nLimonene,4\nGermacrene D,3\nUnknown,3\n",
    ),
  });
  await expect(
    page.getByText(/6 compounds read; not known by name: Unknown \(3 %\)/),
  ).toBeVisible();
  await field(page, "Density, water is 1").fill("0.858");
  await page.getByRole("button", { name: "Save what was measured" }).click();
  await expect(
    page.getByText("Note: It is as this oil should be, by what was measured."),
  ).toBeVisible();
  await expect(page.getByRole("img", { name: /^Density: 0\.858 g\/mL, within/ })).toBeVisible();
  await page.getByRole("button", { name: "Plan Juniper berry with this make-up" }).click();
  await expect(page.getByText("Your Juniper berry is planned with this make-up.")).toBeVisible();
  await stored(page, /^material/, "0.41", "sereno-demo");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(
    page.getByRole("button", { name: "Plan Juniper berry with this make-up" }),
  ).toBeVisible();
});
