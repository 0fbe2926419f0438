import type { Browser, Page } from "@playwright/test";
import { flesch } from "flesch";
import { syllable } from "syllable";
import { addresses } from "../../e2e/addresses";
import { print } from "./print";

/* Shorter is a label; what has no verb is none of the sentences that a person has to understand. */
const leastWords = 4;
const longWords = 20;
const shownLong = 40;

/** How easy each screen reads in the demonstration: words to a sentence in the middle, and Flesch's reading ease (60 is plain, 80 easy). */
export async function reading(address: string, browser: Browser): Promise<void> {
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: "block",
    locale: "en-GB",
  });
  await page.goto(`${address}/?logbook=demo`);
  await page.getByRole("heading", { name: "Today" }).waitFor();
  const all: string[] = [];
  for (const route of addresses()) {
    await page.goto(`${address}${route}`);
    await page.getByRole("heading", { level: 1 }).first().waitFor();
    const sentences = await sentencesOn(page);
    if (sentences.length === 0) continue;
    all.push(...sentences);
    const words = sentences.map(wordsOf).map(({ length }) => length);
    print(`${route}: words to a sentence, ease ${easeOf(sentences).toFixed(0)}`, middle(words), "");
  }
  const distinct = [...new Set(all)];
  print("all screens: distinct sentences", distinct.length, "");
  print(
    "words to a sentence, in the middle",
    middle(distinct.map((each) => wordsOf(each).length)),
    "(at most 12)",
  );
  print("reading ease", easeOf(distinct), "(60 plain, 80 easy)");
  const long = distinct
    .filter((each) => wordsOf(each).length > longWords)
    .sort((a, b) => wordsOf(b).length - wordsOf(a).length);
  print(`sentences of more than ${longWords} words`, long.length, "");
  for (const each of long.slice(0, shownLong)) console.log(`  ${each}`);
  await page.close();
}

/** Whole sentences as a person reads them, what is folded away opened. */
async function sentencesOn(page: Page): Promise<string[]> {
  const folds = page.locator('[role="button"][aria-expanded="false"]');
  for (let closed = await folds.count(); closed > 0; closed -= 1) await folds.first().click();
  const texts = await page.evaluate(() =>
    [...document.querySelectorAll('#root [dir="auto"]')]
      .filter((each) => each.checkVisibility() && !each.parentElement?.closest('[dir="auto"]'))
      .map((each) => each.textContent ?? ""),
  );
  const segments = new Intl.Segmenter("en", { granularity: "sentence" });
  return texts
    .flatMap((text) => [...segments.segment(text)].map(({ segment }) => segment.trim()))
    .filter((each) => /[.?!:]$/.test(each) && wordsOf(each).length >= leastWords);
}

function wordsOf(sentence: string): string[] {
  return [...new Intl.Segmenter("en", { granularity: "word" }).segment(sentence)].flatMap(
    ({ segment, isWordLike }) => (isWordLike ? [segment] : []),
  );
}

function easeOf(sentences: readonly string[]): number {
  const words = sentences.flatMap(wordsOf);
  return flesch({
    sentence: sentences.length,
    word: words.length,
    syllable: words.reduce((sum, word) => sum + Math.max(1, syllable(word)), 0),
  });
}

function middle(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor((sorted.length - 1) / 2)] ?? NaN;
}
