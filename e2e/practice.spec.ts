import { expect, test, type Page } from "@playwright/test";
import { addCopperPot, tapTo } from "./steps";

/** Begins an exercise of one's own in the copper pot, with a fault. */
async function begin(page: Page, wrong: string, from = "At the first drop"): Promise<void> {
  await tapTo(page, "Bench");
  await page.getByRole("link", { name: /^Practice/ }).click();
  await page.getByLabel("What goes wrong").selectOption({ label: wrong });
  await page.getByRole("radio", { name: from }).click();
  await page
    .getByRole("button", { name: "Begin: Begin your own exercise" })
    .or(page.getByRole("button", { name: "Begin your own exercise" }))
    .click();
  await expect(page.getByText("Time waits.", { exact: false })).toBeVisible();
}

/** Lets time go on until something is to be seen, so many minutes of the page's clock at most. */
async function until(
  page: Page,
  sign: ReturnType<Page["getByText"]>,
  seconds = 120,
): Promise<void> {
  for (let i = 0; i < seconds && !(await sign.first().isVisible()); i += 1)
    await page.clock.runFor(1000);
  await expect(sign.first()).toBeVisible();
}

/** The same, for what only a sense tells: it is asked again and again. */
async function untilSensed(page: Page, name: string, told: string): Promise<void> {
  for (let i = 0; i < 60; i += 1) {
    await sense(page, name);
    if (await page.getByText(told).isVisible()) return;
    await page.clock.runFor(1000);
  }
  await expect(page.getByText(told)).toBeVisible();
}

const sense = (page: Page, name: string) => page.getByRole("button", { name, exact: true }).click();
async function hands(page: Page, name: string): Promise<void> {
  await page.getByRole("button", { name: "Hands", exact: true }).click();
  await page.getByRole("dialog").getByRole("button", { name }).click();
  await page.clock.runFor(500);
}
async function heat(page: Page, share: string): Promise<void> {
  await page.getByRole("button", { name: "Heat", exact: true }).click();
  await page.getByRole("dialog").getByRole("button", { name: share }).click();
  await page.clock.runFor(500);
}
/* A minute in a second: what is heard, or rings as danger, brings it down to its own time. */
async function goOn(page: Page): Promise<void> {
  await page.getByRole("button", { name: "20 times" }).click();
  await page.getByRole("dialog").getByRole("radio", { name: "60 times" }).click();
  await expect(page.getByRole("button", { name: "Wait" })).toBeVisible();
}
const lookBack = (page: Page) =>
  page.getByRole("button", { name: "End and look back" }).first().click();

test.beforeEach(async ({ page }) => {
  /* A still's noise, the same each time. */
  await page.addInitScript(() => {
    let drawn = 1;
    Math.random = () => (drawn = (drawn * 16_807) % 2_147_483_647) / 2_147_483_647;
  });
  await page.clock.install({ time: new Date("2026-07-14T08:00:00") });
  await addCopperPot(page);
});

test("cooling stops: it is told by figure and hand, mended in the right order, and looked back on", async ({
  page,
}) => {
  await begin(page, "Cooling stops");
  await goOn(page);
  await until(page, page.getByText(/Outlet is warm|vapour at the outlet/));
  await sense(page, "Look");
  await expect(page.getByText(/No water cools the condenser\./)).toBeVisible();
  await heat(page, "35 %");
  await hands(page, "Cooling water on");
  await expect(page.getByText("Cooling water on, in full.")).toBeVisible();
  await page.clock.runFor(20_000);
  await sense(page, "Look");
  await expect(page.getByText(/No water cools the condenser\./)).toHaveCount(0);
  await lookBack(page);
  await expect(page.getByRole("heading", { name: "Nobody was hurt" })).toBeVisible();
  await expect(page.getByText(/^You put it right after/)).toBeVisible();
  await expect(page.getByRole("table", { name: "What waiting costs" })).toBeVisible();

  /* It stands among what was done, and neither run nor still of it in the person's own logbook. */
  await page.getByRole("button", { name: "All lessons" }).click();
  await expect(page.getByRole("link", { name: /Cooling stops, True lavender/ })).toBeVisible();
  await tapTo(page, "Runs");
  await expect(page.getByText("Distilling")).toHaveCount(0);
});

