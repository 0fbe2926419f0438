/*
 * Measures what the project promises about size and speed, and prints the figures. Asserts nothing.
 * `npm run bench -- core` (or start, planning, watching, tapping, flooding) measures one part alone.
 */
import type { Browser, Locator, Page } from "@playwright/test";
import { buildDemo } from "../src/demo/buildDemo";
import { forecastRun, playWatched } from "../src/core";
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
  const { held, heldByPlan, narrower } = playWatched(
    { ...workedExampleA, stop: { perKg: 1 } },
    300,
    11,
  );
  print("live forecast: 300 runs, truth inside its 80 % range", held * 100, "% (70 to 90)");
  print("the plan's range over the same runs", heldByPlan * 100, "%");
  print("width of the live range after three readings, against the plan's", narrower * 100, "%");
}

async function start(address: string, browser: Browser): Promise<void> {
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
  await page.close();
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

/* Three hours of four channels at one a second, as they lie in the store. */
const hours = 3;
const chunkSamples = 600;

function sampleTexts(runId: string, from: number): [string, string][] {
  const channels = ["head", "outlet", "tub", "distillate"] as const;
  return channels.flatMap((channel) =>
    Array.from({ length: (hours * 3600) / chunkSamples }, (_, part): [string, string] => {
      const startAt = new Date(from + part * chunkSamples * 1000).toISOString();
      const offsetsMs = Array.from({ length: chunkSamples }, (__, i) => i * 1000);
      const values = offsetsMs.map((offset) =>
        channel === "distillate"
          ? (part * chunkSamples + offset / 1000) * 0.2
          : 40 + 20 * Math.sin((part * chunkSamples + offset / 1000) / 200),
      );
      const unit = channel === "distillate" ? "g" : "°C";
      return [
        `samples/${runId}/${channel}/${startAt}`,
        JSON.stringify({ runId, channel, unit, startAt, offsetsMs, values }),
      ];
    }),
  );
}

/** Opens the cockpit over three hours of samples, with a simulated probe that goes on. */
async function openCockpit(page: Page, address: string): Promise<void> {
  /* The script's compiler names functions through a helper that the page does not have. */
  await page.addInitScript("globalThis.__name = (named) => named");
  await page.goto(`${address}/?logbook=demo`);
  await page.getByRole("heading", { name: "Today" }).waitFor();
  await put(page, "sereno-demo", sampleTexts("demo-run-31", Date.now() - hours * 3600e3));
  await page.goto(`${address}/runs/demo-run-31/watch`);
  await page.getByRole("button", { name: /Forecast and stop/ }).waitFor();
  await page.getByRole("button", { name: "Connect a probe and scale" }).click();
  await page.getByRole("radio", { name: "10 times" }).click();
  await page.getByRole("button", { name: "Connect", exact: true }).click();
  await page.getByText("Connected", { exact: true }).waitFor();
  await page.getByRole("button", { name: "Close" }).click();
}

/** Counts frames over three hours of samples. */
async function watching(address: string, browser: Browser): Promise<void> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await openCockpit(page, address);
  await page.getByRole("img", { name: /head \d+ °C/ }).waitFor();
  const frames = await page.evaluate(
    () =>
      new Promise<number[]>((resolve) => {
        const taken: number[] = [];
        let last = performance.now();
        const tick = (now: number) => {
          taken.push(now - last);
          last = now;
          if (taken.length < 600) requestAnimationFrame(tick);
          else resolve(taken.sort((a, b) => a - b));
        };
        requestAnimationFrame(tick);
      }),
  );
  const average = frames.reduce((sum, each) => sum + each, 0) / frames.length;
  print("frames a second over 3 h of 1 Hz samples, four channels, live", 1000 / average, "");
  print("the 99th percentile of a frame", frames[Math.floor(frames.length * 0.99)] ?? NaN, "ms");

  await page.close();
}

/* A light tap: the time a thumb rests on the glass. An answer is counted from its lifting. */
const thumbMs = 60;

/** Taps as a thumb does on a slow phone, with a probe on the still, and times each until it is answered on the screen. */
async function tapping(address: string, browser: Browser): Promise<void> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  });
  const page = await context.newPage();
  await openCockpit(page, address);
  const session = await context.newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  await page.evaluate(() => {
    const taken: number[] = [];
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries() as PerformanceEventTiming[])
        if (entry.name === "click" || entry.name === "pointerup") taken.push(entry.duration);
    }).observe({ type: "event", durationThreshold: 16, buffered: true } as PerformanceObserverInit);
    Object.assign(window, { answers: taken });
  });
  const answersTo = async (tap: () => Promise<void>) => {
    await page.evaluate(() => (window as unknown as { answers: number[] }).answers.splice(0));
    await tap();
    await page.waitForTimeout(1700);
    return page.evaluate(() => (window as unknown as { answers: number[] }).answers);
  };
  const buttons = ["Swap jar", "Heat changed", "Close", "Count drips", "Close", "Reading", "Close"];
  const answers = new Map(buttons.map((name): [string, number[]] => [name, []]));
  const shown: number[] = [];
  for (let i = 0; i < 6; i += 1) {
    for (const name of buttons) {
      const opens = name === "Heat changed" || name === "Count drips" || name === "Reading";
      const { x, y } = await middleOf(page.getByRole("button", { name, exact: true }));
      const taken = await answersTo(async () => {
        const start = performance.now();
        await session.send("Input.dispatchTouchEvent", {
          type: "touchStart",
          touchPoints: [{ x, y }],
        });
        await page.waitForTimeout(thumbMs);
        await session.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
        if (!opens) return;
        await page.getByRole("dialog").waitFor();
        shown.push(performance.now() - start);
      });
      answers.get(name)?.push(Math.max(0, ...taken));
    }
  }
  const middle = (of: number[]) => of.toSorted((a, b) => a - b)[Math.floor(of.length / 2)] ?? NaN;
  for (const [name, of] of answers) {
    print(`a tap on ${name} answered, processor slowed four times`, middle(of), "ms (at most 100)");
    print("  the slowest of them", Math.max(...of), "ms");
  }
  const all = [...answers.values()].flat();
  const late = all.filter((answer) => answer > 100).length;
  print("taps in all, and of these later than 100 ms", all.length, `, ${late}`);
  print("a sheet there after such a tap, the driver's own time in it", middle(shown), "ms");
  await context.close();
}

