import { expect, test, type Page } from "@playwright/test";
import { field, goTo, readAnew, stored, tapTo } from "./steps";

async function openDemo(page: Page, path: string): Promise<void> {
  await goTo(page, `${path}?logbook=demo`);
}
const code = /[2-9A-HJKMNP-Z]{3}-[2-9A-HJKMNP-Z]{3}/;

async function checkIt(page: Page, ...seen: string[]): Promise<void> {
  await page.getByRole("button", { name: "Check it" }).click();
  for (const what of seen) {
    await page
      .getByRole("radio", { name: what })
      .or(page.getByRole("checkbox", { name: what }))
      .first()
      .click();
  }
  await page.getByRole("button", { name: "Save check" }).click();
}

test("a lot is bottled from the empties, its sheet of labels printed, and a label's picture opens it again", async ({
  page,
}) => {
  await openDemo(page, "/shelf");
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("button", { name: "Add something bought" }).click();
  await page.getByLabel("Plant").selectOption({ label: "Clary sage" });
  await field(page, "How much").fill("18");
  await page.getByRole("button", { name: "Add to shelf" }).click();
  await expect(page.getByRole("heading", { name: "Clary sage oil, bought" })).toBeVisible();
  await page.getByRole("button", { name: "Bottle 18 mL" }).click();
  await expect(
    page.getByText(/^1 × 10 mL amber; 1 × 5 mL amber; 1 × 5 mL amber, filled/),
  ).toBeVisible();
  await page.getByRole("button", { name: "Fill these" }).click();
  await stored(page, /^bottle/, '"sizeMl":10', "sereno-demo");
  await expect(page.getByRole("button", { name: /^Use or loss of/ })).toHaveCount(3);
  await readAnew(page);
  await expect(page.getByRole("button", { name: /^Use or loss of/ })).toHaveCount(3);

  await page.getByRole("button", { name: "Labels" }).click();
  await page.getByLabel("Sheet").selectOption("a4-21");
  await field(page, "First label goes to place").fill("21");
  const drawn = page.getByRole("img", { name: /^Label: Clary sage/ });
  await expect(drawn).toBeVisible();
  const [pdf] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save 3 labels as PDF" }).click(),
  ]);
  expect(pdf.suggestedFilename()).toMatch(/\.pdf$/);
  const [png] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "This one as PNG" }).click(),
  ]);
  const own = png.suggestedFilename().match(code)![0];
  await field(page, "First label goes to place").fill("22");
  await expect(page.getByText("The first place can be 21 at most.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Save 3 labels as PDF" })).toBeDisabled();

  await tapTo(page, "Shelf");
  await page.getByRole("button", { name: "Scan" }).click();
  await field(page, "Or type its code").fill("222-222");
  await page.getByRole("button", { name: "Open it" }).click();
  await expect(page.getByText(/No bottle here has the code 222-222/)).toBeVisible();
  await page.getByLabel("A picture of the label").setInputFiles((await png.path())!);
  await expect(page.getByRole("heading", { name: "Clary sage oil, bought" })).toBeVisible();
  await expect(page.getByText(own, { exact: true })).toBeVisible();
});

test("checked three times until it says throw away, each with its reason, after a reload too", async ({
  page,
}) => {
  await openDemo(page, "/shelf/demo-lot-28-hydrosol");
  await checkIt(page, "As it was", "Clear");
  await expect(page.getByText("Keep.", { exact: true }).first()).toBeVisible();
  await checkIt(page, "A haze");
  await expect(page.getByText(/Warm it first\. There is a haze in it/).first()).toBeVisible();
  await checkIt(page, "Sour", "Threads or slime");
  await expect(
    page.getByText(/Throw away\. There are threads or flakes in it\. It smells sour/).first(),
  ).toBeVisible();
  await stored(page, /^check/, '"sour"', "sereno-demo");
  await readAnew(page);
  await expect(page.getByText(/^Throw away on .*: best by/).first()).toBeVisible();
  await page
    .getByRole("button", { name: /^Use or loss of/ })
    .first()
    .click();
  await page.getByRole("button", { name: "All of it" }).click();
  await page.getByRole("radio", { name: "Thrown away" }).click();
  await page.getByRole("button", { name: "Taken", exact: true }).click();
  await expect(page.getByText(/^Empty: /)).toBeVisible();
});

test("used, blended and traced both ways; found by its code with a slip; what is due goes to a calendar", async ({
  page,
}) => {
  await openDemo(page, "/shelf/demo-lot-26-oil");
  await page.getByRole("button", { name: /^Use or loss of/ }).click();
  await field(page, "How much").fill("0.5");
  await field(page, "What for").fill("lamp");
  await page.getByRole("button", { name: "Taken", exact: true }).click();
  await page.getByRole("button", { name: "Blend it" }).click();
  await field(page, "Part 1, how much").fill("0.8");
  await field(page, "Part 2, how much").fill("0.2");
  /* A part too many, left as it is, is none. */
  await page.getByRole("button", { name: "Add another part" }).click();
  await field(page, "Part 3, how much").fill("0.1");
  await page.getByRole("button", { name: "Pour together" }).click();
  /* What a press brings is seen whole, also at the end of a long sheet. */
  const told = page.getByText(/^Careful: Give the blend a name\./).locator("..");
  await expect(told).toBeInViewport({ ratio: 1 });
  /* Another fault stands there while the name is typed: nobody is taken away from the field for it. */
  await field(page, "Name of the blend").fill("Evening");
  await expect(page.getByText("One of its parts is not told yet.")).toBeAttached();
  await expect(field(page, "Name of the blend")).toBeInViewport();
  await field(page, "Part 3, how much").fill("");
  await page.getByRole("button", { name: "Pour together" }).click();
  await expect(page.getByRole("heading", { name: "Evening oil, blend" })).toBeVisible();
  await expect(page.getByText("Run 26")).toBeVisible();
  await expect(page.getByText(/^Harvest of /).first()).toBeVisible();
  const blend = (await page.getByText(code).first().textContent())!.match(code)![0];
  await page
    .getByRole("link", { name: /^Juniper berry, / })
    .first()
    .click();
  await expect(page.getByText("Into a blend: Evening")).toBeVisible();

  await tapTo(page, "Shelf");
  const slip = blend.replace(/.$/, blend.endsWith("2") ? "3" : "2");
  await field(page, "Find").fill(slip);
  await expect(page.getByText(/a slip away/)).toBeVisible();
  await page
    .getByRole("link", { name: new RegExp(`^${blend}`) })
    .first()
    .click();
  await expect(page.getByRole("heading", { name: "Evening oil, blend" })).toBeVisible();

  await tapTo(page, "Today");
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: /as a calendar file/ }).click(),
  ]);
  const text = await (await import("node:fs/promises")).readFile((await file.path())!, "utf8");
  expect(text.startsWith("BEGIN:VCALENDAR")).toBe(true);
  expect(text.match(/BEGIN:VALARM/g)!.length).toBe(text.match(/BEGIN:VEVENT/g)!.length);
  await page
    .getByRole("button", { name: /: in a week$/ })
    .first()
    .click();
  await expect(page.getByText(/: in a week\./).first()).toBeVisible();
});
