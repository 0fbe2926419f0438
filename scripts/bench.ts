/* Measures what the project promises about size and speed, and prints the figures. Asserts nothing. */
import type { Browser } from "@playwright/test";
import { buildDemo } from "../src/demo/buildDemo";
import { forecastRun } from "../src/core";
import type { AnyRecord } from "../src/records/record";
import { openApp } from "./lib/browser";

const workedExampleA = {
  method: "steam" as const,
  material: {
    oilMlPerKg: { low: 6, high: 13 },
    composition: { cineole: 0.5, limonene: 0.3, linalool: 0.2 },
    freeShare: 0.5,
    releasePerMinute: 0.02,
    moisture: 0.7,
  },
  massG: 800,
  still: {
    heat: { powerW: 2000, efficiency: 0.5 },
    lossWPerK: 1,
    vesselJPerK: 2000,
    dryLineMl: 500,
  },
  waterMl: 3500,
  site: { altitudeM: 320, airC: 16, waterC: 16, coolingInC: 14, coolingOutC: 40 },
  stop: { distillateMl: 800 },
};

function core(): void {
  for (let i = 0; i < 300; i += 1) forecastRun(workedExampleA, { samples: 1 });
  const one = timed(() => forecastRun(workedExampleA, { samples: 1 }), 500);
  const thousand = timed(() => forecastRun(workedExampleA, { samples: 1000, seed: 1 }), 15);
  print("one run, middle of the range", one, "ms");
  print("1,000 sampled runs of worked example A, in Node", thousand, "ms");
}

async function app(): Promise<void> {
  const { address, browser, close } = await openApp();
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  const session = await page.context().newCDPSession(page);
  await session.send("Network.enable");
  const scripts = new Map<string, boolean>();
  let scriptBytes = 0;
  session.on("Network.responseReceived", ({ requestId, type }) =>
    scripts.set(requestId, type === "Script"),
  );
  session.on("Network.loadingFinished", ({ requestId, encodedDataLength }) => {
    if (scripts.get(requestId)) scriptBytes += encodedDataLength;
  });
  await page.goto(address);
  await page.getByText("Look around first?").waitFor();
  print("JavaScript for the first screen, compressed", scriptBytes / 1000, "kB (at most 420)");

  for (const count of [30, 3000]) {
    await fill(page, runsOf(count));
    const times: number[] = [];
    for (let i = 0; i < 5; i += 1) {
      const start = performance.now();
      await page.goto(`${address}/runs`);
      await page
        .getByRole("link", { name: /^\d+ · / })
        .first()
        .waitFor();
      times.push(performance.now() - start);
    }
    times.sort((a, b) => a - b);
    print(`start-up to the logbook with ${count} runs stored`, times[2] ?? NaN, "ms");
  }
  await planning(address, browser);
  await close();
}

/** Plans as a hurried person does, and counts what kept the page from answering. */
async function planning(address: string, browser: Browser): Promise<void> {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.goto(`${address}/?logbook=demo`);
  await page.getByRole("heading", { name: "Today" }).waitFor();
  await page.goto(`${address}/plan`);
  const have = page.getByRole("textbox", { name: "I have" });
  await have.fill("600");
  await page
    .getByText(/8 in 10/)
    .first()
    .waitFor();
  await page.evaluate(() => {
    const tasks: number[] = [];
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) tasks.push(entry.duration);
    }).observe({ type: "longtask" });
    Object.assign(window, { longTasks: tasks });
  });
  for (const text of ["7", "75", "750", "1200", "333", "900"]) {
    await have.fill(text);
    await page
      .getByText(/8 in 10/)
      .first()
      .waitFor();
  }
  const tasks = await page.evaluate(() => (window as unknown as { longTasks: number[] }).longTasks);
  print("tasks over 50 ms on the page while planning six charges", tasks.length, "");
  print("the longest of them", Math.max(0, ...tasks), "ms");

  const worker = await inWorker(address, browser, page.workers()[0]?.url() ?? "");
  print("1,000 sampled runs of worked example A, in the worker", worker, "ms (at most 150)");
  await page.close();
}

type Bridge = {
  wrap: (worker: Worker) => {
    ranges: (question: number, request: unknown, onProgress: unknown) => Promise<unknown>;
  };
  proxy: (heard: () => void) => unknown;
};

/** Median time of worked example A in the app's own worker, asked over its own bridge, ms. */
async function inWorker(address: string, browser: Browser, source: string): Promise<number> {
  const page = await browser.newPage({ bypassCSP: true });
  await page.goto(address);
  await page.addScriptTag({ path: "node_modules/comlink/dist/umd/comlink.min.js" });
  const times = await page.evaluate(
    async ({ request, url }) => {
      const { wrap, proxy } = (window as unknown as { Comlink: Bridge }).Comlink;
      const remote = wrap(new Worker(url));
      const taken: number[] = [];
      for (let question = 1; question <= 9; question += 1) {
        const start = performance.now();
        await remote.ranges(
          question,
          request,
          proxy(() => undefined),
        );
        taken.push(performance.now() - start);
      }
      return taken.sort((a, b) => a - b);
    },
    { request: workedExampleA, url: source },
  );
  await page.close();
  return times[4] ?? NaN;
}

/** Runs of the demonstration season, over and over under other ids. */
function runsOf(count: number): AnyRecord[] {
  const runs = buildDemo(new Date("2026-10-03T12:00:00Z")).filter(({ kind }) => kind === "run");
  return Array.from(
    { length: count },
    (_, i) => ({ ...runs[i % runs.length]!, id: `bench-${i}`, number: i + 1 }) as AnyRecord,
  );
}

async function fill(page: import("@playwright/test").Page, records: AnyRecord[]): Promise<void> {
  const pairs = records.map(
    (record) => [`${record.kind}/${record.id}`, JSON.stringify(record)] as const,
  );
  await page.evaluate(
    (entries) =>
      new Promise<void>((resolve) => {
        const request = indexedDB.open("sereno");
        request.onsuccess = () => {
          const work = request.result.transaction("entries", "readwrite");
          for (const [key, text] of entries) work.objectStore("entries").put(text, key);
          work.oncomplete = () => {
            request.result.close();
            resolve();
          };
        };
      }),
    pairs,
  );
}

/** Median time of some work, ms. */
function timed(work: () => void, times: number): number {
  const taken = Array.from({ length: times }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return taken[Math.floor(times / 2)] ?? NaN;
}

function print(what: string, value: number, unit: string): void {
  console.log(`${what.padEnd(58)} ${value.toFixed(value < 10 ? 2 : 0).padStart(7)} ${unit}`);
}

core();
app().catch((error: unknown) => {
  console.error(error);
  process.exitCode = 1;
});
