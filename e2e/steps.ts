import { expect, type Page } from "@playwright/test";

/* As a person would: not while the browser would ask whether to leave, for something is being kept. */
async function mayBeLeft(page: Page): Promise<void> {
  await expect
    .poll(() =>
      page.evaluate(() => window.dispatchEvent(new Event("beforeunload", { cancelable: true }))),
    )
    .toBe(true);
}

/** Opens an address once everything on the page is kept. */
export async function goTo(page: Page, address: string): Promise<void> {
  await mayBeLeft(page);
  await page.goto(address);
}

const places = { Today: "/", Plan: "/plan", Runs: "/runs", Shelf: "/shelf", Bench: "/bench" };

/** Taps one of the five places along the bottom, or at the left of a wide screen. */
export async function tapTo(page: Page, place: keyof typeof places): Promise<void> {
  await page
    .getByRole("navigation", { name: "Places" })
    .getByRole("link", { name: place, exact: true })
    .click();
  await expect(page).toHaveURL(({ pathname }) => pathname === places[place]);
}

/** Taps what Today says lies behind the five places, once there is anything in the logbook. */
export async function tapBehind(
  page: Page,
  way: "Harvests" | "Plan a whole day" | "Learn",
): Promise<void> {
  await tapTo(page, "Today");
  await page.getByRole("button", { name: way, exact: true }).click();
}

/**
 * Goes to another address of the opened app as the browser's own buttons do: the page is not read anew. For rounds of many
 * addresses, where opening each one is not the subject and would take most of the time.
 */
export async function visit(page: Page, address: string): Promise<void> {
  await page.evaluate((to) => {
    if (location.pathname + location.search === to) return;
    const title = document.querySelector("h1");
    Object.assign(window, { titleBefore: title, wordsBefore: title?.textContent });
    history.pushState(null, "", to);
    window.dispatchEvent(new PopStateEvent("popstate", { state: null }));
  }, address);
  await page.waitForFunction(() => {
    const { titleBefore, wordsBefore } = window as { titleBefore?: Element; wordsBefore?: string };
    const title = document.querySelector("h1");
    return title && (title !== titleBefore || title.textContent !== wordsBefore);
  });
}

/** Reads the page anew once everything on it is kept. */
export async function readAnew(page: Page): Promise<void> {
  await mayBeLeft(page);
  await page.reload();
}

/** A field to type in, by its label. */
export function field(page: Page, label: string) {
  return page.getByRole("textbox", { name: label, exact: true });
}

/** Opens the list of plants, types a part of a name as a person would, and clicks the line that has it. */
export async function choosePlant(page: Page, name: string): Promise<void> {
  const box = page.getByRole("combobox", { name: "Plant", exact: true });
  await box.click();
  await expect(page.getByRole("option").first()).toBeVisible();
  await box.fill(name);
  await page
    .getByRole("option", { name: new RegExp(name, "i") })
    .first()
    .click();
  await expect(page.getByRole("listbox")).toBeHidden();
}

/** The plan's visible oil with its likely range, once that is calculated. */
export function visibleOil(page: Page) {
  return page.getByRole("button", { name: /^[\d.]+ mL oil, likely [\d.]+/ });
}

/** Opens the sheet behind a figure of the plan, or behind what it takes for granted. */
export async function openDoor(page: Page, name: RegExp): Promise<void> {
  await page.getByRole("button", { name }).first().click();
  await expect(page.getByRole("dialog")).toBeVisible();
}

/** Closes the sheet that is open. */
export async function shutDoor(page: Page): Promise<void> {
  await page.getByRole("dialog").getByRole("button", { name: "Close" }).click();
  await expect(page.getByRole("dialog")).toBeHidden();
}

/** Chooses a still or a method that the plan took for granted. */
export async function setUp(page: Page, choice: string): Promise<void> {
  await openDoor(page, /^Change plant and still/);
  await page.getByRole("radio", { name: choice }).click();
  await shutDoor(page);
}

