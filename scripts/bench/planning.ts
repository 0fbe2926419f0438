import type { Browser, Page } from "@playwright/test";
import { listen, middleOf, slowed, slowestAnswer } from "./answers";
import { print } from "./print";
import { workedExampleA } from "./workedExample";

/** Plans as a hurried person does, and counts what kept the page from answering. */
export async function planning(address: string, browser: Browser): Promise<void> {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.goto(`${address}/?logbook=demo`);
  await page.getByRole("heading", { name: "Today" }).waitFor();
  await page.goto(`${address}/plan`);
  const plant = page.getByRole("combobox", { name: "Plant", exact: true });
  await plant.click();
  await page.getByRole("option", { name: /True lavender/ }).click();
  const have = page.getByRole("textbox", { name: "Plant weight" });
  await have.fill("600");
  await answered(page);
  await page.evaluate(() => {
    const tasks: number[] = [];
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) tasks.push(entry.duration);
    }).observe({ type: "longtask" });
    Object.assign(window, { longTasks: tasks });
  });
  for (const text of ["7", "75", "750", "1200", "333", "900"]) {
    await have.fill(text);
    await answered(page);
  }
  const tasks = await page.evaluate(() => (window as unknown as { longTasks: number[] }).longTasks);
  print("tasks over 50 ms on the page while planning six charges", tasks.length, "");
  print("the longest of them", Math.max(0, ...tasks), "ms");

  await slowed(page, 4);
  await listen(page);
  await have.click();
  const digits: number[] = [];
  for (const digit of "123405")
    for (const key of ["Backspace", digit])
      digits.push(await slowestAnswer(page, () => page.keyboard.press(key)));
  print("a digit typed in Plan, four times slower", middleOf(digits), "ms (at most 50)");
  print("  the slowest of them", Math.max(...digits), "ms");
  await slowed(page, 1);

  const worker = await inWorker(address, browser, computeWorker(page));
  print("1,000 sampled runs of worked example A, in the worker", worker, "ms (at most 150)");
  await page.close();
}

/** Waits for the likely range of what was typed last. */
async function answered(page: Page): Promise<void> {
  await page.getByRole("button", { name: / mL oil, likely \d/ }).waitFor();
}

/** The address of the worker that computes: another stores beside it. */
function computeWorker(page: Page): string {
  const found = page.workers().find((worker) => /compute/.test(worker.url()));
  if (!found) throw new Error("nothing that computes is at work on the plan");
  return found.url();
}

type Bridge = {
  wrap: (worker: Worker) => {
    forecast: (question: number, request: unknown, onProgress: unknown) => Promise<unknown>;
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
        await remote.forecast(
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
