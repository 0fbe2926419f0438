import type { Page } from "@playwright/test";
import { buildDemo } from "../../src/demo/buildDemo";
import type { AnyRecord } from "../../src/records/record";
import { runState } from "../../src/logbook/run/runState";

/** Puts records into a person's logbook behind the app's back. */
export async function fill(page: Page, records: AnyRecord[]): Promise<void> {
  const pairs = records.map((record): [string, string] => [
    `${record.kind}/${record.id}`,
    JSON.stringify(record),
  ]);
  await put(page, "sereno", pairs);
}

/**
 * Runs of the demonstration season, over and over under other ids. Of the seasons before the last one
 * all are over, as in a logbook of many years.
 */
export function runsOf(count: number): AnyRecord[] {
  const season = buildDemo(new Date("2026-10-03T12:00:00Z")).filter(({ kind }) => kind === "run");
  const over = season.filter(
    (record) => record.kind === "run" && runState(record.entries).phase === "done",
  );
  return Array.from({ length: count }, (_, i) => {
    const of = i < count - season.length ? over : season;
    return { ...of[i % of.length]!, id: `bench-${i}`, number: i + 1 } as AnyRecord;
  });
}

/** Puts texts into the browser's database behind the app's back. */
export async function put(page: Page, logbook: string, pairs: [string, string][]): Promise<void> {
  await page.evaluate(
    ([name, entries]) =>
      new Promise<void>((resolve) => {
        const request = indexedDB.open(name);
        request.onsuccess = () => {
          const work = request.result.transaction("entries", "readwrite");
          for (const [key, text] of entries) work.objectStore("entries").put(text, key);
          work.oncomplete = () => {
            request.result.close();
            resolve();
          };
        };
      }),
    [logbook, pairs] as const,
  );
}
