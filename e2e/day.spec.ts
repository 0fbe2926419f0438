import { expect, test, type Page } from "@playwright/test";
import { addCopperPot, addStill, field, goTo, lightIt, tapBehind, tapTo } from "./steps";

/** A harvest of lavender as it is cut, noted on its own page. */
async function cutLavender(page: Page, grams: string): Promise<void> {
  await tapTo(page, "Today");
  await page.getByRole("link", { name: /^Cut already\?/ }).click();
  await page.getByRole("button", { name: "Note a harvest" }).click();
  await page.getByRole("dialog").getByLabel("Plant", { exact: true }).selectOption("lavender");
  await field(page, "All of it weighs").fill(grams);
  await page.getByRole("button", { name: "Note it" }).click();
  await expect(page.getByRole("heading", { name: "True lavender" })).toBeVisible();
}

/** Two stills, a harvest and a plant that is not cut yet, laid out over one day. */
async function layOut(page: Page): Promise<void> {
  await addCopperPot(page);
  await addStill(page, "Steel pot, 25 L");
  await cutLavender(page, "1500");
  await tapBehind(page, "Plan a whole day");
  await page.getByText(/1\.50? kg of True lavender/).click();
  await page.getByRole("button", { name: "Add a plant that is not cut yet" }).click();
  const box = page.getByRole("combobox", { name: "Plant 1" });
  await box.click();
  await box.fill("Peppermint");
  await page.getByRole("option", { name: /^Peppermint/ }).click();
  await field(page, "Weight").fill("1600");
  await page.getByRole("button", { name: "Plan the day" }).click();
  await expect(page.getByText(/the last still is empty at .*, nothing late\.$/)).toBeVisible();
}

const bars = (page: Page) => page.locator("[data-charge]");
/** When a charge is loaded, as its bar says. */
async function loadedAt(page: Page, at: number): Promise<string> {
  const spoken = await bars(page).nth(at).getAttribute("aria-label");
  return /load (\d?\d:\d\d)/.exec(spoken ?? "")?.[1] ?? "";
}

test("a day of two stills: laid out, moved by finger and by keys, lit late and laid out anew", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-07-14T06:30:00") });
  await layOut(page);
  expect(await bars(page).count()).toBeGreaterThan(2);

  /* What could be otherwise. */
  await page.getByRole("button", { name: "Work it out" }).click();
  await expect(page.getByRole("cell", { name: "Another pair of hands" })).toBeVisible();
  await expect(page.getByRole("cell", { name: "An hour earlier" })).toBeVisible();
  await expect(page.getByRole("cell", { name: "Without Steel pot, 25 L" })).toBeVisible();
  await expect(page.getByRole("cell", { name: "Without Copper pot, 12 L" })).toBeVisible();

  /* On paper: what to do when, with boxes to tick, and neither chart nor buttons. */
  const onPaper = page.getByText(/^Load: True lavender 1, .* · /);
  await expect(onPaper).toBeHidden();
  await page.emulateMedia({ media: "print" });
  await expect(onPaper).toBeVisible();
  await expect(bars(page).first()).toBeHidden();
  await page.emulateMedia({ media: "screen" });

  /* A finger on its grip takes a charge two hours down. */
  const last = (await bars(page).count()) - 1;
  const before = await loadedAt(page, last);
  const grip = bars(page).nth(last).locator("[data-grip]");
  await grip.scrollIntoViewIfNeeded();
  const at = (await grip.boundingBox())!;
  const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
  const finger = await page.context().newCDPSession(page);
  const touch = (type: "touchStart" | "touchMove" | "touchEnd", dy: number) =>
    finger.send("Input.dispatchTouchEvent", {
      type,
      touchPoints: type === "touchEnd" ? [] : [{ x, y: y + dy }],
    });
  await touch("touchStart", 0);
  for (const dy of [20, 60, 116]) await touch("touchMove", dy);
  await touch("touchEnd", 116);
  await expect(page.getByText("Moved. It keeps this time.")).toBeVisible();
  await expect(bars(page).nth(last)).toHaveAttribute("aria-label", /, keeps its time$/);
  const after = await loadedAt(page, last);
  expect(minutes(after) - minutes(before)).toBeGreaterThanOrEqual(100);

  /* The keys take it five minutes further; where it cannot lie, that is said. */
  await bars(page).nth(last).focus();
  for (let press = 0; press < 4; press += 1) await page.keyboard.press("ArrowDown");
  await expect.poll(async () => minutes(await loadedAt(page, last)) - minutes(after)).toBe(20);
  await bars(page).nth(last).click();
  await page.getByLabel("Load it at").fill("07:00");
  await page.getByRole("button", { name: "Move it" }).click();
  await expect(
    page.getByText(/It now has the nearest free time|^\d+ charges/).first(),
  ).toBeVisible();

  /* Its first charge is planned from here, and lit an hour late. */
  await bars(page).first().click();
  const sheet = page.getByRole("dialog");
  await sheet.getByRole("button", { name: "Plan this charge" }).click();
  await page.getByRole("button", { name: "Get ready" }).click();
  await expect(page.getByRole("heading", { name: "Get ready" })).toBeVisible();
  await page.clock.setSystemTime(new Date("2026-07-14T08:20:00"));
  await lightIt(page);
  await goTo(page, "/plan/day");
  await page.getByRole("link", { name: /charges? on 2 stills/ }).click();
  await expect(page.getByText("The day no longer goes as planned.")).toBeVisible();
  /* What the still on the heat asks for stands on the day's page, and the day among what is due at the stills. */
  await expect(page.getByRole("heading", { name: "At the stills now" })).toBeVisible();
  await page.getByRole("button", { name: "All on the heat" }).click();
  await expect(
    page
      .getByRole("listitem")
      .filter({ hasText: /^\d?\d:\d\d load: / })
      .first(),
  ).toBeVisible();
  await page.goBack();
  await page.getByRole("button", { name: "Plan the rest again" }).click();
  await expect(page.getByText("The rest is planned again.")).toBeVisible();
  await tapTo(page, "Today");
  await expect(page.getByRole("link", { name: /^Next: \d?\d:\d\d/ })).toBeVisible();
});

test("what cannot be laid out is said: nothing chosen, no still, more than a charge's weight", async ({
  page,
}) => {
  await addCopperPot(page);
  await goTo(page, "/plan/day");
  await page.getByRole("button", { name: "Plan the day" }).click();
  await expect(page.getByText("Choose what is to be distilled.")).toBeVisible();
  await page.getByRole("button", { name: "Add a plant that is not cut yet" }).click();
  await page.getByRole("button", { name: "Plan the day" }).click();
  await expect(page.getByText("Choose the plant.")).toBeVisible();
  await page.getByText("Copper pot, 12 L").click();
  await page.getByRole("button", { name: "Plan the day" }).click();
  await expect(page.getByText("Choose one still at least.")).toBeVisible();
});

function minutes(clock: string): number {
  const [hours = 0, rest = 0] = clock.split(":").map(Number);
  return hours * 60 + rest;
}
