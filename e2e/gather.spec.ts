import { expect, test, type Page } from "@playwright/test";
import { readFileSync } from "node:fs";
import {
  addCopperPot,
  addPicture,
  field,
  goTo,
  heatOffEarly,
  lightIt,
  readAnew,
  stored,
  tapBehind,
  openDoor,
  setUp,
  shutDoor,
  visibleOil,
} from "./steps";

/** Distils what is planned, for so many minutes, and measures so much oil. */
async function distil(page: Page, minutes: string, oilMl: string): Promise<void> {
  await page.getByRole("button", { name: "Get ready", disabled: false }).click();
  await expect(page.getByRole("heading", { name: "Get ready" })).toBeVisible();
  await expect(page.getByText(/^Keep equal: .*the still/)).toBeVisible();
  await lightIt(page);
  await page.clock.fastForward("20:00");
  await page.getByRole("button", { name: "It boils" }).click();
  await page.clock.fastForward("04:00");
  await page.getByRole("button", { name: "First drop", exact: true }).click();
  await page.clock.fastForward(`${minutes}:00`);
  await heatOffEarly(page);
  await page.getByRole("button", { name: "Separate" }).click();
  await field(page, "Oil").fill(oilMl);
  await field(page, "Hydrosol, all of it").fill("900");
  await page.getByRole("button", { name: "Save result", exact: true }).click();
  const meant = page.getByRole("button", { name: "It is right" });
  const onTheShelf = page.getByRole("heading", { name: /^Clary sage/ });
  await expect(meant.or(onTheShelf).first()).toBeVisible();
  if (await meant.isVisible()) await meant.click();
  await expect(onTheShelf).toBeVisible();
}

test("a question is asked, a harvest counted in handfuls, halved by lot, wilted, distilled twice, compared, and the trial closed", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-07-18T08:00:00Z") });
  await addCopperPot(page);
  await goTo(page, "/runs/learn");
  await page.getByRole("button", { name: "Ask a question" }).click();
  await field(page, "The question").fill("Does it want to wilt?");
  await field(page, "One way").fill("at once");
  await field(page, "The other way").fill("wilted");
  await page.getByLabel("Of which plant").selectOption({ label: "Clary sage" });
  await page.getByRole("button", { name: "Open the trial" }).click();
  await page.getByRole("button", { name: "Draw the lot" }).click();
  await expect(page.getByText(/^The lot says: /)).toBeVisible();
  await stored(page, /^trial/, '"lots"');

  await tapBehind(page, "Harvests");
  await page.getByRole("button", { name: "Note a harvest" }).click();
  await page
    .getByLabel("Plant", { exact: true })
    .selectOption({ label: "Clary sage, flowering tops" });
  await page.getByRole("radio", { name: "Counted" }).click();
  await page.getByRole("button", { name: "Note it" }).click();
  await expect(page.getByText(/Say what is counted/)).toBeVisible();
  await field(page, "How many").fill("32");
  await field(page, "What is counted").fill("handful");
  await field(page, "One weighs").fill("50");
  await expect(page.getByText("That is 1.60 kg.")).toBeVisible();
  await field(page, "Where").fill("lower terrace");
  await page.getByRole("button", { name: "Note it" }).click();
  await expect(page.getByText("32 × handful")).toBeVisible();
  await page.getByRole("radio", { name: "Full flower" }).click();
  await page.getByRole("radio", { name: "Sun" }).click();
  await stored(page, /^harvest/, '"sky":"sun"');

  /* The first half, as the lot had it. */
  await tapBehind(page, "Learn");
  await page.getByRole("link", { name: /Does it want to wilt/ }).click();
  await page.getByRole("button", { name: /^Plan “/ }).click();
  await expect(field(page, "Plant weight")).toHaveValue("800");
  await expect(page.getByText(/For the trial “Does it want to wilt\?”/)).toBeVisible();
  await expect(visibleOil(page)).toBeVisible();
  await distil(page, "01:15", "1.1");

  /* What is left lies, and is weighed three times. */
  await tapBehind(page, "Harvests");
  await page.getByRole("link", { name: /Clary sage/ }).click();
  for (const [hours, grams] of [
    ["05:00:00", "720"],
    ["06:00:00", "630"],
    ["08:00:00", "560"],
  ] as const) {
    await page.clock.fastForward(hours);
    await field(page, "All that lies here weighs").fill(grams);
    await page.getByRole("button", { name: "Note the weight" }).click();
    await expect(field(page, "All that lies here weighs")).toHaveValue("");
  }
  await stored(page, /^harvest/, '"massG":560');
  await readAnew(page);
  await expect(page.getByText(/^560 g, wilted$/)).toBeVisible();
  await expect(page.getByRole("img", { name: /^Water in it over the hours: .*%/ })).toBeVisible();

  await tapBehind(page, "Learn");
  await page.getByRole("link", { name: /Does it want to wilt/ }).click();
  await expect(page.getByText(/^Its other half, run 1, is planned/)).toBeVisible();
  await page.getByRole("button", { name: /^Plan “/ }).click();
  await expect(field(page, "Plant weight")).toHaveValue("560");
  await openDoor(page, /^Change plant and still/);
  await expect(field(page, "Water in the plant")).toHaveValue("60");
  await shutDoor(page);
  await expect(visibleOil(page)).toBeVisible();
  await expect(page.getByText(/Planned (un)?like/)).toBeHidden();
  await setUp(page, "Plant in the water");
  await expect(page.getByText(/Planned unlike run 1 also in the method/)).toBeVisible();
  await setUp(page, "Over steam");
  await expect(page.getByText(/Planned (un)?like/)).toBeHidden();
  await distil(page, "01:15", "1.3");
  await expect(page.getByText(/^Harvest of 18 /)).toBeVisible();
  await page.getByRole("button", { name: "Bottle 1.3 mL" }).click();
  await page.getByRole("button", { name: "Add to shelf" }).click();
  await stored(page, /^bottle/, '"filledMl":1.3');

  await goTo(page, "/runs/compare");
  await page.getByLabel("First run").selectOption({ index: 1 });
  await page.getByLabel("Compare with which run?").selectOption({ index: 1 });
  await expect(page.getByRole("heading", { name: "What differs" })).toBeVisible();
  await expect(page.getByText("Not explained")).toBeVisible();
  await expect(page.getByRole("img", { name: /^Visible oil over the run/ })).toBeVisible();

  await tapBehind(page, "Learn");
  await page.getByRole("link", { name: /Does it want to wilt/ }).click();
  await expect(page.getByRole("status").first()).toContainText(/^Not decided/);
  await page.getByRole("button", { name: "Close it" }).click();
  await stored(page, /^trial/, '"closedAt"');
  await goTo(page, "/runs/learn?plant=clarysage");
  await expect(page.getByRole("heading", { name: "Best so far" })).toBeVisible();
});