/** Where a thumb would put itself. The driver's own tap would listen in the page, and be measured with it. */
async function middleOf(button: Locator): Promise<{ x: number; y: number }> {
  await button.waitFor();
  const box = await button.boundingBox();
  if (!box) throw new Error("The button is not on the screen.");
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/* Fifty messages a second for three hours, in as many connections as a shaky line would make. */
const messagesPerSecond = 50;
const connections = 12;

/** Sends an instrument's three hours of fifty messages a second as fast as the page takes them. */
async function flooding(address: string, browser: Browser): Promise<void> {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.addInitScript("globalThis.__name = (named) => named");
  await page.goto(`${address}/?logbook=demo`);
  await page.getByRole("heading", { name: "Today" }).waitFor();
  const all = hours * 3600 * messagesPerSecond;
  const from = Date.now() - hours * 3600e3;
  let part = 0;
  await page.route("**/instruments/*/stream", async (route) => {
    if (part >= connections) return;
    const first = (part * all) / connections;
    part += 1;
    const body = Array.from({ length: all / connections }, (_, i) => asEvent(first + i, from)).join(
      "",
    );
    await route.fulfill({ contentType: "text/event-stream", body: `retry: 100\n\n${body}` });
  });
  await page.goto(`${address}/runs/demo-run-31/watch`);
  await page.getByRole("button", { name: "Connect a probe and scale" }).click();
  const start = performance.now();
  await page.getByRole("button", { name: "Connect", exact: true }).click();
  await page.getByText(new RegExp(`^${all} samples`)).waitFor({ timeout: 300_000 });
  print("messages of an instrument taken in", all, "");
  print("  a second", all / ((performance.now() - start) / 1000), "(50 are asked)");
  await page.getByRole("button", { name: "Close" }).click();
  const taps: number[] = [];
  for (let i = 0; i < 5; i += 1) {
    const tapped = performance.now();
    await page.getByRole("button", { name: "Reading", exact: true }).click();
    await page.getByRole("dialog").waitFor();
    taps.push(performance.now() - tapped);
    await page.getByRole("button", { name: "Close" }).click();
  }
  print("a sheet opened over them, median", taps.toSorted((a, b) => a - b)[2] ?? NaN, "ms");
  await page.waitForTimeout(6000);
  const again = performance.now();
  await page.reload();
  await page.getByRole("button", { name: /Probe and scale/ }).click();
  await page.getByText(new RegExp(`^${all} samples`)).waitFor({ timeout: 120_000 });
  print("all of them there again after a reload", performance.now() - again, "ms");
  await page.close();
}

/** The nth message, over four channels, as a server-sent event. */
function asEvent(n: number, from: number): string {
  const channel = ["head", "outlet", "tub", "distillate"][n % 4];
  const at = new Date(from + Math.floor(n / 4) * ((4 * 1000) / messagesPerSecond)).toISOString();
  const value = channel === "distillate" ? n / 500 : 40 + (n % 100) / 10;
  const unit = channel === "distillate" ? "g" : "°C";
  return `id: ${n + 1}\ndata: ${JSON.stringify({ at, channel, value, unit })}\n\n`;
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

async function fill(page: Page, records: AnyRecord[]): Promise<void> {
  const pairs = records.map((record): [string, string] => [
    `${record.kind}/${record.id}`,
    JSON.stringify(record),
  ]);
  await put(page, "sereno", pairs);
}

/** Puts texts into the browser's database behind the app's back. */
async function put(page: Page, logbook: string, pairs: [string, string][]): Promise<void> {
  await page.evaluate(
    ([name, entries]) =>
      new Promise<void>((resolve) => {
        const request = indexedDB.open(name);
        request.onsuccess = () => {
          const work = request.result.transaction("entries", "readwrite");
          for (const [key, text] of entries) work.objectStore("entries").put(text, key);
          work.oncomplete = () => {
            request.result.close();
            resolve();
          };
        };
      }),
    [logbook, pairs] as const,
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

async function measure(only: string | undefined): Promise<void> {
  if (!only || only === "core") core();
  if (only === "core") return;
  const { address, browser, close } = await openApp();
  for (const [name, part] of Object.entries({ start, planning, watching, tapping, flooding }))
    if (!only || only === name) await part(address, browser);
  await close();
}

measure(process.argv[2]).catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
