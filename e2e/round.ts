import { expect, test, type Page } from "@playwright/test";
import { openEach, settled } from "./openEach";
import { choosePlant, field, goTo, visit } from "./steps";

/** Looks at a page, and says softly what is wrong with it: the round goes on. */
export type Look = (page: Page, address: string) => Promise<void>;

interface Round {
  /** What holds wherever it comes. */
  claim: string;
  all: readonly string[];
  looks: readonly Look[];
  /** Looks at each of its lists and sheets, opened one after the other. */
  opened?: readonly Look[];
  logbook?: "demo" | "sereno";
  /** How an address is reached: gone through in the opened app, or typed in, so that each page is begun by itself. */
  go?: (page: Page, address: string) => Promise<void>;
  /** Which language the app is asked for. */
  language?: "pseudo";
  /** So many addresses share one browser and one logbook: beginning takes longer than some looks. */
  perTest?: number;
}

/** A round of many addresses: opening one takes as long as most looks at it, so that all looks share it. */
export function round({
  claim,
  all,
  looks,
  opened,
  logbook = "demo",
  go = visit,
  language,
  perTest = 10,
}: Round): void {
  for (let from = 0; from < all.length; from += perTest) {
    const some = all.slice(from, from + perTest);
    test(`${claim}: ${some.join(", ")}`, async ({ page }) => {
      test.setTimeout(240_000);
      /* After dusk the cockpit is dark whatever the device says. */
      await page.clock.setSystemTime(new Date().setHours(12, 0));
      await goTo(page, `/?logbook=${logbook}${language ? `&language=${language}` : ""}`);
      await settled(page);
      for (const address of some)
        await test.step(address, async () => {
          await go(page, address);
          await settled(page);
          if (logbook === "demo" && !language) await whole[address]?.(page);
          for (const look of looks) await look(page, address);
          if (opened)
            await openEach(page, async (opener) => {
              for (const look of opened) await look(page, `${address}, ${opener}`);
            });
        });
    });
  }
}

/* Pages that show most of what they have only once something is chosen, or worked out. */
const whole: Record<string, (page: Page) => Promise<void>> = {
  "/plan": async (page) => {
    await choosePlant(page, "Clary sage");
    await field(page, "Plant weight").fill("900 g");
    await expect(page.getByText(/^likely \d/).first()).toBeVisible();
  },
  "/shelf/labels": (page) =>
    expect(page.getByRole("button", { name: /^Save \d+ labels/ })).toBeEnabled(),
};
