import { expect, test } from "@playwright/test";
import {
  addCopperPot,
  field,
  goTo,
  heatOffEarly,
  lightIt,
  planLavender,
  readAnew,
  stored,
} from "./steps";

test.use({ serviceWorkers: "allow" });

test("the network is cut in mid-run and the whole job is finished without it, reloads included", async ({
  page,
  context,
}) => {
  test.setTimeout(120_000);
  await addCopperPot(page);
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    if (!navigator.serviceWorker.controller)
      await new Promise((taken) =>
        navigator.serviceWorker.addEventListener("controllerchange", taken, { once: true }),
      );
  });
  await planLavender(page, "600");
  await lightIt(page);
  await context.setOffline(true);
  expect(
    await page.evaluate(() =>
      fetch("/healthz").then(
        () => true,
        () => false,
      ),
    ),
  ).toBe(false);

  await page.getByRole("button", { name: "It boils" }).click();
  await stored(page, /^run/, '"boiling"');
  await readAnew(page);
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  await page.getByRole("button", { name: "Reading", exact: true }).click();
  await field(page, "Distillate so far, all jars").fill("80");
  await page.getByRole("button", { name: "Save entry" }).click();
  await page.getByRole("button", { name: "Trouble", exact: true }).click();
  await page.getByRole("button", { name: "Close" }).click();
  await stored(page, /^run/, '"distillateMl":80');
  await readAnew(page);
  await expect(page.getByRole("heading", { name: "Distilling" })).toBeVisible();
  await heatOffEarly(page);
  await stored(page, /^run/, '"heatOff"');
  await readAnew(page);
  await page.getByRole("button", { name: "Separate" }).click();
  await field(page, "Oil").fill("2.1");
  await field(page, "Hydrosol, all of it").fill("580");
  await page.getByRole("button", { name: "Save result" }).click();
  await page.getByRole("button", { name: /^Bottle / }).click();
  await page.getByRole("button", { name: "Add to shelf" }).click();
  await stored(page, /^bottle/, '"filledMl"');
  await readAnew(page);
  for (const place of ["Today", "Plan", "Runs", "Shelf", "Bench"]) {
    await page.getByRole("link", { name: place, exact: true }).click();
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  }
  /* Also begun without a network: any address opens the app. */
  await goTo(page, "/runs");
  await expect(page.getByRole("link", { name: /^1 · True lavender/ })).toBeVisible();
});

test("a part that does not come is tried again and said; the rest of the app goes on", async ({
  page,
}) => {
  await goTo(page, "/");
  await expect(page.getByText("From the cut plant to the bottle")).toBeVisible();
  await page.route(/static\/js\/web\/find-/, (route) => route.abort());
  await page.getByRole("link", { name: "Find anything" }).click();
  await expect(page.getByText(/A part of Sereno has not come/)).toBeVisible();
  await page.unroute(/static\/js\/web\/find-/);
  await expect(page.getByRole("heading", { level: 1, name: "Find" })).toBeVisible();
  await expect(page.getByText(/A part of Sereno has not come/)).toBeHidden();
});

test("the cockpit, which comes for itself, says that it is on its way until it is there", async ({
  page,
}) => {
  await goTo(page, "/?logbook=demo");
  await page.route(/static\/js\/web\/WatchScreen-/, (route) => route.abort());
  await page.getByRole("button", { name: "To the still" }).click();
  await expect(page.getByText("Going to the still…")).toBeVisible();
  await expect(page.getByText(/A part of Sereno has not come/)).toBeVisible();
  await page.unroute(/static\/js\/web\/WatchScreen-/);
  await expect(page.getByRole("button", { name: "Heat off" })).toBeVisible();
  await expect(page.getByText("Going to the still…")).toBeHidden();
});

test("a place that is tapped for the first time is there at once: no frame without a page", async ({
  page,
}) => {
  const ahead = page.waitForResponse(/static\/js\/web\/plan-/);
  await goTo(page, "/?logbook=demo");
  await (await ahead).finished();
  await expect(page.getByRole("heading", { level: 1, name: "Today" })).toBeVisible();
  await page.evaluate(() => {
    const seen: string[] = [];
    const look = () => {
      const titles = [...document.querySelectorAll("h1, [aria-level='1']")];
      const title = titles.find((each) => each.getClientRects().length > 0)?.textContent ?? "none";
      if (seen.at(-1) !== title) seen.push(title);
      requestAnimationFrame(look);
    };
    look();
    Object.assign(window, { titlesSeen: seen });
  });
  await page.getByRole("link", { name: "Plan", exact: true }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Plan" })).toBeVisible();
  expect(await page.evaluate(() => (window as { titlesSeen?: string[] }).titlesSeen)).toEqual([
    "Today",
    "Plan",
  ]);
});

test("while what watches the stills hangs, every screen says so but the still's own cockpit", async ({
  page,
}) => {
  let letGo = () => {};
  const held = new Promise<void>((resolve) => (letGo = resolve));
  await page.route(/static\/js\/web\/StillWatch-/, async (route) => {
    await held;
    await route.continue();
  });
  await goTo(page, "/?logbook=demo");
  const unwatched = page.getByText(/The stills are not watched from here yet/);
  await expect(unwatched).toBeVisible();
  await page.getByRole("button", { name: "To the still" }).click();
  await expect(page.getByRole("button", { name: "Heat off" })).toBeVisible();
  await expect(unwatched).toBeHidden();
  await page.goBack();
  await page.getByRole("link", { name: "Shelf", exact: true }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Shelf" })).toBeVisible();
  await expect(unwatched).toBeVisible();
  letGo();
  await expect(unwatched).toBeHidden();
});