/** Heat off, and meant, where it is asked about because it comes early. */
export async function heatOffEarly(page: Page): Promise<void> {
  await page.getByRole("button", { name: "Heat off", exact: true }).click();
  const asked = page.getByRole("button", { name: "Heat off now" });
  const off = page.getByRole("heading", { name: "Let it settle" });
  await expect(asked.or(off)).toBeVisible();
  if (await asked.isVisible()) await asked.click();
  await expect(off).toBeVisible();
}

/** On the bench: adds the ready-made still of that name, from the fold where there is one already. */
export async function addStill(page: Page, name: string): Promise<void> {
  const fold = page.getByRole("button", { name: /^Add a still/ });
  const add = page.getByRole("button", { name: `Add: ${name}` });
  await expect(fold.or(add)).toBeVisible();
  if (await fold.isVisible()) await fold.click();
  await add.click();
  await expect(page.getByRole("link", { name: new RegExp(`^${name}`) })).toBeVisible();
}

/** Adds the ready-made copper pot and says where it stands. */
export async function addCopperPot(page: Page): Promise<void> {
  await goTo(page, "/bench");
  await addStill(page, "Copper pot, 12 L");
  await field(page, "Altitude").fill("320");
  await expect(page.getByText("Water boils here at 98.9 °C.")).toBeVisible();
}

/** Plans a charge of fresh lavender, on the first still or another, and makes it ready. */
export async function planLavender(page: Page, grams: string, still?: string): Promise<void> {
  await tapTo(page, "Plan");
  if (still) await setUp(page, still);
  await choosePlant(page, "True lavender");
  await field(page, "Plant weight").fill(grams);
  await expect(visibleOil(page)).toBeVisible();
  await page.getByRole("button", { name: "Get ready" }).click();
  await expect(page.getByRole("heading", { name: "Get ready" })).toBeVisible();
}

/** Goes through the checklist and puts the heat on. */
export async function lightIt(page: Page): Promise<void> {
  const boxes = page.getByRole("checkbox");
  await expect(boxes.first()).toBeVisible();
  const count = await boxes.count();
  expect(count).toBeGreaterThan(7);
  for (let i = 0; i < count; i += 1) await boxes.nth(i).click();
  await page.getByRole("button", { name: "Heat on" }).click();
  await expect(page.getByRole("heading", { name: "Heating up" })).toBeVisible();
}

/** Waits until everything on the page is stored. */
export async function stored(
  page: Page,
  key: RegExp,
  holds: string,
  logbook: "sereno" | "sereno-demo" = "sereno",
): Promise<void> {
  await expect
    .poll(() =>
      page.evaluate(
        ({ source, text, name }) =>
          new Promise<boolean>((resolve) => {
            const request = indexedDB.open(name);
            request.onsuccess = () => {
              const db = request.result;
              const all = db.transaction("entries").objectStore("entries").openCursor();
              let found = false;
              all.onsuccess = () => {
                const cursor = all.result;
                if (!cursor) {
                  db.close();
                  resolve(found);
                  return;
                }
                if (
                  new RegExp(source).test(String(cursor.key)) &&
                  String(cursor.value).includes(text)
                )
                  found = true;
                cursor.continue();
              };
            };
          }),
        { source: key.source, text: holds, name: logbook },
      ),
    )
    .toBe(true);
}

/** Two charges of lavender on two stills, both on the heat; the second still is watched. */
export async function lightTwo(page: Page): Promise<void> {
  await planLavender(page, "500");
  await lightIt(page);
  /* On a phone the screen is the still's alone. */
  await goTo(page, "/");
  await planLavender(page, "1500", "Steel pot, 25 L");
  await lightIt(page);
}

/** Adds a small picture from a file to what the page shows. */
export async function addPicture(page: Page): Promise<void> {
  const drawn = await page.evaluate(() => {
    const canvas = document.createElement("canvas");
    canvas.width = 60;
    canvas.height = 40;
    canvas.getContext("2d")!.fillRect(10, 10, 30, 20);
    return canvas.toDataURL("image/png").split(",")[1]!;
  });
  await page
    .getByLabel(/^A picture from a file/)
    .first()
    .setInputFiles({
      name: "small.png",
      mimeType: "image/png",
      buffer: Buffer.from(drawn, "base64"),
    });
}
