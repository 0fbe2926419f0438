import { chromium, type Browser, type BrowserContext, type Page } from "@playwright/test";
import { mkdtempSync, readFileSync, readdirSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { chromiumOptions } from "../lib/browser";
import { openCockpit } from "./cockpit";
import { print } from "./print";

/* On a slow processor fewer: each waits until a second tap would count as one. */
const tapsAt = { 1: 60, 4: 20 } as const;

/** How long after a tap its change is in the browser's database, the page being drawn meanwhile. */
export async function storing(address: string, browser: Browser): Promise<void> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
  });
  const page = await context.newPage();
  await openCockpit(page, address);
  for (const slower of [1, 4] as const) {
    const session = await context.newCDPSession(page);
    await session.send("Emulation.setCPUThrottlingRate", { rate: slower });
    await page.evaluate(() => performance.clearMeasures());
    for (let i = 0; i < tapsAt[slower]; i += 1) {
      await page.getByRole("button", { name: "Swap jar" }).click();
      await page.waitForTimeout(1600);
    }
    const times = await page.evaluate(() =>
      performance.getEntriesByName("noted").map(({ duration }) => duration),
    );
    times.sort((a, b) => a - b);
    const at = (share: number) => times[Math.floor((times.length - 1) * share)] ?? NaN;
    const where = slower === 1 ? "" : `, processor slowed ${slower} times`;
    print(`a tap stored, the middle of ${times.length}${where}`, at(0.5), "ms (at most 20)");
    print("  nine in ten of them", at(0.9), "ms");
    print("  the slowest of them", at(1), "ms");
  }
  await context.close();
}

/**
 * Taps, kills the whole browser some time later, and looks whether the tap is in the log when it opens
 * again. Run alone: `npm run bench -- kills`, with a number of kills behind it.
 */
export async function kills(address: string): Promise<void> {
  const count = Number(process.argv[3] ?? 200);
  const folder = mkdtempSync(path.join(tmpdir(), "sereno-kills-"));
  let noted = 0;
  let lost = 0;
  const lostAfter: number[] = [];
  const cockpit = `${address}/runs/demo-run-31/watch?logbook=demo`;
  let opened = await open(folder);
  await opened.page.goto(`${address}/?logbook=demo`);
  await opened.page.getByRole("heading", { name: "Today" }).waitFor();
  await opened.page.goto(cockpit);
  await opened.page.getByRole("button", { name: "Swap jar" }).waitFor();
  const entries = async (page: Page) => {
    const log = page.getByRole("button", { name: /^Log, \d+$/ });
    return Number(((await log.textContent()) ?? "").replace(/\D/g, ""));
  };
  let before = await entries(opened.page);
  await opened.page.waitForTimeout(2000);
  for (let i = 0; i < count; i += 1) {
    /* From 100 to 300 ms after the tap, evenly. */
    const after = 100 + (200 * i) / Math.max(1, count - 1);
    const box = await opened.page.getByRole("button", { name: "Swap jar" }).boundingBox();
    const tapped = performance.now();
    await opened.page.touchscreen.tap(box!.x + 20, box!.y + 20);
    const left = after - (performance.now() - tapped);
    if (left > 0) await new Promise((resolve) => setTimeout(resolve, left));
    killAll(folder);
    const died = performance.now() - tapped;
    await opened.context.close().catch(() => undefined);
    opened = await open(folder);
    await opened.page.goto(cockpit);
    await opened.page.getByRole("button", { name: "Swap jar" }).waitFor();
    const now = await entries(opened.page);
    noted += 1;
    if (now <= before) {
      lost += 1;
      lostAfter.push(Math.round(died));
    }
    before = now;
  }
  print(`browsers killed 100 ms or more after a tap`, noted, "");
  print(
    "  taps lost of these",
    lost,
    lostAfter.length > 0 ? `(after ${lostAfter.join(", ")} ms)` : "",
  );
  await opened.context.close();
  rmSync(folder, { recursive: true, force: true });
}

async function open(folder: string): Promise<{ context: BrowserContext; page: Page }> {
  const context = await chromium.launchPersistentContext(folder, {
    ...chromiumOptions(),
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    locale: "en-GB",
  });
  return { context, page: context.pages()[0] ?? (await context.newPage()) };
}

/** Ends every process of the browser over a folder at once, as a dead battery would. */
function killAll(folder: string): void {
  const roots = readdirSync("/proc").filter((name) => {
    try {
      return /^\d+$/.test(name) && readFileSync(`/proc/${name}/cmdline`, "utf8").includes(folder);
    } catch {
      return false;
    }
  });
  for (const id of [...new Set(roots.map(Number).flatMap(familyOf))])
    try {
      process.kill(id, "SIGKILL");
    } catch {
      continue;
    }
}

/** A process and all that came of it. */
function familyOf(id: number): number[] {
  try {
    const children = readFileSync(`/proc/${id}/task/${id}/children`, "utf8");
    return [id, ...children.split(" ").filter(Boolean).map(Number).flatMap(familyOf)];
  } catch {
    return [id];
  }
}