test("a blind sniff with a helper: what lies where is hidden through a reload, and told at the end", async ({
  page,
}) => {
  await goTo(page, "/runs/learn");
  await page.getByRole("button", { name: "A blind sniff" }).click();
  await field(page, "The one").fill("run 1");
  await field(page, "The other").fill("run 2");
  await page.getByRole("button", { name: "Begin" }).click();
  for (let round = 1; round <= 3; round += 1) {
    await page.getByRole("button", { name: /^Lay out/ }).click();
    await expect(
      page.getByRole("heading", { name: `Round ${round}: for the helper alone` }),
    ).toBeVisible();
    const codes = await page.getByText(/^\d{3}$/).allTextContents();
    const holds = await page.getByText(/^run [12]$/).allTextContents();
    const odd =
      codes[holds.findIndex((each) => holds.filter((other) => other === each).length === 1)]!;
    await page.getByRole("button", { name: "They lie: hide this" }).click();
    await expect(page.getByText(/^run [12]$/)).toHaveCount(0);
    if (round === 1) {
      await stored(page, /^sniff/, '"laidOut":true');
      await readAnew(page);
      await expect(page.getByText(/^run [12]$/)).toHaveCount(0);
    }
    await page.getByRole("radio", { name: odd }).click();
    await page.getByRole("radio", { name: "The odd one" }).click();
    await page.getByRole("button", { name: "That is my answer" }).dblclick();
    await expect(page.getByText(new RegExp(`^${round} rounds? answered`))).toBeVisible();
  }
  await expect(page.getByText(/of 3 right/)).toHaveCount(0);
  await page.getByRole("button", { name: "Close it and see" }).click();
  await expect(
    page.getByText(/^Told apart: 3 of 3 right\. Luck alone would do this 3\.7 % of the time/),
  ).toBeVisible();
});

