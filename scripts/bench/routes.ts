import type { Browser, CDPSession } from "@playwright/test";
import { addresses } from "../../e2e/addresses";
import { print } from "./print";

const times = 5;

/* In the page, as text since it runs there: a heading stands, no list is still coming, and it has been drawn. */
const usable = `new Promise((resolve) => {
  const look = () =>
    document.querySelector("h1") && !document.querySelector("[role=progressbar]")
      ? requestAnimationFrame(() => requestAnimationFrame(() => resolve(true)))
      : requestAnimationFrame(look);
  look();
})`;
/* The logbook is made while nobody waits for it. */
const demoMadeMs = 3000;

/** Processor time of the page's own thread from an address typed in until it can be used, ms, on the demonstration. */
export async function routes(address: string, browser: Browser): Promise<void> {
  const page = await openBarePage(await browser.newBrowserCDPSession());
  await page.send("Emulation.setDeviceMetricsOverride", {
    width: 390,
    height: 844,
    deviceScaleFactor: 1,
    mobile: false,
  });
  await page.send("Page.navigate", { url: `${address}/?logbook=demo` });
  await new Promise((resolve) => setTimeout(resolve, demoMadeMs));
  const found: [string, number][] = [];
  for (const route of addresses()) found.push([route, await medianOf(page, `${address}${route}`)]);
  found.sort(([, a], [, b]) => b - a);
  for (const [route, ms] of found.slice(0, 10))
    print(`processor time to usable: ${route}`, ms, "ms");
}

async function medianOf(page: BarePage, address: string): Promise<number> {
  const taken: number[] = [];
  for (let i = 0; i < times; i += 1) {
    /* A blank page first: the counter begins again with each document. */
    await page.send("Page.navigate", { url: "about:blank" });
    await page.send("Performance.enable", { timeDomain: "threadTicks" });
    await page.send("Page.navigate", { url: address });
    await page.send("Runtime.evaluate", { expression: usable, awaitPromise: true });
    const { metrics } = (await page.send("Performance.getMetrics")) as Metrics;
    taken.push((metrics.find(({ name }) => name === "TaskDuration")?.value ?? NaN) * 1000);
    await page.send("Performance.disable");
  }
  return taken.sort((a, b) => a - b)[Math.floor(times / 2)] ?? NaN;
}

interface Metrics {
  metrics: { name: string; value: number }[];
}

interface Answer {
  id?: number;
  result?: unknown;
  error?: { message: string };
}

interface BarePage {
  send(method: string, params?: object): Promise<unknown>;
}

/**
 * A page that nothing listens to but what is asked of it here. The tests' own way to a page hears all its requests,
 * and has the engine find the line of each: a seventh of the time of a start, which nobody's page spends.
 */
async function openBarePage(root: CDPSession): Promise<BarePage> {
  const { targetId } = await root.send("Target.createTarget", { url: "about:blank" });
  const { sessionId } = await root.send("Target.attachToTarget", { targetId, flatten: false });
  const waiting = new Map<
    number,
    { resolve: (result: unknown) => void; reject: (why: Error) => void }
  >();
  root.on("Target.receivedMessageFromTarget", ({ message }) => {
    const { id, result, error } = JSON.parse(message) as Answer;
    if (id === undefined) return;
    if (error) waiting.get(id)?.reject(new Error(error.message));
    else waiting.get(id)?.resolve(result);
    waiting.delete(id);
  });
  let last = 0;
  return {
    send: (method, params = {}) =>
      new Promise((resolve, reject) => {
        const id = (last += 1);
        waiting.set(id, { resolve, reject });
        const message = JSON.stringify({ id, method, params });
        root.send("Target.sendMessageToTarget", { sessionId, message }).catch(reject);
      }),
  };
}
