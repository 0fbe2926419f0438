import type { Browser, Locator } from "@playwright/test";
import { listen, middleOf, slowestAnswer } from "./answers";
import { openCockpit } from "./cockpit";
import { print } from "./print";

/* A light tap: the time a thumb rests on the glass. An answer is counted from its lifting. */
const thumbMs = 60;

/** Taps as a thumb does on a slow phone, with a probe on the still, and times each until it is answered on the screen. */
export async function tapping(address: string, browser: Browser): Promise<void> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
  });
  const page = await context.newPage();
  await openCockpit(page, address);
  const session = await context.newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: 4 });
  await listen(page);
  const buttons = ["Swap jar", "Heat", "Close", "Count drips", "Close", "Reading", "Close"];
  const answers = new Map(buttons.map((name): [string, number[]] => [name, []]));
  const shown: number[] = [];
  for (let i = 0; i < 6; i += 1) {
    for (const name of buttons) {
      const opens = name === "Heat" || name === "Count drips" || name === "Reading";
      const { x, y } = await placeOf(page.getByRole("button", { name, exact: true }));
      const taken = await slowestAnswer(page, async () => {
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
      answers.get(name)?.push(taken);
    }
  }
  for (const [name, of] of answers) {
    print(
      `a tap on ${name} answered, processor slowed four times`,
      middleOf(of),
      "ms (at most 100)",
    );
    print("  the slowest of them", Math.max(...of), "ms");
  }
  const all = [...answers.values()].flat();
  const late = all.filter((answer) => answer > 100).length;
  print("taps in all, and of these later than 100 ms", all.length, `, ${late}`);
  print("a sheet there after such a tap, the driver's own time in it", middleOf(shown), "ms");
  await context.close();
}

/** Where a thumb would put itself. The driver's own tap would listen in the page, and be measured with it. */
async function placeOf(button: Locator): Promise<{ x: number; y: number }> {
  await button.waitFor();
  const box = await button.boundingBox();
  if (!box) throw new Error("The button is not on the screen.");
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}
