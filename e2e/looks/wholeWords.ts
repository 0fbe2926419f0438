import { expect, type Page } from "@playwright/test";

/** Words that go on in the next line without a hyphen. */
function brokenWords(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const broken: string[] = [];
    const texts = document.createTreeWalker(document.querySelector("main")!, NodeFilter.SHOW_TEXT);
    for (let node = texts.nextNode(); node; node = texts.nextNode()) {
      if (!node.parentElement?.checkVisibility() || node.parentElement.closest("svg, select"))
        continue;
      for (const { 0: word, index } of (node.textContent ?? "").matchAll(/[\p{L}\d]+/gu)) {
        const range = document.createRange();
        range.setStart(node, index);
        range.setEnd(node, index + word.length);
        const lines = new Set([...range.getClientRects()].map(({ top }) => Math.round(top)));
        if (lines.size > 1) broken.push(`${word} in “${(node.textContent ?? "").slice(0, 40)}”`);
      }
    }
    return broken;
  });
}

/** No word is broken in two on a screen of 320 px. */
export async function wordsStayWhole(page: Page, address: string): Promise<void> {
  const size = page.viewportSize()!;
  await page.setViewportSize({ width: 320, height: 700 });
  expect.soft(await brokenWords(page), `${address} at 320 px`).toEqual([]);
  await page.setViewportSize(size);
}
