import { expect, test, type Page } from "@playwright/test";
import { writeFileSync } from "node:fs";
import {
  addCopperPot,
  choosePlant,
  field,
  goTo,
  lightIt,
  openDoor,
  planLavender,
  shutDoor,
  stored,
  tapTo,
} from "./steps";

/** Makes every write to the browser's database fail, as on a full disk. */
async function refuseWrites(page: Page): Promise<void> {
  await page.evaluate(() => {
    const store = IDBObjectStore.prototype as unknown as { put: unknown; kept?: unknown };
    store.kept = store.put;
    store.put = function () {
      throw new DOMException("The disk is full.", "QuotaExceededError");
    };
  });
}

async function allowWrites(page: Page): Promise<void> {
  await page.evaluate(() => {
    const store = IDBObjectStore.prototype as unknown as { put: unknown; kept?: unknown };
    store.put = store.kept;
  });
}

/** Puts a text into the database behind the app's back. */
async function plant(page: Page, key: string, text: string): Promise<void> {
  await page.evaluate(
    ([name, value]) =>
      new Promise<void>((resolve, reject) => {
        const request = indexedDB.open("sereno");
        request.onsuccess = () => {
          const work = request.result.transaction("entries", "readwrite");
          work.objectStore("entries").put(value, name);
          work.oncomplete = () => {
            request.result.close();
            resolve();
          };
          work.onerror = () => reject(work.error ?? new Error("not stored"));
        };
      }),
    [key, text] as const,
  );
}

test("a store that refuses is said at once, a file saves it all, and the next try writes it", async ({
  page,
}) => {
  await addCopperPot(page);
  await stored(page, /setting/, "320");
  await refuseWrites(page);
  await field(page, "Air").fill("23");
  await expect(page.getByRole("alert")).toContainText("Not stored: 1 change waits.");
  const saving = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save a file" }).click();
  expect((await saving).suggestedFilename()).toMatch(/^sereno-.*\.json$/);
  await allowWrites(page);
  await page.getByRole("button", { name: "Try again" }).click();
  await expect(page.getByRole("alert")).toBeHidden();
  await stored(page, /setting/, '"airC":23');
});

test("a stored record that does not parse is set aside and shown; the rest opens", async ({
  page,
}) => {
  await addCopperPot(page);
  await stored(page, /setting/, "320");
  await plant(page, "run/torn", '{"kind":"run","id":"torn","vers');
  await goTo(page, "/bench/data");
  await expect(page.getByText("run/torn")).toBeVisible();
  await expect(page.getByText("the stored text is not JSON")).toBeVisible();
  await goTo(page, "/bench");
  await expect(page.getByRole("link", { name: /Copper pot/ })).toBeVisible();
});

test("a tap in the instant before its tab dies is in the log", async ({ page, context }) => {
  await addCopperPot(page);
  await planLavender(page, "600");
  await lightIt(page);
  await stored(page, /^run/, '"lit"');
  const address = page.url();
  await page.evaluate(() => {
    const boils = [...document.querySelectorAll<HTMLElement>('[role="button"]')].find(
      (button) => button.textContent === "It boils",
    );
    /* The database never hears of it: as if the process had ended with the tap. */
    IDBDatabase.prototype.transaction = () => {
      throw new Error("gone");
    };
    boils?.click();
  });
  await page.close({ runBeforeUnload: false });
  const again = await context.newPage();
  await goTo(again, address);
  await expect(again.getByRole("heading", { name: "Warming the charge" })).toBeVisible();
  await again.getByRole("button", { name: /^Log, 2/ }).click();
  await stored(again, /^run/, '"boiling"');
});

for (const locks of [true, false])
  test(`two tabs on one run both write, and both see everything, ${locks ? "with" : "without"} the browser's locks`, async ({
    page,
    context,
  }) => {
    /* As on a page that is served over plain http to another device. */
    if (!locks)
      await context.addInitScript(() =>
        Object.defineProperty(Navigator.prototype, "locks", { value: undefined }),
      );
    await addCopperPot(page);
    await planLavender(page, "600");
    await lightIt(page);
    await stored(page, /^run/, '"lit"');
    const other = await context.newPage();
    await goTo(other, page.url());
    await other.getByRole("button", { name: "It boils" }).click();
    await expect(page.getByRole("heading", { name: "Warming the charge" })).toBeVisible();
    await page.getByRole("button", { name: "Note" }).click();
    await field(page, "What you saw, smelt or did").fill("from the first tab");
    await page.getByRole("button", { name: "Save entry" }).click();
    await other.getByRole("button", { name: "First drop", exact: true }).click();
    await expect(page.getByRole("heading", { name: "Distilling" })).toBeVisible();
    for (const tab of [page, other])
      await expect(tab.getByRole("button", { name: "Log, 4" })).toBeVisible();
  });

