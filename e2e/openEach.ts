import { expect, type Page } from "@playwright/test";

/** What opens a list, a menu or a sheet. */
const openers = '[role="combobox"]:not(select), [aria-haspopup="dialog"]';

/** Waits until a page has its title and takes every tap. */
export async function settled(page: Page): Promise<void> {
  await expect(page.locator("h1").first()).toBeVisible();
  await expect(page.locator("[data-shield]")).toHaveCount(0);
}

/** Opens every list and sheet of a page, one after the other, and looks at each by what opened it. */
export async function openEach(page: Page, look: (opener: string) => Promise<void>): Promise<void> {
  /* What opens is asked for once: each question by itself takes as long as the opening. */
  const names = await page
    .locator(openers)
    .evaluateAll((all) =>
      all.map((opener) =>
        opener.checkVisibility({ checkVisibilityCSS: true }) &&
        !opener.matches(':disabled, [aria-disabled="true"]')
          ? (opener.getAttribute("aria-label") ?? (opener as HTMLElement).innerText)
          : null,
      ),
    );
  const opened = page.locator('[role="dialog"], [role="listbox"]:popover-open');
  for (const [i, name] of names.entries()) {
    if (name === null) continue;
    await page.locator(openers).nth(i).click();
    await expect(opened.first(), name).toBeVisible();
    await look(name);
    await page.keyboard.press("Escape");
    await expect(opened, name).toHaveCount(0);
    await settled(page);
  }
}

/** Opens every fold of a page. */
export async function unfold(page: Page): Promise<void> {
  const folds = page.locator('[role="button"][aria-expanded="false"]');
  for (let closed = await folds.count(); closed > 0; closed -= 1) await folds.first().click();
}
