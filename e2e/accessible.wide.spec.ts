import { AxeBuilder } from "@axe-core/playwright";
import { expect, test, type Page } from "@playwright/test";
import { choosePlant, goTo, visit } from "./steps";

const screens = [
  "/",
  "/plan",
  "/runs",
  "/runs/demo-run-14",
  "/runs/demo-run-31/watch",
  "/runs/demo-run-31/ready",
  "/runs/demo-run-30/separate",
  "/shelf",
  "/shelf/demo-lot-28-oil",
  "/shelf/demo-lot-7-hydrosol",
  "/shelf/labels",
  "/shelf/season",
  "/runs/learn",
  "/runs/learn?trial=demo-trial-1",
  "/runs/learn?sniff=demo-sniff-1",
  "/runs/learn?plant=clarysage",
  "/runs/compare?ids=demo-run-11,demo-run-12,demo-run-15",
  "/harvests",
  "/harvests/demo-harvest-14",
  "/harvests/calendar",
  "/bench",
  "/bench/stills/demo-still-1",
  "/bench/data",
  "/bench/plants",
  "/bench/plants/clarysage",
  "/bench/plants/clarysage/figures",
  "/bench/calculator",
  "/bench/stills/demo-still-1/calibrate",
  "/runs/together",
  "/runs/past",
  "/runs/table",
  "/find",
  "/plan/day",
  "/plan/day/demo-day-1",
  "/bench/practice",
];

/* What is one column on a wide screen too has the same parts there. */
const oneColumn = new Set([
  "/runs/demo-run-31/ready",
  "/shelf/demo-lot-7-hydrosol",
  "/runs/learn",
  "/runs/learn?sniff=demo-sniff-1",
  "/runs/learn?plant=clarysage",
  "/harvests",
  "/harvests/calendar",
  "/bench/data",
  "/bench/plants",
  "/bench/plants/clarysage",
  "/bench/calculator",
  "/bench/stills/demo-still-1/calibrate",
]);

type Shade = "light" | "dark";

/* Colours are the same at either width: contrast, the slowest to judge, is looked at on the narrow one, by day and night. */
async function serious(page: Page, shade: Shade, wide: boolean): Promise<string[]> {
  /* There are no frames to look into: what judges them opens a page of its own for each screen. */
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ["violations"] });
  if (shade === "dark") axe.withRules(["color-contrast"]);
  else if (wide) axe.disableRules(["color-contrast"]);
  const { violations } = await axe.analyze();
  return violations
    .filter(({ impact }) => impact === "serious" || impact === "critical")
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .slice(0, 3)
          .map(({ html }) => html.slice(0, 160))
          .join(" | ")}`,
    );
}

const sizes = [
  { width: 390, height: 844 },
  { width: 1280, height: 800 },
];
/* So many screens share one browser and one demonstration. */
const perTest = 8;
for (const viewport of sizes) {
  const wide = viewport.width > 900;
  const looked = screens.filter((address) => !wide || !oneColumn.has(address));
  for (let from = 0; from < looked.length; from += perTest) {
    const some = looked.slice(from, from + perTest);
    test(`axe finds nothing serious, ${viewport.width} wide: ${some.join(", ")}`, async ({
      browser,
      baseURL,
    }) => {
      test.setTimeout(200_000);
      const context = await browser.newContext({ viewport, baseURL, reducedMotion: "reduce" });
      const page = await context.newPage();
      /* After dusk the cockpit is dark whatever the device says. */
      await page.clock.setSystemTime(new Date().setHours(12, 0));
      await goTo(page, "/?logbook=demo");
      await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
      for (const address of some) await lookAt(page, address, wide);
      await context.close();
    });
  }
}

async function lookAt(page: Page, address: string, wide: boolean): Promise<void> {
  await inShade(page, "light");
  await visit(page, address);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  if (address === "/shelf/labels")
    await expect(page.getByRole("button", { name: /^Save \d+ labels/ })).toBeEnabled();
  if (address === "/plan") {
    await choosePlant(page, "Clary sage");
    await page.getByRole("textbox", { name: "Plant weight" }).fill("900");
    await expect(page.getByText(/^likely \d/).first()).toBeVisible();
  }
  expect(await serious(page, "light", wide), `${address} by day`).toEqual([]);
  if (wide) return;
  await inShade(page, "dark");
  expect(await serious(page, "dark", wide), `${address} by night`).toEqual([]);
}

/* The device turns to night or day while the page is open, and the page with it. */
async function inShade(page: Page, shade: Shade): Promise<void> {
  await page.emulateMedia({ colorScheme: shade });
  await page.waitForFunction(
    (dark) => document.documentElement.classList.contains("dark") === dark,
    shade === "dark",
  );
}