test("a plan that boils dry cannot be lit until a tap mends it", async ({ page }) => {
  await addCopperPot(page);
  await tapTo(page, "Plan");
  await choosePlant(page, "True lavender");
  await field(page, "Plant weight").fill("700");
  await openDoor(page, /^water:/);
  await field(page, "Water in the pot").fill("1000");
  await shutDoor(page);
  await expect(page.getByRole("alert").first()).toContainText("The pot reaches its dry line");
  await expect(page.getByRole("button", { name: "Fix the plan first" })).toBeDisabled();
  await expect(page.getByRole("button", { name: "2 charges" })).toBeVisible();
  await page.getByRole("button", { name: /of water$/ }).click();
  await expect(page.getByRole("button", { name: "Get ready" })).toBeEnabled();
});

const head =
  '{"format":"sereno-logbook","version":1,"exportedAt":"2026-07-01T10:00:00Z","records":[';
const hostile = `${head}{"kind":"measure","id":"m-1","version":1,"createdAt":"2026-07-01T10:00:00Z","updatedAt":"2026-07-01T10:00:00Z","name":"<script>document.title='taken'</script>","massG":100}]}`;

test("bad files change nothing and say why; a hostile one is only text; an import is undone in one step", async ({
  page,
}) => {
  await goTo(page, "/bench/data");
  const file = page.getByLabel("Logbook file");
  const give = (name: string, text: string) =>
    file.setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(text) });
  await give("cut.json", hostile.slice(0, -40));
  await expect(
    page.getByText("cut.json: This file is not whole: it stops or breaks before its end."),
  ).toBeVisible();
  await give("new.json", hostile.replace('"version":1', '"version":9'));
  await expect(
    page.getByText("new.json: This logbook is of version 9, made by a newer Sereno."),
  ).toBeVisible();
  await give("other.json", '{"hello":1}');
  await expect(page.getByText("other.json: This is not a Sereno logbook.")).toBeVisible();
  const huge = test.info().outputPath("huge.json");
  writeFileSync(huge, " ".repeat(97 * 1024 * 1024));
  await file.setInputFiles(huge);
  await expect(page.getByText("huge.json is 97 MB.")).toBeVisible();
  await give("hostile.json", hostile);
  await expect(page.getByText("1 record added")).toBeVisible();
  await page.getByRole("button", { name: "Bring in" }).click();
  await page.getByRole("link", { name: "Bench" }).last().click();
  await page.getByRole("button", { name: /^Measures/ }).click();
  await expect(
    page.getByText("<script>document.title='taken'</script>", { exact: true }),
  ).toBeVisible();
  await expect(page).toHaveTitle("Bench · Sereno");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText("<script>", { exact: false })).toBeHidden();
});

test("what is binned comes back", async ({ page }) => {
  await addCopperPot(page);
  await page.getByRole("link", { name: /Copper pot/ }).click();
  await page.getByRole("button", { name: "Delete still" }).click();
  await expect(page.getByRole("link", { name: /Copper pot/ })).toBeHidden();
  await page.getByRole("button", { name: "Undo" }).click();
  await page.getByRole("link", { name: /Copper pot/ }).click();
  await page.getByRole("button", { name: "Delete still" }).click();
  await page.getByRole("link", { name: /Data/ }).click();
  await page.getByRole("button", { name: "Bring back Copper pot, 12 L" }).click();
  await page.getByRole("link", { name: "Bench" }).last().click();
  await expect(page.getByRole("link", { name: /Copper pot/ })).toBeVisible();
});

test("the demonstration stands apart and is left with one tap", async ({ page }) => {
  await goTo(page, "/?logbook=demo");
  await expect(page.getByText("Juniper berry")).toBeVisible();
  await page.getByRole("link", { name: "Runs" }).click();
  await expect(page.getByRole("link", { name: /31 · Juniper berry/ })).toBeVisible();
  await page.getByRole("button", { name: "Leave the demonstration" }).click();
  await expect(page.getByText("From the cut plant to the bottle")).toBeVisible();
});
