import { expect, test, type Browser, type Page } from "@playwright/test";
import {
  addCopperPot,
  addPicture,
  field,
  goTo,
  lightIt,
  planLavender,
  readAnew,
  stored,
} from "./steps";

/** Another device: a browser with nothing in it. */
async function device(browser: Browser): Promise<Page> {
  const context = await browser.newContext({ locale: "en-GB", timezoneId: "Europe/Lisbon" });
  return context.newPage();
}

async function nameIt(page: Page, name: string): Promise<void> {
  await goTo(page, "/bench/data");
  await field(page, "Name of this device").fill(name);
  await stored(page, /^share\/device$/, name);
}

/** Pairs two devices as two people do: one shows a code, the other types it. */
async function pair(shed: Page, kitchen: Page): Promise<void> {
  await nameIt(shed, "Shed phone");
  await nameIt(kitchen, "Kitchen laptop");
  await shed.getByRole("button", { name: "Show a code" }).click();
  const code = await shed.getByText(/^[2-9A-Z]{4}-[2-9A-Z]{4}-[2-9A-Z]{4}$/).textContent();
  await kitchen.getByRole("button", { name: "Enter a code" }).click();
  await field(kitchen, "Code").fill(code!.toLowerCase());
  await kitchen.getByRole("button", { name: "Pair", exact: true }).click();
  await expect(kitchen.getByText(/^Paired with Shed phone/)).toBeVisible();
  await expect(shed.getByText(/^Paired with Kitchen laptop/)).toBeVisible();
  for (const page of [shed, kitchen]) {
    await page.getByRole("button", { name: "Close" }).click();
    await expect(page.getByText(/^Connected: what is noted/)).toBeVisible();
    await expect(page.getByText(/^Both last had the same at/)).toBeVisible();
  }
}

async function note(page: Page, text: string): Promise<void> {
  await page.getByRole("button", { name: "Note", exact: true }).click();
  await field(page, "What you saw, smelt or did").fill(text);
  await page.getByRole("button", { name: "Save entry" }).click();
  await expect(page.getByRole("dialog")).toHaveCount(0);
}

test("two devices share one logbook: live, cut in mid-run and brought together again, and parted", async ({
  page: shed,
  browser,
}) => {
  test.setTimeout(150_000);
  const kitchen = await device(browser);
  await addCopperPot(shed);
  await planLavender(shed, "700");
  await lightIt(shed);
  const cockpit = new URL(shed.url()).pathname;
  await pair(shed, kitchen);

  /* What was there before the pairing is there; what is tapped at the still is on the laptop at once. */
  await goTo(kitchen, cockpit);
  await expect(kitchen.getByRole("heading", { name: "Heating up" })).toBeVisible();
  await goTo(shed, cockpit);
  await shed.getByRole("button", { name: "It boils" }).click();
  await expect(kitchen.getByRole("heading", { name: "Warming the charge" })).toBeVisible();
  await kitchen.getByRole("button", { name: "First drop", exact: true }).click();
  await expect(shed.getByRole("heading", { name: "Distilling" })).toBeVisible();

  /* A picture that is taken on one is on the other. */
  const sheet = cockpit.replace("/watch", "");
  await goTo(kitchen, sheet);
  await goTo(shed, sheet);
  await addPicture(shed);
  await expect(kitchen.getByRole("img", { name: /picture 1 of 1/ })).toBeVisible();
  await goTo(kitchen, cockpit);
  await goTo(shed, cockpit);

  /* Cut: each goes on alone, and both notes stand in the end. */
  await shed.context().setOffline(true);
  await note(shed, "smells of hay");
  await note(kitchen, "ice is short");
  await shed.context().setOffline(false);
  for (const page of [shed, kitchen]) {
    await expect(page.getByRole("button", { name: "Log, 5" })).toBeVisible();
    await page.getByRole("button", { name: "Log, 5" }).click();
    await expect(page.getByText("smells of hay · Shed phone")).toBeVisible();
    await expect(page.getByText("ice is short · Kitchen laptop")).toBeVisible();
    await page.getByRole("button", { name: "Close" }).click();
  }

  /* It rings where it was chosen to, which both show. */
  await shed.getByLabel("Cues sound on").selectOption({ label: "Kitchen laptop" });
  await expect(kitchen.getByLabel("Cues sound on").locator("option:checked")).toHaveText(
    "This device",
  );

  /* A reload, and it goes on. */
  await readAnew(kitchen);
  await note(shed, "after a reload");
  await expect(kitchen.getByRole("button", { name: "Log, 6" })).toBeVisible();

  /* Another tab of one device leaves the line to the first, and says so. */
  const second = await kitchen.context().newPage();
  await goTo(second, "/bench/data");
  await expect(second.getByText("Shared by another tab of this browser.")).toBeVisible();
  await second.close();

  /* Ended on one side it is ended on both; each keeps what it has, and nothing more is shared. */
  await goTo(kitchen, "/bench/data");
  await goTo(shed, "/bench/data");
  await shed.getByRole("button", { name: "End pairing with Kitchen laptop" }).click();
  await expect(shed.getByText("Kitchen laptop")).toHaveCount(0);
  await expect(kitchen.getByText(/^Ended\. Both keep/)).toBeVisible();
  await goTo(shed, cockpit);
  await note(shed, "only here");
  await goTo(kitchen, cockpit);
  await expect(kitchen.getByRole("button", { name: "Log, 6" })).toBeVisible();
});

test("a scanned code opens the field with it, and pairs with one tap; used once it is worth nothing", async ({
  page: shed,
  browser,
}) => {
  const kitchen = await device(browser);
  await goTo(shed, "/bench/data");
  await shed.getByRole("button", { name: "Show a code" }).click();
  const code = await shed.getByText(/^[2-9A-Z]{4}-[2-9A-Z]{4}-[2-9A-Z]{4}$/).textContent();
  await goTo(kitchen, `/bench/data#pair=${code}`);
  await expect(field(kitchen, "Code")).toHaveValue(code!);
  await kitchen.getByRole("button", { name: "Pair", exact: true }).dblclick();
  await expect(kitchen.getByText(/^Paired with Computer/)).toBeVisible();
  await kitchen.getByRole("button", { name: "Close" }).click();
  await expect(kitchen.getByText(/^Connected: what is noted/)).toBeVisible();
  const third = await device(browser);
  await goTo(third, `/bench/data#pair=${code}`);
  await third.getByRole("button", { name: "Pair", exact: true }).click();
  await expect(third.getByText(/^This code was used or has run out/)).toBeVisible();
});

test("a code that is none, and one that nobody shows, are told apart", async ({ page }) => {
  await goTo(page, "/bench/data");
  await page.getByRole("button", { name: "Enter a code" }).click();
  await field(page, "Code").fill("K7QM-4XR0");
  await page.getByRole("button", { name: "Pair", exact: true }).click();
  await expect(
    page.getByText("A pairing code has no 0. Look at the other screen again."),
  ).toBeVisible();
  await field(page, "Code").fill("K7QM-4XR");
  await page.getByRole("button", { name: "Pair", exact: true }).click();
  await expect(
    page.getByText("A pairing code has 12 letters and digits; this has 7."),
  ).toBeVisible();
});
