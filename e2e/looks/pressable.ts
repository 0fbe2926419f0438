import { expect, type Page } from "@playwright/test";

interface Pressable {
  /** What it is called, to find it again in a message. */
  name: string;
  /** What lies there instead of it. */
  instead: string;
}

/*
 * Everything that can be pressed, asked as a finger asks: what lies at its middle? What slid out of sight
 * is scrolled to first. Where a sheet is open only it counts, where a list is open only its lines.
 */
function unreachable(page: Page): Promise<Pressable[]> {
  return page.evaluate(() => {
    const kinds =
      'a[href], button, input, textarea, select, [role="button"], [role="link"], [role="radio"], [role="checkbox"], [role="option"], [role="tab"], [role="switch"], [role="menuitem"], [role="slider"]';
    const list = document.querySelector('[role="listbox"]:popover-open');
    const sheets = document.querySelectorAll('[role="dialog"]');
    const within = list ?? sheets[sheets.length - 1] ?? document.body;
    const named = (element: Element | null) =>
      element
        ? `${element.getAttribute("role") ?? element.tagName.toLowerCase()} "${(element.getAttribute("aria-label") ?? element.textContent ?? "").slice(0, 60)}"`
        : "nothing";
    const missed: { name: string; instead: string }[] = [];
    for (const element of within.querySelectorAll<HTMLElement>(kinds)) {
      if (
        !element.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true }) ||
        element.closest('[aria-hidden="true"], [inert]') ||
        element.matches('[aria-disabled="true"], :disabled') ||
        (element instanceof HTMLInputElement && /^(file|hidden)$/.test(element.type))
      )
        continue;
      element.scrollIntoView({ block: "center", inline: "nearest", behavior: "instant" });
      const box = element.getClientRects()[0];
      if (!box || box.width === 0 || box.height === 0) continue;
      const x = box.left + box.width / 2;
      const y = box.top + box.height / 2;
      const there = document.elementFromPoint(x, y);
      const label = there?.closest("label");
      if (there && (element.contains(there) || label?.control === element)) continue;
      missed.push({ name: named(element), instead: named(there) });
    }
    return missed;
  });
}

/* A list's lines one under the other, none cut away, all of the list on the screen. */
function badLines(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const list = document.querySelector('[role="listbox"]:popover-open');
    if (!list) return [];
    const box = list.getBoundingClientRect();
    const wrong: string[] = [];
    if (box.top < 0 || box.left < 0 || box.bottom > innerHeight || box.right > innerWidth)
      wrong.push("the list reaches out of the screen");
    let above = -Infinity;
    for (const line of list.querySelectorAll('[role="option"]')) {
      const { top, bottom, height } = line.getBoundingClientRect();
      const name = line.textContent?.slice(0, 30);
      if (height < 44) wrong.push(`${name}: only ${height} px high`);
      if (top < above - 1) wrong.push(`${name}: lies on the line above`);
      if (line.scrollWidth > line.clientWidth + 1) wrong.push(`${name}: is cut`);
      above = bottom;
    }
    return wrong;
  });
}

/** Asks what lies under a finger where something can be pressed, on a page or on what is open over it. */
export async function everythingCanBePressed(page: Page, where: string): Promise<void> {
  expect.soft(await badLines(page), where).toEqual([]);
  expect.soft(await unreachable(page), `${where} under a finger`).toEqual([]);
}
