import { expect, test, type Page } from "@playwright/test";
import { addCopperPot, goTo, lightIt, planLavender, readAnew, stored } from "./steps";

interface Chunk {
  channel: string;
  startAt: string;
  offsetsMs: number[];
}

/** The moments of a channel's stored samples, chunk after chunk. */
function moments(page: Page, channel: string): Promise<number[]> {
  return page.evaluate(
    (name) =>
      new Promise<number[]>((resolve) => {
        const request = indexedDB.open("sereno");
        request.onsuccess = () => {
          const db = request.result;
          const range = IDBKeyRange.bound("samples/", "samples/\uffff");
          const all = db.transaction("entries").objectStore("entries").getAll(range);
          all.onsuccess = () => {
            db.close();
            const chunks = (all.result as string[])
              .map((text) => JSON.parse(text) as Chunk)
              .filter((chunk) => chunk.channel === name)
              .sort((a, b) => a.startAt.localeCompare(b.startAt));
            resolve(
              chunks.flatMap(({ startAt, offsetsMs }) =>
                offsetsMs.map((offset) => Date.parse(startAt) + offset),
              ),
            );
          };
        };
      }),
    channel,
  );
}

test("two tabs hear one probe: each sample is kept once, and letting go in one ends it in both", async ({
  page,
  context,
}) => {
  await addCopperPot(page);
  await planLavender(page, "600");
  await lightIt(page);
  await stored(page, /^run/, '"lit"');
  await page.getByRole("button", { name: "Connect a probe and scale" }).click();
  await page.getByRole("radio", { name: "60 times" }).click();
  await page.getByRole("button", { name: "Connect", exact: true }).click();
  await expect(page.getByText("Connected", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Close" }).click();
  await stored(page, /^run/, '"instrument"');

  const other = await context.newPage();
  await goTo(other, page.url());
  await other.getByRole("button", { name: "Probe and scale: live" }).click();
  await expect(other.getByText(/^[1-9]\d\d+ samples/)).toBeVisible({ timeout: 30_000 });
  await other.getByRole("checkbox", { name: "Heat cut" }).click();

  /* The first tab leaves its cockpit, and hears on. */
  await goTo(page, "/bench");
  const before = (await moments(page, "head")).length;
  await expect
    .poll(async () => (await moments(page, "head")).length, { timeout: 30_000 })
    .toBeGreaterThan(before + 20);

  await readAnew(other);
  await other.getByRole("button", { name: "Probe and scale: live" }).click();
  await expect(other.getByRole("checkbox", { name: "Heat cut" })).toBeChecked();
  await other.getByRole("button", { name: "Disconnect" }).click();
  await expect(other.getByRole("button", { name: "Connect", exact: true })).toBeVisible();
  await goTo(page, other.url());
  await expect(page.getByRole("button", { name: "Connect a probe and scale" })).toBeVisible();

  for (const channel of ["head", "outlet", "tub", "distillate"]) {
    const kept = await moments(page, channel);
    expect(kept.length).toBeGreaterThan(before);
    expect(kept).toEqual([...new Set(kept)].sort((a, b) => a - b));
  }
});
