import type { Browser, Page } from "@playwright/test";
import { buildDemo } from "../../src/demo/buildDemo";
import { newCode } from "../../src/records/codes";
import type { AnyRecord } from "../../src/records/record";
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
  const session = await page.context().newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  await page.evaluate(() => {
    const taken: number[] = [];
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries())
        if (entry.name === "keydown" || entry.name === "input" || entry.name === "keyup")
          taken.push(entry.duration);
    }).observe({ type: "event", durationThreshold: 16, buffered: true } as PerformanceObserverInit);
    Object.assign(window, { letters: taken });
  });
  await page.getByLabel("Find by code, name or place").click();
  for (const letter of "clary sage") {
    await page.keyboard.press(letter === " " ? "Space" : letter);
    await page.waitForTimeout(900);
  }
  const letters = await page.evaluate(() => (window as unknown as { letters: number[] }).letters);
  const slowest = Math.max(0, ...letters);
  print("a letter in its search, four times slower, the slowest", slowest, "ms (at most 100)");
  await session.send("Emulation.setCPUThrottlingRate", { rate: 1 });
}
