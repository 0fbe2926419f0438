import type { Browser } from "@playwright/test";
import { fill, runsOf } from "./fill";
import { print } from "./print";

/** What is sent for the first screen, and how long the logbook takes to open. */
export async function start(address: string, browser: Browser): Promise<void> {
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: "block",
  });
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
  await page.getByText("From the cut plant to the bottle").waitFor();
  print("JavaScript for the first screen, compressed", scriptBytes / 1000, "kB (at most 400)");

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
