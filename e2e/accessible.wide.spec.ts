import { AxeBuilder } from "@axe-core/playwright";
import { expect, test, type Page } from "@playwright/test";
import { choosePlant, goTo } from "./steps";

const screens = [
  "/",
  "/plan",
  "/runs",
  "/runs/demo-run-14",
  "/runs/demo-run-31/watch",
  "/runs/demo-run-31/ready",
  "/runs/demo-run-30/separate",
  "/shelf",
  "/shelf/demo-lot-28-oil",
  "/shelf/demo-lot-7-hydrosol",
  "/shelf/labels",
  "/shelf/season",
  "/runs/learn",
  "/runs/learn?trial=demo-trial-1",
  "/runs/learn?sniff=demo-sniff-1",
  "/runs/learn?plant=clarysage",
  "/runs/compare?ids=demo-run-11,demo-run-12,demo-run-15",
  "/harvests",
  "/harvests/demo-harvest-14",
  "/harvests/calendar",
  "/bench",
  "/bench/stills/demo-still-1",
  "/bench/data",
  "/bench/plants",
  "/bench/plants/clarysage",
  "/bench/plants/clarysage/figures",
  "/bench/calculator",
  "/bench/stills/demo-still-1/calibrate",
  "/runs/together",
  "/runs/past",
  "/runs/table",
  "/find",
];

/* What is one column on a wide screen too has the same parts there. */
const oneColumn = new Set([
  "/runs/demo-run-31/ready",
  "/shelf/demo-lot-7-hydrosol",
  "/runs/learn",
  "/runs/learn?sniff=demo-sniff-1",
  "/runs/learn?plant=clarysage",
  "/harvests",
  "/harvests/calendar",
  "/bench/data",
  "/bench/plants",
  "/bench/plants/clarysage",
  "/bench/calculator",
  "/bench/stills/demo-still-1/calibrate",
]);

/* Colours are the same at either width: contrast, the slowest to judge, is looked at on the narrow one, by day and night. */
async function serious(
  page: Page,
  { colorScheme, wide }: { colorScheme: "light" | "dark"; wide: boolean },
): Promise<string[]> {
  /* There are no frames to look into: what judges them opens a page of its own for each screen. */
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ["violations"] });
  if (colorScheme === "dark") axe.withRules(["color-contrast"]);
  else if (wide) axe.disableRules(["color-contrast"]);
  const { violations } = await axe.analyze();
  return violations
    .filter(({ impact }) => impact === "serious" || impact === "critical")
    .map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .slice(0, 3)
          .map(({ html }) => html.slice(0, 160))
          .join(" | ")}`,
    );
}

const narrow = { width: 390, height: 844 };
const looks = [
  { colorScheme: "light", size: narrow },
  { colorScheme: "dark", size: narrow },
  { colorScheme: "light", size: { width: 1280, height: 800 } },
] as const;
/* So many screens share one browser and one demonstration. */
const perTest = 8;
for (const { colorScheme, size } of looks) {
  const looked = screens.filter((address) => size.width < 900 || !oneColumn.has(address));
  for (let from = 0; from < looked.length; from += perTest) {
    const some = looked.slice(from, from + perTest);
    test(`axe finds nothing serious, ${colorScheme}, ${size.width} wide: ${some.join(", ")}`, async ({
      browser,
      baseURL,
    }) => {
      test.setTimeout(200_000);
      const context = await browser.newContext({
        colorScheme,
        viewport: size,
        baseURL,
        reducedMotion: "reduce",
      });
      const page = await context.newPage();
      await goTo(page, "/?logbook=demo");
      await expect(page.getByRole("heading", { name: "Today" })).toBeVisible();
      for (const address of some)
        await lookAt(page, address, { colorScheme, wide: size.width > 900 });
      await context.close();
    });
  }
}

async function lookAt(
  page: Page,
  address: string,
  look: { colorScheme: "light" | "dark"; wide: boolean },
): Promise<void> {
  await goTo(page, address);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  if (address === "/shelf/labels")
    await expect(page.getByRole("button", { name: /^Save \d+ labels/ })).toBeEnabled();
  if (address === "/plan") {
    await choosePlant(page, "Clary sage");
    await page.getByRole("textbox", { name: "Plant weight" }).fill("900");
    await expect(page.getByText(/^likely \d/).first()).toBeVisible();
  }
  expect(await serious(page, look), `${address} in ${look.colorScheme}`).toEqual([]);
}
