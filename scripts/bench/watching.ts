import type { Browser } from "@playwright/test";
import { openCockpit } from "./cockpit";
import { print } from "./print";

/** Counts frames over three hours of samples. */
export async function watching(address: string, browser: Browser): Promise<void> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await openCockpit(page, address);
  await page.getByRole("img", { name: /head [\d.]+ °[CF]/ }).waitFor();
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