test("pictures are made small, survive a reload, go into the file, and what is none is refused", async ({
  page,
}) => {
  await goTo(page, "/harvests/demo-harvest-14?logbook=demo");
  await expect(page.getByRole("img", { name: /^Clary sage, .*picture 2 of 2/ })).toBeVisible();
  const file = page.getByLabel(/^A picture from a file/);
  await file.setInputFiles({
    name: "notes.heic",
    mimeType: "image/heic",
    buffer: Buffer.from("no picture at all"),
  });
  await expect(page.getByText(/notes\.heic: The browser cannot open this picture/)).toBeVisible();
  /* A large one, as a camera makes it. */
  const large = await page.evaluate(async () => {
    const canvas = document.createElement("canvas");
    canvas.width = 4000;
    canvas.height = 3000;
    const context = canvas.getContext("2d")!;
    for (let i = 0; i < 4000; i += 1) {
      context.fillStyle = `hsl(${(i * 47) % 360} 60% ${30 + (i % 50)}%)`;
      context.fillRect((i * 131) % 4000, (i * 71) % 3000, 90, 60);
    }
    return canvas.toDataURL("image/png").split(",")[1]!;
  });
  await file.setInputFiles({
    name: "field.png",
    mimeType: "image/png",
    buffer: Buffer.from(large, "base64"),
  });
  const third = page.getByRole("img", { name: /picture 3 of 3/ });
  await expect(third).toBeVisible();
  await readAnew(page);
  await expect(third).toBeVisible();
  await page.getByRole("button", { name: "Remove picture 1" }).click();
  await expect(page.getByRole("img", { name: /picture 2 of 2/ })).toBeVisible();
  await page.getByRole("button", { name: "Bring it back" }).click();
  await expect(third).toBeVisible();
  await goTo(page, "/bench/data");
  await expect(
    page.getByRole("checkbox", { name: /^With 3 pictures and spoken notes/ }),
  ).toBeChecked();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Whole logbook" }).click();
  const saved = JSON.parse(readFileSync(await (await download).path(), "utf8")) as {
    pictures: { widthPx: number; data: string }[];
  };
  expect(saved.pictures).toHaveLength(3);
  for (const { widthPx, data } of saved.pictures) {
    expect(widthPx).toBeLessThanOrEqual(1280);
    expect(data.length).toBeLessThanOrEqual(350_000);
  }
});

test("a lot, a run and a still take a picture, and show it after a reload", async ({ page }) => {
  for (const address of [
    "/shelf/demo-lot-28-oil?logbook=demo",
    "/runs/demo-run-12",
    "/bench/stills/demo-still-1",
  ])
    await test.step(address, async () => {
      await goTo(page, address);
      await addPicture(page);
      const picture = page.getByRole("img", { name: /picture 1 of 1/ });
      await expect(picture).toBeVisible();
      await readAnew(page);
      await expect(picture).toBeVisible();
    });
});

test("a trial of the demonstration is reckoned anew with a pair more, and closed", async ({
  page,
}) => {
  await goTo(page, "/runs/learn?logbook=demo");
  await page.getByRole("link", { name: /Does spearmint want to wilt/ }).click();
  await expect(page.getByRole("status").first()).toContainText(/^Not decided/);
  await page.getByRole("button", { name: /^Add a pair/ }).click();
  await page.getByLabel("at once").selectOption({ index: 3 });
  await page.getByLabel("wilted overnight").selectOption({ index: 3 });
  await page.getByRole("button", { name: "Add them" }).click();
  await expect(page.getByText("One run cannot be on both sides.")).toBeVisible();
  await page.getByLabel("wilted overnight").selectOption({ index: 5 });
  await page.getByRole("button", { name: "Add them" }).click();
  await expect(page.getByRole("heading", { name: "Pair 2" })).toBeVisible();
  /* Two plants in one trial are more than one thing changed. */
  await expect(page.getByText(/Its sides differ in more than one thing/)).toBeVisible();
  await page.getByRole("button", { name: "Close it" }).click();
  await stored(page, /^trial/, '"closedAt"', "sereno-demo");
  await readAnew(page);
  await expect(page.getByText("Trial, closed")).toBeVisible();
});
