import { AxeBuilder } from "@axe-core/playwright";
import { expect, type Page } from "@playwright/test";

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

/*
 * Colours are the same at either width: contrast, the slowest to judge, is looked at on the narrow one, by day and by
 * night.
 */

/** Axe finds nothing serious on a phone, in daylight and at night. */
export async function accessibleOnPhone(page: Page, address: string): Promise<void> {
  for (const shade of ["dark", "light"] as const) {
    await inShade(page, shade);
    expect.soft(await serious(page, shade, false), `${address}, ${shade}`).toEqual([]);
  }
}

/** Axe finds nothing serious where a wide screen has more beside it than a phone. */
export async function accessibleWide(page: Page, address: string): Promise<void> {
  if (!oneColumn.has(address))
    expect.soft(await serious(page, "light", true), `${address}, wide`).toEqual([]);
}

/* The device turns to night or day while the page is open, and the page with it. */
async function inShade(page: Page, shade: Shade): Promise<void> {
  await page.emulateMedia({ colorScheme: shade });
  await page.waitForFunction(
    (dark) => document.documentElement.classList.contains("dark") === dark,
    shade === "dark",
  );
}
