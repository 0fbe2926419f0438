import { expect, test, type Locator, type Page } from "@playwright/test";
import { goTo, stored } from "./steps";

/** Hands on a keyboard: every key that goes down is counted. */
class Keys {
  pressed = 0;
  constructor(private readonly page: Page) {}

  async press(key: string): Promise<void> {
    this.pressed += 1;
    await this.page.keyboard.press(key);
  }

  async type(text: string): Promise<void> {
    this.pressed += text.length;
    await this.page.keyboard.type(text);
  }

  /** Goes on with the tab key until something has the focus. */
  async to(wanted: Locator, key = "Tab"): Promise<void> {
    await expect(wanted.first()).toBeVisible();
    for (let i = 0; i < 40; i += 1) {
      if (await wanted.first().evaluate((element) => element === document.activeElement)) return;
      await this.press(key);
    }
    throw new Error(`The tab key does not come to ${String(wanted)}`);
  }

  async on(wanted: Locator, key = "Enter"): Promise<void> {
    await this.to(wanted);
    await this.press(key);
  }
}

test("the whole job by keyboard, from the still to the bottle, in under 150 keys", async ({
  page,
}) => {
  const keys = new Keys(page);
  const button = (name: string | RegExp) => page.getByRole("button", { name });
  const heading = (name: string) => page.getByRole("heading", { name, level: 1 });
  await goTo(page, "/");
  await expect(heading("Sereno")).toBeVisible();
  await keys.press("b");
  await expect(heading("Bench")).toBeFocused();
  await keys.on(button("Add: Copper pot, 12 L"));
  await expect(page.getByRole("link", { name: /Copper pot/ })).toBeVisible();
  await keys.press("p");
  await expect(heading("Plan")).toBeFocused();
  await keys.to(page.getByRole("combobox", { name: "Plant", exact: true }));
  await keys.type("true lav");
  await expect(page.getByRole("option").first()).toContainText("True lavender");
  await keys.press("Enter");
  await keys.to(page.getByRole("textbox", { name: "Plant weight", exact: true }));
  await keys.type("600");
  await expect(button("Get ready")).toBeEnabled();
  await keys.press("Enter");
  await expect(heading("Get ready")).toBeFocused();
  const boxes = page.getByRole("checkbox");
  const count = await boxes.count();
  for (let i = 0; i < count; i += 1) await keys.on(boxes.nth(i), "Space");
  await keys.on(button("Heat on"));
  await expect(heading("Heating up")).toBeFocused();
  await keys.on(button("It boils"));
  await expect(heading("Warming the charge")).toBeFocused();
  await keys.on(button("First drop"));
  await expect(heading("Distilling")).toBeFocused();
  await keys.press("e");
  await keys.to(page.getByRole("textbox", { name: "Distillate so far, all jars" }));
  await keys.type("80");
  await keys.press("Enter");
  await expect(page.getByRole("dialog")).toBeHidden();
  await keys.on(page.getByRole("button", { name: "Heat off", exact: true }));
  await keys.on(button("Heat off now"));
  await expect(heading("Let it settle")).toBeFocused();
  await keys.on(page.getByRole("button", { name: "Separate", exact: true }));
  await expect(heading("Separate")).toBeFocused();
  await keys.to(page.getByRole("textbox", { name: "Oil", exact: true }));
  await keys.type("2.1");
  await keys.to(page.getByRole("textbox", { name: "Hydrosol, all of it" }));
  await keys.type("580");
  await keys.press("Enter");
  await keys.on(button(/^Bottle /));
  await expect(page.getByRole("dialog")).toBeVisible();
  await keys.to(page.getByRole("textbox", { name: "Bottle size" }));
  await keys.press("Enter");
  await stored(page, /^bottle/, '"filledMl"');
  test.info().annotations.push({ type: "keys", description: String(keys.pressed) });
  console.log(`the whole job by keyboard: ${keys.pressed} keys`);
  expect(keys.pressed).toBeLessThan(150);
});

test("“?” tells the keys; they rest while something is typed", async ({ page }) => {
  await goTo(page, "/runs?logbook=demo");
  await expect(page.getByRole("table", { name: "Runs" })).toBeVisible();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toBeVisible();
  await page.keyboard.press("Escape");
  await page.keyboard.press("/");
  await expect(page.getByRole("textbox", { name: "Find" })).toBeFocused();
  await page.keyboard.type("sb");
  await expect(page).toHaveURL(/\/runs/);
  await expect(page.getByRole("textbox", { name: "Find" })).toHaveValue("sb");
});
