import { expect, test, type Page } from "@playwright/test";
import {
  addCopperPot,
  addStill,
  field,
  goTo,
  lightIt,
  lightTwo,
  planLavender,
  readAnew,
  stored,
} from "./steps";

/** The nine buttons stand where a thumb finds them: nothing of the cockpit needs scrolling. */
async function fitsOneScreen(page: Page): Promise<void> {
  const inner = await page.evaluate(() => {
    const box = [...document.querySelectorAll<HTMLElement>('[role="main"] *')].find(
      (element) =>
        element.scrollHeight > element.clientHeight + 1 &&
        getComputedStyle(element).overflowY === "auto",
    );
    return box ? box.scrollHeight - box.clientHeight : 0;
  });
  expect(inner).toBeLessThanOrEqual(0);
}

test("a whole run against the simulated probe and scale, with a leak on the way; the log is what was done", async ({
  page,
}) => {
  test.setTimeout(180_000);
  await addCopperPot(page);
  await planLavender(page, "600");
  await expect(page.getByText("600 g of fresh true lavender, flower spikes")).toBeVisible();
  await page.getByRole("button", { name: /^My still has none: Relief valve/ }).click();
  await page.getByRole("checkbox").first().click();
  await page.getByRole("button", { name: "Start with checks unfinished" }).click();
  await field(page, "Reason").fill("seen this morning, second charge");
  await page.getByRole("button", { name: "Heat on" }).click();
  await expect(page.getByRole("heading", { name: "Heating up" })).toBeVisible();
  await page.getByRole("button", { name: "No", exact: true }).click();

  /* Time runs with the instrument, a hundred and twenty times as fast. */
  await page.getByRole("button", { name: "Connect a probe and scale" }).click();
  await page.getByRole("radio", { name: "120 times" }).click();
  await page.getByRole("button", { name: "Connect", exact: true }).click();
  await expect(page.getByText("Connected", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Close" }).click();
  await expect(page.getByText(/120 times as fast/)).toBeVisible();
  await expect(page.getByText(/Cooling on in|Boils in/).first()).toBeVisible();
  await expect(page.getByText(/^9\d\.\d °C$/).first()).toBeVisible({ timeout: 60_000 });
  await page.getByRole("button", { name: "It boils" }).click();
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Distilling" })).toBeVisible();
  await page.getByRole("button", { name: "Heat", exact: true }).click();
  await page.getByRole("button", { name: /Gentle, as planned/ }).click();
  await expect(page.getByRole("button", { name: /Forecast and stop/ })).toBeVisible({
    timeout: 30_000,
  });
  await fitsOneScreen(page);

  /* A reload between two taps: the line comes back, and with it all that was missed. */
  await readAnew(page);
  await expect(page.getByRole("button", { name: "Probe and scale: live" })).toBeVisible();

  /* The line is lost for a while: the cockpit says so, and it comes back by itself. */
  await page.route("**/instruments/*/stream", (route) => route.abort());
  await readAnew(page);
  await expect(page.getByRole("button", { name: "Probe and scale: lost" })).toBeVisible();
  await page.unroute("**/instruments/*/stream");
  await expect(page.getByRole("button", { name: "Probe and scale: live" })).toBeVisible({
    timeout: 20_000,
  });

  /* A leak: the rate collapses, the cockpit says so, the guide is opened and stands in the log. */
  await page.getByRole("button", { name: "Probe and scale: live" }).click();
  await page.getByRole("checkbox", { name: "A leak" }).click();
  await page.getByRole("button", { name: "Close" }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
  await expect
    .poll(() => page.evaluate(() => (history.state as { sheet?: number } | null)?.sheet ?? null))
    .toBeNull();
  /* The probe is heard on any screen, and what is wrong stands there too. */
  await goTo(page, "/shelf");
  await page
    .getByRole("link", { name: /drips much slower|Heat off now/ })
    .click({ timeout: 60_000 });
  await expect(
    page.getByRole("alert").filter({ hasText: /drips much slower|Heat off now/ }),
  ).toBeVisible();
  await page.getByRole("button", { name: "Trouble", exact: true }).click();
  await page.getByRole("button", { name: "Steam leaks at a joint" }).click();
  await expect(page.getByText(/Turn the heat down until it no longer blows/)).toBeVisible();
  await page.getByRole("button", { name: "Heat off" }).last().click();

  await expect(page.getByText("Let the still cool before you open it")).toBeVisible();
  await page.getByRole("radio", { name: "Moist through" }).click();
  await field(page, "Smells of").fill("hay");
  await page.getByRole("radio", { name: "Poured away" }).click();
  await page.getByRole("button", { name: "Save entry" }).click();
  await stored(page, /^run/, '"spent"');
  await page.getByRole("button", { name: /^Log, \d+/ }).click();
  const log = page.getByRole("dialog");
  for (const line of [
    /Heat on.*checks open: seen this morning, second charge/,
    /Boiling/,
    /First drop/,
    /Heat changed.*\d+ W/,
    /Trouble.*Steam leaks at a joint/,
    /Heat off/,
    /Spent plant.*moist, smells hay, liquor let go/,
  ])
    await expect(log.getByRole("button", { name: line })).toBeVisible();
  await stored(page, /^samples\//, '"channel":"distillate"');
  await page.getByRole("button", { name: "Close" }).click();
  await page.getByRole("button", { name: "Separate" }).click();
  await expect(field(page, "Oil")).toBeVisible();
});

test("drips are counted by tapping, an entry is back-dated, the stop is moved with its reason", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
  await addCopperPot(page);
  await planLavender(page, "600");
  await lightIt(page);
  await page.clock.fastForward("16:00");
  await page.getByRole("button", { name: "It boils" }).click();
  await page.clock.fastForward("03:00");
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  await expect(page.getByText("Turn the heat down now")).toBeVisible();
  await page.clock.fastForward("12:00");
  await page.getByRole("button", { name: "Count drips" }).click();
  for (let drop = 0; drop < 6; drop += 1) {
    await page.getByRole("button", { name: "A drop" }).click();
    await page.clock.fastForward(400);
  }
  await expect(page.getByText("mL/min", { exact: true }).last()).toBeVisible();
  await page.getByRole("button", { name: "Save entry" }).click();
  await page.getByRole("button", { name: "Ice, water" }).click();
  await page.getByRole("radio", { name: "5 min ago" }).click();
  await page.getByRole("button", { name: "Save entry" }).click();
  await page.getByRole("button", { name: /^Log, 5/ }).click();
  await expect(page.getByRole("button", { name: /Reading.*mL\/min/ })).toBeVisible();
  await expect(page.getByRole("button", { name: /Ice added.*1\.00 kg/ })).toBeVisible();
  await expect(page.getByLabel("Time of Ice added")).toHaveValue("09:26");
  /* Noted late: any time of its day, typed where it stands. */
  await page.getByLabel("Time of Ice added").fill("09:20");
  await page.getByRole("heading", { name: "Log", exact: true }).click();
  await expect(page.getByLabel("Time of Ice added")).toHaveValue("09:20");
  await expect(page.getByText("Time corrected.")).toBeVisible();
  await page.getByRole("button", { name: "Close" }).click();
  await page.getByRole("button", { name: /Forecast and stop/ }).click();
  await expect(page.getByText("When each rule stops")).toBeVisible();
  await page.getByRole("radio", { name: "Smells of stalk" }).click();
  await page.getByRole("button", { name: "10 min sooner" }).click();
  await page.getByRole("button", { name: /^Log, [67]/ }).click();
  await expect(page.getByRole("button", { name: /Stop moved.*Smells of stalk/ })).toBeVisible();
});

test("the device's clock put back in mid-run: the run goes on in its own time", async ({
  page,
}) => {
  await addCopperPot(page);
  await planLavender(page, "600");
  await lightIt(page);
  await page.getByRole("button", { name: "It boils" }).click();
  await page.evaluate(() => {
    const Real = Date;
    const now = () => Real.now() - 3600e3;
    globalThis.Date = new Proxy(Real, {
      construct: (target, given) =>
        Reflect.construct(target, given.length > 0 ? given : [now()]) as object,
      get: (target, name) => (name === "now" ? now : (Reflect.get(target, name) as unknown)),
    });
  });
  await page.getByRole("button", { name: /^Log, 3/ }).click();
  await expect(
    page.getByRole("button", { name: /put back by 1 h; the run goes on in its own time/ }),
  ).toBeVisible();
  await page.getByRole("button", { name: "Close" }).click();
  await expect(page.getByText(/^0:0\d$/)).toBeVisible();
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Distilling" })).toBeVisible();
  const log = page.getByRole("button", { name: /^Log, 4/ });
  await expect(log).toBeVisible();
  await stored(page, /^run/, '"firstDrop"');
});

test("a run that is opened in another time zone stands where it stood, its log in local time", async ({
  page,
  browser,
}) => {
  await addCopperPot(page);
  await planLavender(page, "600");
  await lightIt(page);
  await page.getByRole("button", { name: "It boils" }).click();
  await stored(page, /^run/, '"boiling"');
  const boiled = Date.now();
  const storageState = await page.context().storageState({ indexedDB: true });
  const context = await browser.newContext({ storageState, timezoneId: "Pacific/Auckland" });
  const abroad = await context.newPage();
  await goTo(abroad, page.url());
  await expect(abroad.getByRole("heading", { name: "Warming the charge" })).toBeVisible();
  await expect(abroad.getByText(/^0:0\d$/)).toBeVisible();
  await expect(abroad.getByRole("alert")).toHaveCount(0);
  await abroad.getByRole("button", { name: /^Log, 2/ }).click();
  const there = new Intl.DateTimeFormat("en-GB", {
    timeZone: "Pacific/Auckland",
    hour: "2-digit",
    minute: "2-digit",
  });
  const minutes = [boiled, boiled - 60_000].map((moment) => there.format(moment)).join("|");
  await expect(abroad.getByLabel("Time of Boiling")).toHaveValue(new RegExp(minutes));
  await context.close();
});

test("two stills side by side, their cues merged in time", async ({ page }) => {
  await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
  await addCopperPot(page);
  await addStill(page, "Steel pot, 25 L");
  await lightTwo(page);
  await page.getByRole("link", { name: "Both" }).click();
  await expect(page.getByRole("heading", { name: "All on the heat" })).toBeVisible();
  await expect(page.getByRole("heading", { name: "Heating up" })).toHaveCount(2);
  const due = page.getByRole("list", { name: "What is due" }).getByRole("listitem");
  await expect(due.first()).toContainText("Copper pot");
  await expect(due).toHaveCount(4);
  await page.getByRole("button", { name: "Heat off: Copper pot, 12 L" }).click();
  await page.getByRole("button", { name: "Heat off now" }).click();
  await expect(page.getByRole("heading", { name: "Heating up" })).toHaveCount(1);
});

test("a probe's log of 200,000 rows comes onto the run, its columns are remembered, bad ones change nothing", async ({
  page,
}) => {
  test.setTimeout(150_000);
  await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
  await addCopperPot(page);
  await planLavender(page, "600");
  await lightIt(page);
  const address = page.url().replace("/watch", "");
  await goTo(page, address);
  const file = page.getByLabel("Probe log");
  const give = (name: string, text: string) =>
    file.setInputFiles({ name, mimeType: "text/csv", buffer: Buffer.from(text) });
  await give("empty.csv", "nothing here");
  await expect(page.getByText("empty.csv has no table", { exact: false })).toBeVisible();
  const rows = Array.from(
    { length: 200_000 },
    (_, i) =>
      `${i},${(60 + 149 * (1 - Math.exp(-i / 9000))).toFixed(1)},${(64 + i / 9000).toFixed(1)}`,
  );
  await give("probe.csv", `Time (s),Probe 1,Condenser out\n${rows.join("\n")}\n`);
  await expect(page.getByText("200000 rows.", { exact: false })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole("checkbox", { name: "Temperatures are in °F" })).toBeChecked();
  await page.getByLabel("Tub", { exact: true }).selectOption({ label: "not in this log" });
  await expect(page.getByText(/head 200000, outlet 200000 samples over 2 days/)).toBeVisible();
  /* Over two days and more: asked about first. */
  await page.getByRole("checkbox", { name: "It is one run all the same" }).click();
  await page.getByRole("button", { name: "Bring it in" }).click();
  await expect(page.getByRole("heading", { name: "What the probe saw" })).toBeVisible({
    timeout: 60_000,
  });
  await expect(page.getByRole("img", { name: /head: 200000 samples/ })).toBeVisible();
  await give("again.csv", "Time (s),Probe 1,Condenser out\n0,64,60\n9,70,61\n");
  await expect(page.getByLabel("Outlet", { exact: true })).toHaveValue("Condenser out");
});
