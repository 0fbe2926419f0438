/* Renews the pictures in docs/screenshots from the demonstration. Needs a build: npm run build. */
import type { Page } from "@playwright/test";
import { mkdirSync } from "node:fs";
import { openApp } from "./lib/browser";

interface Picture {
  name: string;
  address: string;
  wide?: boolean;
  night?: boolean;
  /** For the guide inside the app. */
  small?: boolean;
  prepare?: (page: Page) => Promise<void>;
}

const planned = async (page: Page) => {
  const plant = page.getByRole("combobox", { name: "Plant", exact: true });
  await plant.fill("Clary sage, flowering tops");
  await page.getByRole("option").first().waitFor();
  await plant.press("Enter");
  await page.getByRole("textbox", { name: "Plant weight" }).fill("1.8");
  await page.getByLabel("Plant weight: unit").selectOption("kg");
  await page
    .getByRole("button", { name: / mL oil, likely \d/ })
    .first()
    .waitFor();
};

const below = (heading: string) => async (page: Page) => {
  await page
    .getByRole("heading", { name: heading })
    .evaluate((found) => found.scrollIntoView({ block: "start" }));
};

const fitted = async (page: Page) => {
  await page.getByRole("heading", { name: "What its readings teach" }).waitFor();
};

const forecastThere = async (page: Page) => {
  await page.getByRole("button", { name: /Forecast and stop/ }).waitFor();
};
/* The cooling fails, is put right, and is looked back on. */
const lookedBack = async (page: Page) => {
  const press = (name: string | RegExp) =>
    page.getByRole("button", typeof name === "string" ? { name, exact: true } : { name }).click();
  await press(/The cooling fails/);
  await press("Go on");
  await page.getByText("Heat off now: vapour at the outlet").first().waitFor({ timeout: 120_000 });
  await press("Smell");
  await press("Hands");
  await press("Cooling water on");
  await press("End and look back");
  await page.getByRole("heading", { name: "Cooling stops" }).waitFor({ timeout: 60_000 });
};
const pictures: Picture[] = [
  { name: "today-phone", address: "/" },
  { name: "plan-phone", address: "/plan", prepare: planned },
  {
    name: "watch-phone-night",
    address: "/runs/demo-run-31/watch",
    night: true,
    prepare: forecastThere,
  },
  {
    name: "settle-phone",
    address: "/runs/demo-run-30/separate",
    prepare: below("Let oil and water separate"),
  },
  {
    name: "went-phone",
    address: "/runs/demo-run-29",
    prepare: below("Where the oil went"),
  },
  { name: "shelf-phone", address: "/shelf" },
  { name: "sheet-wide", address: "/runs/demo-run-14", wide: true, prepare: fitted },
  { name: "lot-wide", address: "/shelf/demo-lot-26-oil", wide: true },
  { name: "debrief-phone", address: "/bench/practice", prepare: lookedBack },
  {
    name: "labels-wide",
    address: "/shelf/labels?lot=demo-lot-26-oil",
    wide: true,
    prepare: async (page) => {
      await page.getByLabel("Sheet").selectOption("a4-21");
      await page.getByRole("img", { name: /^Label.*nothing added/ }).waitFor();
    },
  },
  { name: "season-wide", address: "/shelf/season", wide: true },
  {
    name: "harvest-wide",
    address: "/harvests/demo-harvest-14",
    wide: true,
    prepare: async (page) => {
      await page.getByRole("img", { name: /picture 2 of 2/ }).waitFor();
    },
  },
  { name: "day-phone", address: "/plan/day/demo-day-1" },
  { name: "day-wide", address: "/plan/day/demo-day-1", wide: true },
  { name: "calendar-phone", address: "/harvests/calendar" },
  {
    name: "compare-wide",
    address: "/runs/compare?ids=demo-run-11,demo-run-12,demo-run-15",
    wide: true,
  },
  { name: "trial-phone-night", address: "/runs/learn?trial=demo-trial-2", night: true },
  { name: "known-wide", address: "/runs/learn?plant=clarysage", wide: true },
];

const stopSheet = async (page: Page) => {
  await planned(page);
  await page
    .getByRole("button", { name: /^Heat off/ })
    .first()
    .click();
  await page.getByRole("dialog").getByRole("button", { name: "Close" }).waitFor();
  await page.waitForTimeout(800);
};

/* What the guide inside the app shows beside its steps: small, and of one size. */
const ofGuide: Picture[] = [
  { name: "plan", address: "/plan", prepare: planned },
  { name: "stop", address: "/plan", prepare: stopSheet },
  { name: "watch", address: "/runs/demo-run-31/watch", prepare: forecastThere },
  {
    name: "separate",
    address: "/runs/demo-run-30/separate",
    prepare: below("Let oil and water separate"),
  },
  { name: "run", address: "/runs/demo-run-29" },
  { name: "lot", address: "/shelf/demo-lot-26-oil" },
  { name: "today", address: "/", prepare: below("Due") },
  { name: "past", address: "/runs/past" },
  { name: "compare", address: "/runs/compare?ids=demo-run-11,demo-run-12" },
  { name: "data", address: "/bench/data" },
].map((picture) => ({ ...picture, small: true, name: `how/${picture.name}` }));

async function take(): Promise<void> {
  mkdirSync("docs/screenshots", { recursive: true });
  mkdirSync("public/how", { recursive: true });
  const { address, browser, close } = await openApp();
  /* One picture alone where its name is told, or the guide's by "how". */
  const wanted = process.argv.slice(2);
  for (const { name, address: path, wide, night, small, prepare } of [...pictures, ...ofGuide]) {
    const asked = wanted.includes(name) || (small && wanted.includes("how"));
    if (wanted.length > 0 && !asked) continue;
    const file = small ? `public/${name}.jpg` : `docs/screenshots/${name}.png`;
    const height = small ? 560 : 844;
    const context = await browser.newContext({
      viewport: wide ? { width: 1280, height: 800 } : { width: 390, height },
      colorScheme: night ? "dark" : "light",
      reducedMotion: "reduce",
      locale: "en-GB",
    });
    const page = await context.newPage();
    await page.goto(`${address}/?logbook=demo`);
    await page.getByRole("heading", { name: "Today" }).waitFor();
    await page.goto(address + path);
    await page.getByRole("heading", { level: 1 }).waitFor();
    await prepare?.(page);
    await page.evaluate(() => document.fonts.ready);
    /* What was drawn last has to be on the screen, too. */
    await page.waitForTimeout(1500);
    await page.screenshot({
      path: file,
      animations: "disabled",
      ...(small ? { type: "jpeg" as const, quality: 72 } : {}),
    });
    await context.close();
    console.log(file);
  }
  await close();
}

take().catch((error: unknown) => {
  console.error(error);
  process.exit(1);
});
