import { expect, test, type Page } from "@playwright/test";
import { addresses } from "./reach";
import { goTo } from "./steps";

/*
 * Words of another language are longer: every text of a page grows by two fifths and takes accents, on the narrowest
 * phone, and nothing may be cut or push the page aside. Drawings place their own words by their length beforehand,
 * and are left as they are.
 */
test.use({ viewport: { width: 320, height: 700 } });

async function lengthen(page: Page): Promise<void> {
  await page.evaluate(() => {
    const accents: Record<string, string> = {
      a: "á",
      e: "é",
      i: "í",
      o: "ö",
      u: "ü",
      A: "Â",
      E: "Ê",
    };
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const texts: Text[] = [];
    while (walker.nextNode()) texts.push(walker.currentNode as Text);
    for (const text of texts) {
      if (text.parentElement?.closest("svg, script, style, option, [aria-hidden=true]")) continue;
      text.data = text.data.replace(/\p{L}{3,}/gu, (word) => {
        const longer = word.replace(/[aeiouAE]/g, (letter) => accents[letter] ?? letter);
        return longer + "äöüß".repeat(3).slice(0, Math.ceil(word.length * 0.4));
      });
    }
  });
}

interface Cut {
  text: string;
  by: number;
}

/** Texts that do not fit where they stand, and by how much the page is wider than its window. */
function cut(page: Page): Promise<{ texts: Cut[]; sideways: number }> {
  return page.evaluate(() => {
    const found: { text: string; by: number }[] = [];
    for (const element of document.querySelectorAll<HTMLElement>("body *")) {
      /* A bar of the day is as long as its time; its whole name is spoken, and stands in its sheet. */
      if (element.closest("svg, [data-charge]") || !element.checkVisibility()) continue;
      const own = [...element.childNodes].some(
        (node) => node.nodeType === Node.TEXT_NODE && Boolean(node.textContent?.trim()),
      );
      if (!own) continue;
      /* What scrolls sideways of its own accord, as a wide table, shows all of it. */
      const box = element.getBoundingClientRect();
      let clip: HTMLElement | null = element;
      while (clip && !/auto|scroll|hidden|clip/.test(getComputedStyle(clip).overflowX))
        clip = clip.parentElement;
      if (clip && /auto|scroll/.test(getComputedStyle(clip).overflowX) && clip !== document.body)
        continue;
      const inside = clip?.getBoundingClientRect() ?? new DOMRect(0, 0, innerWidth, innerHeight);
      const over = Math.max(
        box.right - inside.right,
        element.scrollWidth - element.clientWidth - (element.clientWidth === 0 ? 1e9 : 0),
      );
      if (box.width > 0 && over > 2)
        found.push({ text: element.innerText.slice(0, 40), by: Math.round(over) });
    }
    return { texts: found, sideways: document.documentElement.scrollWidth - innerWidth };
  });
}

const all = addresses();
const size = 8;
for (let from = 0; from < all.length; from += size) {
  const part = all.slice(from, from + size);
  test(`longer words fit on ${part[0]!} to ${part.at(-1)!}`, async ({ page }) => {
    await goTo(page, "/?logbook=demo");
    await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
    const wrong: string[] = [];
    for (const address of part) {
      await goTo(page, address);
      await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
      await lengthen(page);
      const { texts, sideways } = await cut(page);
      if (sideways > 0) wrong.push(`${address}: ${sideways} px sideways`);
      wrong.push(...texts.map(({ text, by }) => `${address}: “${text}” by ${by} px`));
    }
    expect(wrong).toEqual([]);
  });
}
