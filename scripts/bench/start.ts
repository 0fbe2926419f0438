import type { Browser } from "@playwright/test";
import { fill, runsOf } from "./fill";
import { print } from "./print";

const firstWords = "From the cut plant to the bottle";

/* In the page, as text since it runs there: when the first screen stood. What is fetched ahead after it is for later. */
const noteFirstScreen = `requestAnimationFrame(function look() {
  if (document.body?.innerText.includes("${firstWords}")) window.firstScreenAt = performance.now();
  else requestAnimationFrame(look);
})`;

/* In the page: bytes of the scripts that had been asked for by then, as they were sent. */
function askedBefore(): number {
  const { firstScreenAt = NaN } = window as { firstScreenAt?: number };
  const asked = performance.getEntriesByType("resource") as PerformanceResourceTiming[];
  return asked
    .filter(({ name, startTime }) => name.endsWith(".js") && startTime <= firstScreenAt)
    .reduce((sum, { transferSize }) => sum + transferSize, 0);
}

/** What is sent for the first screen, and how long the logbook takes to open. */
export async function start(address: string, browser: Browser): Promise<void> {
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: "block",
  });
  await page.addInitScript(noteFirstScreen);
  await page.goto(address);
  await page.getByText(firstWords).waitFor();
  const scriptBytes = await page.evaluate(askedBefore);
  print("JavaScript for the first screen, compressed", scriptBytes / 1000, "kB (at most 340)");

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
