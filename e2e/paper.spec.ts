import { expect, test, type Page } from "@playwright/test";
import { addCopperPot, choosePlant, field, goTo, lightIt, planLavender } from "./steps";

const wideSpacing =
  "* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important; }";

/** Texts of a screen of which a part is cut off. */
function cutTexts(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const cut: string[] = [];
    for (const element of document.querySelectorAll<HTMLElement>("main *")) {
      const style = getComputedStyle(element);
      const hides = style.overflowX !== "visible" || style.textOverflow === "ellipsis";
      const isField = element instanceof HTMLInputElement;
      const own = isField
        ? element.value
        : [...element.childNodes].some(({ nodeType }) => nodeType === Node.TEXT_NODE)
          ? (element.textContent ?? "")
          : "";
      if (own === "" || element.closest("svg") || style.display === "inline") continue;
      const wider = element.scrollWidth > element.clientWidth + 1;
      const higher =
        element.scrollHeight > element.clientHeight + 2 && style.overflowY === "hidden";
      if ((hides || isField) && (wider || higher)) cut.push(own.slice(0, 60));
    }
    return cut;
  });
}

test("no text is cut at 320 px, nor with wide spacing, and nothing scrolls sideways", async ({
  page,
}) => {
  await addCopperPot(page);
  await planLavender(page, "600");
  await lightIt(page);
  await page.getByRole("button", { name: "It boils" }).click();
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Distilling" })).toBeVisible();
  const cockpit = page.url();
  await page.setViewportSize({ width: 320, height: 700 });
  for (const path of [
    cockpit,
    "/",
    "/plan",
    "/runs",
    "/bench",
    "/shelf",
    "/runs/past",
    "/runs/together",
    "/find",
    "/bench/data",
    cockpit.replace("watch", "ready"),
  ]) {
    await goTo(page, path);
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    if (path === "/plan") {
      await choosePlant(page, "True lavender");
      await field(page, "Plant weight").fill("1250");
    }
    for (const spaced of [false, true]) {
      if (spaced) await page.addStyleTag({ content: wideSpacing });
      await expect
        .poll(() => cutTexts(page), { message: `${path}, spaced: ${spaced}` })
        .toEqual([]);
      const sideways = await page.evaluate(
        () => document.documentElement.scrollWidth - window.innerWidth,
      );
      expect(sideways, `${path} scrolls sideways`).toBeLessThanOrEqual(0);
    }
  }
});

test("a run sheet with still, log, readings and yield is one printed page, from a phone and from a wide screen", async ({
  page,
}) => {
  for (const width of [390, 1280]) {
    await page.setViewportSize({ width, height: 844 });
    await goTo(page, "/runs/demo-run-14?logbook=demo");
    await expect(page.getByText("What its readings teach")).toBeVisible();
    await page.emulateMedia({ media: "print" });
    const pdf = (await page.pdf({ format: "A4" })).toString("latin1");
    expect([...pdf.matchAll(/\/Type\s*\/Page\b/g)]).toHaveLength(1);
    await page.emulateMedia({ media: "screen" });
  }
});

test("runs and shelf are printed whole, on as many pages as they need", async ({ page }) => {
  for (const [path, shows, pages] of [
    ["/runs?logbook=demo", "31 · ", 2],
    ["/shelf", "fridge door · ", 1],
  ] as const) {
    await goTo(page, path);
    await expect(page.getByText(shows).first()).toBeVisible();
    await page.emulateMedia({ media: "print" });
    await expect(page.getByText("Demonstration: Vesper Croft")).toBeHidden();
    await expect(page.getByRole("navigation")).toBeHidden();
    const pdf = (await page.pdf({ format: "A4" })).toString("latin1");
    expect([...pdf.matchAll(/\/Type\s*\/Page\b/g)].length).toBeGreaterThanOrEqual(pages);
    await page.emulateMedia({ media: "screen" });
  }
  /* Every bottle of every board, though only the first were drawn on the screen. */
  const boards = await page.getByRole("heading", { level: 2 }).allTextContents();
  const bottles = boards.reduce((sum, board) => sum + Number(board.split(" · ")[1]), 0);
  expect(bottles).toBeGreaterThan(50);
  await expect(page.getByLabel(/ left, /)).toHaveCount(bottles, { timeout: 2000 });
});

test("with the device's own few colours a chosen option and the night cockpit's drawings are seen", async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: "active", colorScheme: "dark" });
  await goTo(page, "/bench?logbook=demo");
  const chosen = page.getByRole("radio", { checked: true }).first();
  const other = page.getByRole("radio", { checked: false }).first();
  const ground = (of: typeof chosen) =>
    of.evaluate((element) => getComputedStyle(element).backgroundColor);
  expect(await ground(chosen)).not.toBe(await ground(other));
  await goTo(page, "/runs/demo-run-31/watch");
  const line = page.locator("svg path[stroke]").first();
  await expect(line).toBeVisible();
  const [stroke, behind] = await line.evaluate((element) => [
    getComputedStyle(element).stroke,
    getComputedStyle(document.body).backgroundColor,
  ]);
  expect(stroke).not.toBe(behind);
});
