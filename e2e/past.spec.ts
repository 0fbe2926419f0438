import { expect, test, type Page } from "@playwright/test";
import { addCopperPot, choosePlant, field, tapTo, openDoor, readAnew } from "./steps";

/** A finger that is counted: each tap that is not typing. */
function counting(page: Page) {
  let taps = 0;
  return {
    taps: () => taps,
    async tap(name: string | RegExp, role: "button" | "link" | "option" | "combobox" = "button") {
      taps += 1;
      await page.getByRole(role, { name }).first().click();
    },
    async type(label: string, text: string) {
      taps += 1;
      await field(page, label).click();
      await page.keyboard.type(text);
    },
  };
}

test("a past run is entered by hand in ten taps, with its own day, and is worth as much as a watched one", async ({
  page,
}) => {
  await addCopperPot(page);
  const hand = counting(page);
  await hand.tap("Runs", "link");
  await hand.tap("Enter a past run");
  await page.getByLabel("Day").fill("2026-06-14");
  await hand.tap("Plant", "combobox");
  await page.keyboard.type("true lav");
  await hand.tap(/True lavender/, "option");
  await hand.type("Plant weight", "700");
  await hand.type("Oil", "6.5");
  await hand.type("Hydrosol", "800");
  await hand.type("Heat off", "75 min");
  await expect(page.getByText("✓ How much oil this plant holds")).toBeVisible();
  await hand.tap("Save run");
  expect(hand.taps()).toBeLessThanOrEqual(10);
  await expect(page.getByText("This run was entered afterwards.")).toBeVisible();
  await expect(page.getByText(/Run 1 · 14 June 2026/)).toBeVisible();
  await readAnew(page);
  await expect(page.getByText(/Run 1 · 14 June 2026/)).toBeVisible();
  /* Its lots are of that day, nothing is on the heat for it, and it speaks for the plant. */
  await page.getByRole("link", { name: /oil · 6\.50? mL/ }).click();
  await expect(page.getByText(/14 June? 2026/).first()).toBeVisible();
  await tapTo(page, "Today");
  await expect(page.getByText("Nothing on the heat")).toBeVisible();
  await tapTo(page, "Plan");
  await choosePlant(page, "True lavender");
  await field(page, "Plant weight").fill("700");
  await openDoor(page, / mL oil, /);
  await expect(page.getByText(/Your own run makes this range/)).toBeVisible();
});

test("a notebook as a table is matched, shown and taken in, dropped on the window like any file", async ({
  page,
}) => {
  await addCopperPot(page);
  const table =
    "Date,Plant,Weight (kg),Oil mL\r\n31/05/2026,True lavender,1.2,7\r\n2/6/2026,Clary sage,0.8,0.4\r\nnever,True lavender,1,2\r\n";
  const carried = await page.evaluateHandle((text) => {
    const data = new DataTransfer();
    data.items.add(new File([text], "notebook.csv", { type: "text/csv" }));
    return data;
  }, table);
  await page.dispatchEvent("body", "drop", { dataTransfer: carried });
  await expect(page.getByRole("heading", { name: "2 runs to take in" })).toBeVisible();
  await expect(page.getByText(/Row 4: Say which day it was/)).toBeVisible();
  await page.getByRole("button", { name: "Take in 2 runs" }).click();
  await expect(page.getByRole("link", { name: /True lavender/ })).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("No runs yet")).toBeVisible();
});
