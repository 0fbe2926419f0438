import type { Page } from "@playwright/test";

/** Slows the page's processor, as a phone's that is some years old. */
export async function slowed(page: Page, rate: number): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate });
}

/** From here on the page keeps how long each tap and letter took until its answer was drawn. */
export async function listen(page: Page): Promise<void> {
  await page.evaluate(() => {
    const taken: number[] = [];
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries())
        if (/^(click|pointerup|keydown|keyup|input)$/.test(entry.name)) taken.push(entry.duration);
    }).observe({ type: "event", durationThreshold: 16, buffered: true } as PerformanceObserverInit);
    Object.assign(window, { answers: taken });
  });
}

/** The slowest answer to what is done, ms; nought where all came within one frame. */
export async function slowestAnswer(page: Page, act: () => Promise<void>): Promise<number> {
  await page.evaluate(() => (window as unknown as { answers: number[] }).answers.splice(0));
  await act();
  await page.waitForTimeout(1700);
  return Math.max(
    0,
    ...(await page.evaluate(() => (window as unknown as { answers: number[] }).answers)),
  );
}

/** The middle of several figures. */
export function middleOf(of: number[]): number {
  return of.toSorted((a, b) => a - b)[Math.floor(of.length / 2)] ?? NaN;
}
