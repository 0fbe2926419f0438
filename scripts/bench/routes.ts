import type { Browser, Page } from "@playwright/test";
import { addresses } from "../../e2e/addresses";
import { print } from "./print";

const times = 3;

/* In the page, as text since it runs there: a heading stands, no list is still coming, and it has been drawn. */
const usable = `new Promise((resolve) => {
  const look = () =>
    document.querySelector("h1") && !document.querySelector("[role=progressbar]")
      ? requestAnimationFrame(() => requestAnimationFrame(resolve))
      : requestAnimationFrame(look);
  look();
})`;

/** Processor time of the page itself from an address typed in until it can be used, ms, on the demonstration. */
export async function routes(address: string, browser: Browser): Promise<void> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    serviceWorkers: "block",
  });
  const page = await context.newPage();
  await page.goto(`${address}/?logbook=demo`);
  await page.evaluate(usable);
  const found: [string, number][] = [];
  for (const route of addresses()) found.push([route, await medianOf(page, `${address}${route}`)]);
  found.sort(([, a], [, b]) => b - a);
  for (const [route, ms] of found.slice(0, 10))
    print(`processor time to usable: ${route}`, ms, "ms");
  await context.close();
}

async function medianOf(page: Page, address: string): Promise<number> {
  const taken: number[] = [];
  for (let i = 0; i < times; i += 1) {
    /* A blank page first: the counter begins again with each document. */
    await page.goto("about:blank");
    const session = await page.context().newCDPSession(page);
    await session.send("Performance.enable", { timeDomain: "threadTicks" });
    await page.goto(address, { waitUntil: "commit" });
    await page.evaluate(usable);
    const { metrics } = await session.send("Performance.getMetrics");
    taken.push((metrics.find(({ name }) => name === "TaskDuration")?.value ?? NaN) * 1000);
    await session.detach();
  }
  return taken.sort((a, b) => a - b)[Math.floor(times / 2)] ?? NaN;
}
