import type { Browser, Page } from "@playwright/test";
import { Relay } from "../../server/relay";
import { buildDemo } from "../../src/demo/buildDemo";
import { writeLogbook } from "../../src/exchange/logbookFile";
import { print } from "./print";

const taps = 20;
/* A second tap on one button sooner than this counts as the same one. */
const apartMs = 1600;

/** How long a tap at the still takes to the other device, and what the relay keeps of one that is away for a season. */
export async function sharing(address: string, browser: Browser): Promise<void> {
  const [shed, kitchen] = await Promise.all([device(browser), device(browser)]);
  await bringIn(shed, address);
  await pair(shed, kitchen, address);
  const cockpit = `${address}/runs/own-run-31/watch`;
  await shed.goto(cockpit);
  await kitchen.goto(cockpit);
  await kitchen.getByRole("button", { name: /^Log, / }).waitFor();
  const times: number[] = [];
  for (let i = 0; i < taps; i += 1) {
    const seen = nextLog(kitchen);
    await shed.getByRole("button", { name: "Swap jar" }).click();
    const tapped = await shed.evaluate(() => (window as unknown as { tapped: number }).tapped);
    times.push((await seen) - tapped);
    await shed.waitForTimeout(apartMs);
  }
  times.sort((a, b) => a - b);
  const at = (share: number) => times[Math.floor((times.length - 1) * share)]!;
  print(
    `a tap is on the other device's screen, the middle of ${taps}`,
    at(0.5),
    "ms (at most 1000)",
  );
  print("  the slowest of them", at(1), "ms");
  await Promise.all([shed.context().close(), kitchen.context().close()]);

  const relay = new Relay();
  const name = "0".repeat(32);
  for (let i = 0; i < 2000; i += 1)
    relay.post(name, { from: "shed-phone", sealed: "A".repeat(20_000), keep: true });
  print("kept for a device that is away, of 40 MB sent", relay.size() / 1e6, "MB (at most 10)");
}

/* The demonstration's records as somebody's own: the demonstration itself is shared with nobody. */
async function bringIn(page: Page, address: string): Promise<void> {
  const now = new Date();
  await page.goto(`${address}/bench/data`);
  await page.getByLabel("Logbook file").setInputFiles({
    name: "season.json",
    mimeType: "application/json",
    buffer: Buffer.from(writeLogbook(buildDemo(now), now).replaceAll("demo-", "own-")),
  });
  await page.getByRole("button", { name: "Bring in" }).click();
  await page.getByRole("dialog").waitFor({ state: "detached" });
}

async function device(browser: Browser): Promise<Page> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
  });
  const page = await context.newPage();
  /* The script's compiler names functions through a helper that the page does not have. */
  await page.addInitScript("globalThis.__name = (named) => named");
  await page.addInitScript(() =>
    document.addEventListener(
      "click",
      () => ((window as unknown as { tapped: number }).tapped = Date.now()),
      true,
    ),
  );
  return page;
}

/** When the log's count on a page changes next, ms of the machine's clock. */
function nextLog(page: Page): Promise<number> {
  return page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const text = () =>
          [...document.querySelectorAll('[role="button"]')].find((each) =>
            each.textContent?.startsWith("Log, "),
          )?.textContent;
        const before = text();
        const observer = new MutationObserver(() => {
          if (text() === before) return;
          observer.disconnect();
          resolve(Date.now());
        });
        observer.observe(document.body, { subtree: true, childList: true, characterData: true });
      }),
  );
}

async function pair(shed: Page, kitchen: Page, address: string): Promise<void> {
  await shed.goto(`${address}/bench/data`);
  await kitchen.goto(`${address}/bench/data`);
  await shed.getByRole("button", { name: "Show a code" }).click();
  const code = await shed.getByText(/^[2-9A-Z]{4}-[2-9A-Z]{4}-[2-9A-Z]{4}$/).textContent();
  await kitchen.getByRole("button", { name: "Enter a code" }).click();
  await kitchen.getByRole("textbox", { name: "Code" }).fill(code!);
  await kitchen.getByRole("button", { name: "Pair", exact: true }).click();
  await kitchen.getByText(/^Paired with/).waitFor();
  for (const page of [shed, kitchen]) {
    await page.getByRole("button", { name: "Close" }).click();
    await page.getByText(/^Both last had the same/).waitFor();
  }
}