test("the flame goes out: closed, aired and lit again; gas that has flowed would have taken fire", async ({
  page,
}) => {
  await begin(page, "The heat goes out");
  await goOn(page);
  await until(page, page.getByText(/drips much slower|The head cools down/));
  await sense(page, "Smell");
  await expect(page.getByText("It smells of gas.")).toBeVisible();
  await hands(page, "Close the gas, air the place");
  await hands(page, "Heat on again");
  await sense(page, "Look");
  await expect(page.getByText("The heat is out.")).toHaveCount(0);
  await lookBack(page);
  await expect(page.getByRole("heading", { name: "Nobody was hurt" })).toBeVisible();
});

test("a leak: smelt, turned down, sealed", async ({ page }) => {
  await begin(page, "A leak at the lid");
  await goOn(page);
  await until(page, page.getByText(/drips much slower/));
  await untilSensed(page, "Smell", "The whole place smells of the plant.");
  await heat(page, "35 %");
  await hands(page, "Seal with paste");
  await sense(page, "Smell");
  await expect(page.getByText("The whole place smells of the plant.")).toHaveCount(0);
  await lookBack(page);
  await expect(page.getByText(/^You put it right after/)).toBeVisible();
});

test("pressure that nobody minds ends the exercise with what would have happened; a reload goes on where it was", async ({
  page,
}) => {
  await begin(page, "The way out is blocked");
  await goOn(page);
  await until(page, page.getByText("It hisses at the lid.", { exact: false }));
  /* What is heard is met in its own time. */
  await expect(page.getByRole("button", { name: "In its own time" })).toBeVisible();
  const log = page.getByRole("button", { name: /^Log, / });
  await expect(log).toBeVisible();
  await page.reload();
  await expect(page.getByText("Time waits.", { exact: false })).toBeVisible();
  await sense(page, "Listen");
  await expect(page.getByText("It hisses at the lid.", { exact: false })).toBeVisible();
  await goOn(page);
  await until(page, page.getByText("The lid lifts at its rim and blows steam.", { exact: false }));
  /* Each danger that rings brings time down again. */
  const burst = page.getByRole("heading", { name: "The still burst open" });
  for (let i = 0; i < 60 && !(await burst.isVisible()); i += 1) {
    const own = page.getByRole("button", { name: "In its own time" });
    if (await own.isVisible()) {
      await own.click();
      await page.getByRole("dialog").getByRole("radio", { name: "120 times" }).click();
    }
    await page.clock.runFor(1000);
  }
  await expect(burst).toBeVisible();
  await expect(page.getByText("At a real still it is not.", { exact: false })).toBeVisible();
  await expect(page.getByText("You did not put it right.")).toBeVisible();
});

test("a hot still that is opened ends the exercise at once", async ({ page }) => {
  await begin(page, "Nothing");
  await goOn(page);
  await page.clock.runFor(10_000);
  await hands(page, "Open the lid");
  await expect(page.getByRole("heading", { name: "Scalded" })).toBeVisible();
});

test("one exercise in two tabs: the second says where it goes on, and has it once the first is shut", async ({
  page,
  context,
}) => {
  await begin(page, "Nothing");
  const second = await context.newPage();
  await second.goto(page.url());
  await expect(second.getByText("This exercise is open in another tab.")).toBeVisible();
  await page.close();
  await expect(second.getByText("Time waits.", { exact: false })).toBeVisible();
});

test("a trainer's exercise goes out as a file and comes in on another device", async ({
  page,
  browser,
}) => {
  await begin(page, "Surprise me");
  await lookBack(page);
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: /^Save as a file/ }).click(),
  ]);
  const path = await file.path();
  const other = await browser.newPage();
  await other.goto("/bench/practice");
  await other.getByLabel("An exercise's file").setInputFiles(path);
  await expect(other.getByText(/^Surprise with/)).toBeVisible();
  await other.getByRole("button", { name: /Begin Surprise with|Begin: Begin Surprise/ }).click();
  await expect(other.getByText("Time waits.", { exact: false })).toBeVisible();
  await other.close();
});
