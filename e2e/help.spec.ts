import { expect, test } from "@playwright/test";
import { readFileSync } from "node:fs";
import { field, goTo, stored } from "./steps";

test("a question leads to its steps and its place, a word to the lines that hold it, a page's words to its part of the guide", async ({
  page,
}) => {
  await goTo(page, "/bench?logbook=demo");
  await page.getByRole("link", { name: /^Guide/ }).click();
  await page.getByRole("button", { name: /How do I keep my logbook safe/ }).click();
  const picture = page.getByRole("img", { name: "Save and bring in" });
  await picture.scrollIntoViewIfNeeded();
  await expect(picture).toBeVisible();
  await page.getByRole("link", { name: "Data", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Data" })).toBeVisible();
  await page.goBack();
  await page.getByRole("radio", { name: "The whole guide" }).click();
  await field(page, "Find").fill("haze");
  await expect(page.getByText(/the haze that never settles/)).toBeVisible();
  await goTo(page, "/shelf/demo-lot-28-oil");
  await page.getByRole("button", { name: "Words and figures here" }).click();
  await page.getByRole("link", { name: "This page in the guide" }).click();
  await expect(page.getByText(/proposes sizes from the empties/)).toBeVisible();
});

test("a worked-out figure, tapped, says how it comes about and leads to the guide", async ({
  page,
}) => {
  await goTo(page, "/runs/demo-run-12?logbook=demo");
  await page.getByRole("button", { name: "Yield", exact: true }).click();
  const sheet = page.getByRole("dialog", { name: "Yield" });
  await expect(sheet.getByText(/^Measured oil by the weight of plant\./)).toBeVisible();
  await sheet.getByRole("button", { name: "Close" }).click();
  await expect(sheet).toBeHidden();
  await goTo(page, "/shelf/demo-lot-28-oil");
  await page.getByRole("button", { name: /^best by / }).click();
  await expect(page.getByText(/shortened by warmth, light, air and opening/)).toBeVisible();
  await page.getByRole("link", { name: "More in the guide" }).click();
  await expect(page.getByText(/proposes sizes from the empties/)).toBeVisible();
});

test("a chart is read where a finger lies, and saved as a drawing and as figures", async ({
  page,
}) => {
  await goTo(page, "/runs/compare?ids=demo-run-11,demo-run-12&logbook=demo");
  const chart = page.getByRole("slider", { name: /^Read runs beside/ });
  await chart.scrollIntoViewIfNeeded();
  await expect(page.getByText("Touch the drawing to read it.").first()).toBeVisible();
  await chart.click();
  await expect(page.getByText(/^\d+ minutes · .*: [\d.]+, .*: [\d.]+$/)).toBeVisible();
  const drawing = page.waitForEvent("download");
  await page.getByRole("button", { name: /^SVG: save the drawing of runs/ }).click();
  const svg = readFileSync(await (await drawing).path(), "utf8");
  expect(svg).toMatch(/^<svg [^>]*xmlns=/);
  expect(svg).not.toContain("var(");
  const figures = page.waitForEvent("download");
  await page.getByRole("button", { name: /^CSV: save the figures of runs/ }).click();
  const csv = readFileSync(await (await figures).path(), "utf8");
  expect(csv.split("\r\n")[0]).toMatch(/^minutes from the first drop,/);
  expect(csv.split("\r\n").length).toBeGreaterThan(10);
});

test("several bottles are moved in one step and taken back in one", async ({ page }) => {
  await goTo(page, "/shelf?logbook=demo");
  await field(page, "Find").fill("juniper");
  await expect(page.getByRole("listitem", { name: /True lavender/ })).toHaveCount(0);
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("button", { name: "Several at once" }).click();
  await page.getByText(/^All \d+ shown$/).click();
  await page.getByRole("button", { name: /^Move \d+ bottles/ }).click();
  await field(page, "New place").fill("attic");
  await page.getByRole("button", { name: "Move", exact: true }).click();
  await expect(page.getByText(/^\d+ bottles moved\.$/)).toBeVisible();
  await stored(page, /^bottle/, "attic", "sereno-demo");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("attic")).toHaveCount(0);
});

test("a long list stands where it was left", async ({ page }) => {
  await goTo(page, "/bench?logbook=demo");
  await page.getByRole("link", { name: /^Plants/ }).click();
  const last = page.getByRole("link", { name: /^Yarrow flowering tops/ });
  await page.mouse.move(200, 500);
  await expect(async () => {
    await page.mouse.wheel(0, 3000);
    await expect(last).toBeInViewport({ timeout: 100 });
  }).toPass({ intervals: [50] });
  await last.hover();
  const place = async () => Math.round((await last.boundingBox())?.y ?? NaN);
  const left = await place();
  await last.click();
  await expect(page.getByRole("heading", { name: "Yarrow", level: 1 })).toBeVisible();
  await page.getByRole("link", { name: "Plants", exact: true }).click();
  await expect.poll(place).toBe(left);
});
