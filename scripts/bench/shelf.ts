import type { Browser, Page } from "@playwright/test";
import { buildDemo } from "../../src/demo/buildDemo";
import { newCode } from "../../src/records/codes";
import type { AnyRecord } from "../../src/records/record";
import { listen, middleOf, slowed, slowestAnswer } from "./answers";
import { fill } from "./fill";
import { print } from "./print";

const bottles = 5000;

/** The demonstration's lots and bottles, over and over under other ids and codes. */
function stock(count: number): AnyRecord[] {
  const demo = buildDemo(new Date());
  const lots = demo.filter((record) => record.kind === "lot");
  const filled = demo.filter((record) => record.kind === "bottle");
  const codes = new Set<string>();
  const nextCode = () => {
    const code = newCode(codes);
    codes.add(code);
    return code;
  };
  const rounds = Math.ceil(count / filled.length);
  return Array.from({ length: rounds }, (_, round): AnyRecord[] => [
    ...lots.map((lot) => ({ ...lot, id: `${lot.id}-${round}`, code: nextCode() })),
    ...filled.slice(0, count - round * filled.length).map((bottle) => ({
      ...bottle,
      id: `${bottle.id}-${round}`,
      lotId: `${bottle.lotId}-${round}`,
      code: nextCode(),
      place: `board ${round % 12}`,
    })),
  ]).flat();
}

/** A shelf of 5,000 bottles: until it is there, until a letter is answered, how it scrolls. */
export async function shelf(address: string, browser: Browser): Promise<void> {
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: "block",
  });
  await page.goto(address);
  await page.getByText("From the cut plant to the bottle").waitFor();
  await fill(page, stock(bottles));
  await page.goto(`${address}/bench`);
  await page.getByRole("heading", { name: "Bench" }).waitFor();
  const times: number[] = [];
  for (let i = 0; i < 5; i += 1) {
    const begin = await page.evaluate(() => performance.now());
    await page.getByRole("link", { name: "Shelf" }).click();
    await page
      .getByRole("list", { name: /^Bottles/ })
      .first()
      .waitFor();
    times.push((await page.evaluate(() => performance.now())) - begin);
    await page.getByRole("link", { name: "Bench" }).click();
    await page.getByRole("heading", { name: "Bench" }).waitFor();
  }
  times.sort((a, b) => a - b);
  print(`shelf of ${bottles} bottles, until its first boards stand`, times[2] ?? NaN, "ms");
  await page.getByRole("link", { name: "Shelf" }).click();
  await page
    .getByRole("list", { name: /^Bottles/ })
    .first()
    .waitFor();
  print("scrolled through, frames a second", await framesWhileScrolling(page), "");
  await lettersAnswered(page);
  await ticksAnswered(page, address);
  await page.close();
}

/* As text: what is compiled here would ask for helpers that the page does not have. */
const scrollAndCount = `new Promise((done) => {
  const list = [...document.querySelectorAll("[role=main] *")].find(
    (each) => each.scrollHeight > each.clientHeight + 200,
  );
  const begin = performance.now();
  let frames = 0;
  requestAnimationFrame(function next(now) {
    frames += 1;
    list?.scrollBy(0, 14);
    if (now - begin < 4000) requestAnimationFrame(next);
    else done((frames / (now - begin)) * 1000);
  });
})`;

async function framesWhileScrolling(page: Page): Promise<number> {
  return page.evaluate<number>(scrollAndCount);
}

async function lettersAnswered(page: Page): Promise<void> {
  await slowed(page, 4);
  await listen(page);
  await page.getByLabel("Find by code, name or place").click();
  const letters: number[] = [];
  for (const letter of "clary sage")
    letters.push(
      await slowestAnswer(page, () => page.keyboard.press(letter === " " ? "Space" : letter)),
    );
  const slowest = Math.max(...letters);
  print("a letter in its search, four times slower, the slowest", slowest, "ms (at most 100)");
  await slowed(page, 1);
}

async function ticksAnswered(page: Page, address: string): Promise<void> {
  await page.goto(`${address}/shelf/labels`);
  await page.getByRole("button", { name: /^Save \d+ labels/ }).waitFor();
  await slowed(page, 4);
  await listen(page);
  const ticks: number[] = [];
  for (let i = 0; i < 8; i += 1) {
    const tick = page.getByRole("checkbox").nth(i % 4);
    await tick.scrollIntoViewIfNeeded();
    await page.waitForTimeout(1500);
    ticks.push(await slowestAnswer(page, () => tick.click()));
  }
  print("a tick in its labels, four times slower", middleOf(ticks), "ms (at most 100)");
  print("  the slowest of them", Math.max(...ticks), "ms");
}
