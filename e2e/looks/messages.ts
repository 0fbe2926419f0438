import { expect, type Page } from "@playwright/test";
import { compounds } from "../../src/core/plant/compounds";
import { plants } from "../../src/core/plant/catalogue";
import { buildDemo } from "../../src/demo/buildDemo";
import { readWhole } from "../readWhole";

/* Names that every language writes alike: units, files, Sereno's own, days and months as the device writes them. */
const alike =
  /\b(Sereno|min|kWh|kPa|hPa|Pa|pH|mL|kg|cm|mm|µm|ppm|CSV|JSON|PDF|SVG|JPEG|PNG|WebP|QR|UTC|Ctrl|GHS|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday|Mon|Tue|Wed|Thu|Fri|Sat|Sun|January|February|March|April|May|June|July|August|September|October|November|December|Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept?|Oct|Nov|Dec)\b/g;

/* What is read off another device, or off a bottle. */
const codes = /\b[A-Z0-9]{3,4}(?:-[A-Z0-9]{3,4})+\b/g;

/* What a person writes in their own words, though it be one small word. Elsewhere such a word is a code, to be named. */
const written = /^(name|note|place|purpose|title|question|a|b|smell|colour|by)$/;

/** All that the person's own records say. */
function textsIn(value: unknown, key = ""): string[] {
  if (typeof value === "string") return written.test(key) || /[A-Z ]/.test(value) ? [value] : [];
  if (Array.isArray(value)) return value.flatMap((each) => textsIn(each, key));
  if (typeof value !== "object" || !value) return [];
  return Object.entries(value).flatMap(([name, each]) => textsIn(each, name));
}

const sciences = [
  ...Object.values(compounds).map(({ name }) => name),
  ...plants.map(({ botanicalName }) => botanicalName),
];
/* The demonstration's own names and notes, and those of chemistry and botany: no message, in any language. */
const own = [...new Set([...textsIn(buildDemo(new Date())), ...sciences])].sort(
  (a, b) => b.length - a.length,
);

/* Whether letters are left that no message wrote, and no record, unit or science. */
function isPlain(text: string): boolean {
  let rest = text.replace(alike, "").replace(codes, "");
  for (const name of own) {
    if (!/[A-Za-z]{3}/.test(rest)) return false;
    rest = rest.replaceAll(name, "").replaceAll(name.toLowerCase(), "");
  }
  return /[A-Za-z]{3}/.test(rest);
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
      if (element.closest("svg, [data-charge], [aria-hidden=true]") || !element.checkVisibility())
        continue;
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

/** Words of drawings that reach out of them, or lie on one another. */
function misplaced(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const wrong: string[] = [];
    for (const drawing of document.querySelectorAll("svg")) {
      if (!drawing.checkVisibility()) continue;
      const box = drawing.getBoundingClientRect();
      const texts = [...drawing.querySelectorAll("text")]
        .filter((text) => text.checkVisibility() && text.textContent?.trim())
        .map((text) => ({ said: text.textContent!, at: text.getBoundingClientRect() }));
      for (const [i, { said, at }] of texts.entries()) {
        if (at.left < box.left - 1 || at.right > box.right + 1 || at.top < box.top - 2)
          wrong.push(`reaches out of its drawing: ${said}`);
        for (const other of texts.slice(i + 1)) {
          const across = Math.min(at.right, other.at.right) - Math.max(at.left, other.at.left);
          const down = Math.min(at.bottom, other.at.bottom) - Math.max(at.top, other.at.top);
          if (across > 2 && down > 0.4 * Math.min(at.height, other.at.height))
            wrong.push(`lies on “${other.said}”: ${said}`);
        }
      }
    }
    return wrong;
  });
}

/* What is behind a sheet is read again with it: where it was seen first is enough. */
const told = new WeakMap<Page, Set<string>>();

/**
 * In the pseudo-language every message has accents and is some two fifths longer. What still stands there in plain
 * letters is in no message, so that no translator would ever see it; what is cut would be cut in a longer language.
 */
export async function everythingIsAMessage(page: Page, where: string): Promise<void> {
  const before = told.get(page) ?? new Set();
  told.set(page, before);
  const { texts, sideways } = await cut(page);
  const wrong = [
    ...(await readWhole(page, "lines")).filter(isPlain).map((text) => `no message: ${text}`),
    ...(await misplaced(page)),
    ...(sideways > 0 ? [`${sideways} px sideways`] : []),
    ...texts.map(({ text, by }) => `cut by ${by} px: ${text}`),
  ];
  const here = (what: string) => `${page.url()} ${what}`;
  expect
    .soft(
      [...new Set(wrong)].filter((what) => !before.has(here(what))),
      where,
    )
    .toEqual([]);
  for (const what of wrong) before.add(here(what));
}
