import { expect, type Page } from "@playwright/test";
import axe, { type RunOptions } from "axe-core";

/** What is one column on a wide screen too, and has the same parts there. */
export const oneColumn = new Set([
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
  /* Axe stays in the page until that is left: to send it takes longer than what it looks at. */
  if (!(await page.evaluate(() => "axe" in window))) await page.evaluate(axe.source);
  /* Nothing here has styles from elsewhere to fetch, and what is wrong is shown as it is written. */
  const options: RunOptions = { resultTypes: ["violations"], preload: false, selectors: false };
  if (shade === "dark") options.runOnly = ["color-contrast"];
  else if (wide) options.rules = { "color-contrast": { enabled: false } };
  const { violations } = await page.evaluate(
    (asked) => (window as never as { axe: typeof axe }).axe.run(document, asked),
    options,
  );
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

/**
 * Axe finds nothing serious on a phone, in daylight and at night. Colours are the same at either width: contrast, the
 * slowest to judge, is looked at here alone.
 */
export async function accessibleOnPhone(page: Page, address: string): Promise<void> {
  for (const shade of ["dark", "light"] as const) {
    await inShade(page, shade);
    expect.soft(await serious(page, shade, false), `${address}, ${shade}`).toEqual([]);
  }
}

/** Axe finds nothing serious where a wide screen has more beside it than a phone. */
export async function accessibleWide(page: Page, address: string): Promise<void> {
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
