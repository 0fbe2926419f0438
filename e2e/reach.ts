import { expect, test, type Page } from "@playwright/test";
import { readdirSync } from "node:fs";
import path from "node:path";
import { goTo, visit } from "./steps";

/* What stands in an address of the demonstration for the part of a route that is in brackets. */
const examples: Record<string, string[]> = {
  "/bench/plants/[id]": ["/bench/plants/clarysage"],
  "/bench/plants/[id]/figures": ["/bench/plants/clarysage/figures"],
  "/bench/stills/[id]": ["/bench/stills/demo-still-1"],
  "/bench/stills/[id]/calibrate": ["/bench/stills/demo-still-1/calibrate"],
  /* Begun in a logbook of its own: see practice.spec.ts. */
  "/bench/practice/[id]": ["/bench/practice/not-begun"],
  "/harvests/[id]": ["/harvests/demo-harvest-14"],
  "/plan/day/[id]": ["/plan/day/demo-day-1"],
  "/runs/[id]": ["/runs/demo-run-12"],
  "/runs/[id]/ready": ["/runs/demo-run-31/ready"],
  "/runs/[id]/separate": ["/runs/demo-run-30/separate"],
  "/runs/[id]/watch": ["/runs/demo-run-31/watch"],
  "/runs/compare": ["/runs/compare?ids=demo-run-11,demo-run-12,demo-run-15"],
  "/runs/learn": [
    "/runs/learn",
    "/runs/learn?trial=demo-trial-1",
    "/runs/learn?sniff=demo-sniff-1",
    "/runs/learn?plant=clarysage",
  ],
  "/shelf/[id]": ["/shelf/demo-lot-28-oil", "/shelf/demo-lot-7-hydrosol"],
};

/** Every address that a file in `src/app` makes, with the demonstration's ids. */
export function addresses(): string[] {
  return readdirSync("src/app", { recursive: true, encoding: "utf8" })
    .filter((file) => /\.tsx$/.test(file) && !/[_+]/.test(path.basename(file)))
    .flatMap((file) => {
      const route = `/${file.split(path.sep).join("/")}`.replace(/(\/index)?\.tsx$/, "") || "/";
      const known = examples[route] ?? [route];
      if (known.some((address) => address.includes("[")))
        throw new Error(`e2e/reach.ts: no example for the route ${route}`);
      return known;
    })
    .sort();
}

/** Those of them that a logbook without anything in it has too. */
export function bareAddresses(): string[] {
  return addresses().filter((address) => !/demo|not-begun/.test(address));
}

/** What opens a list, a menu or a sheet. */
const openers = '[role="combobox"]:not(select), [aria-haspopup="dialog"]';

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

async function settled(page: Page): Promise<void> {
  await expect(page.locator("h1").first()).toBeVisible();
  await expect(page.locator("[data-shield]")).toHaveCount(0);
}

/* So many addresses share one browser and one demonstration: making it takes longer than looking. */
const perTest = 6;

type Go = (page: Page, address: string) => Promise<void>;

/**
 * Presses nothing that writes; opens all that opens, and looks at what then lies under a finger. Each address of the
 * demonstration is reached as `go` does; those of the empty logbook are gone through.
 */
export function everythingCanBePressed(go: Go): void {
  pressedIn("demo", addresses(), go);
  pressedIn("sereno", bareAddresses(), visit);
}

function pressedIn(logbook: "demo" | "sereno", all: readonly string[], go: Go): void {
  const where = logbook === "demo" ? "" : "in an empty logbook ";
  for (let from = 0; from < all.length; from += perTest) {
    const some = all.slice(from, from + perTest);
    test(`a finger hits what it sees ${where}on ${some.join(", ")}`, async ({ page }) => {
      test.setTimeout(180_000);
      await goTo(page, `/?logbook=${logbook}`);
      for (const address of some)
        await test.step(address, async () => {
          await go(page, address);
          await lookAt(page, address);
        });
    });
  }
}

async function lookAt(page: Page, address: string): Promise<void> {
  await settled(page);
  expect.soft(await unreachable(page), address).toEqual([]);
  await openEach(page, async (opener) => {
    const name = `${address}, ${opener}`;
    expect.soft(await badLines(page), name).toEqual([]);
    expect.soft(await unreachable(page), name).toEqual([]);
  });
}

/** Opens every list and sheet of a page, one after the other, and looks at each by what opened it. */
export async function openEach(page: Page, look: (opener: string) => Promise<void>): Promise<void> {
  const many = await page.locator(openers).count();
  for (let i = 0; i < many; i += 1) {
    const opener = page.locator(openers).nth(i);
    if (!(await opener.isVisible()) || !(await opener.isEnabled())) continue;
    const name = (await opener.getAttribute("aria-label")) ?? (await opener.innerText());
    await opener.scrollIntoViewIfNeeded();
    await opener.click();
    const opened = page.getByRole("dialog").or(page.locator('[role="listbox"]:popover-open'));
    await expect(opened.first(), name).toBeVisible();
    await look(name);
    await page.keyboard.press("Escape");
    await expect(opened, name).toHaveCount(0);
    await settled(page);
  }
}
