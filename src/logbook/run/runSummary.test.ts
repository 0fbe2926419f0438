import { entryAt, measuredRun, sampleRun } from "@/testing/sampleRecords";
import type { Entry } from "@/records/entry";
import { catalogueBook } from "../plant/plantBook";
import { doubtfulLog } from "./doubtfulLog";
import { momentOfRun, summarise } from "./runSummary";

const of = (entries: Entry[], part = {}) =>
  summarise({ ...sampleRun(entries), ...part }, catalogueBook);
const lit = entryAt(0, { type: "lit" });
const firstDrop = entryAt(30, { type: "firstDrop" });
const heatOff = (minutes: number) => entryAt(30 + minutes, { type: "heatOff" });
const separated = entryAt(9000, { type: "separated", oilMl: 4, hydrosolMl: 600 });

test("a run in the making has no time on the drip and no result", () => {
  for (const entries of [[lit], [lit, firstDrop], [lit, heatOff(60)]]) {
    const summary = of(entries);
    expect(summary).not.toHaveProperty("minutesFromFirstDrop");
    expect(summary).not.toHaveProperty("overlongMinutes");
    expect(summary).not.toHaveProperty("result");
  }
  const open = of([lit, firstDrop, heatOff(60), entryAt(99, { type: "separated", hydrosolMl: 1 })]);
  expect(open.minutesFromFirstDrop).toBe(60);
  expect(open).not.toHaveProperty("result");
});

test("a measured run has its oil, its hydrosol and its yields; the same record the same summary", () => {
  const run = sampleRun([lit, firstDrop, heatOff(60), separated]);
  const summary = summarise(run, catalogueBook);
  expect(summary.result).toMatchObject({ oilMl: 4, hydrosolMl: 600 });
  expect(summary.result!.mlPerKg).toBeCloseTo(4 / (run.plan.chargeG / 1000), 6);
  expect(summary.plantName).toBe(catalogueBook.byId("lavender")!.name);
  expect(summarise(run, catalogueBook)).toBe(summary);
  expect(of([lit], { plantId: "nobody-knows" }).plantName).toBe("nobody-knows");
});

test("two days on the heat are believed, a minute more is not", () => {
  expect(of([lit, firstDrop, heatOff(2880)])).toMatchObject({ minutesFromFirstDrop: 2880 });
  const long = of([lit, firstDrop, heatOff(2881), separated]);
  expect(long).toMatchObject({ overlongMinutes: 2881 });
  expect(long).not.toHaveProperty("minutesFromFirstDrop");
  expect(doubtfulLog(long, catalogueBook)).toEqual({
    minutes: 2881,
    hydrosolMl: 600,
    overlong: true,
  });
  const unmeasured = of([lit, firstDrop, heatOff(2881)]);
  expect(doubtfulLog(unmeasured, catalogueBook)).toMatchObject({ hydrosolMl: 0 });
  const sure = of([lit, firstDrop, heatOff(2881), separated], { confirmed: true });
  expect(doubtfulLog(sure, catalogueBook)).toBeUndefined();
});

test("a run is of when it was lit, else of the first that is known of it, else of when it was made ready", () => {
  const createdAt = "2026-05-01T00:00:00.000Z";
  const note = entryAt(-30, { type: "note", note: "rain" });
  expect(momentOfRun({ entries: [note, lit], createdAt })).toBe(Date.parse(lit.at));
  expect(momentOfRun({ entries: [separated, note], createdAt })).toBe(Date.parse(note.at));
  expect(momentOfRun({ entries: [], createdAt })).toBe(Date.parse(createdAt));
});

test("what flows three times as fast as planned, or brings twice what a good year holds, is doubted", () => {
  const usual = measuredRun("u", 1, 4);
  const { rateMlPerMin, runMinutes } = usual.plan.forecast;
  const after = (minutes: number, oilMl: number, hydrosolMl: number, part = {}) =>
    doubtfulLog(
      of(
        [lit, firstDrop, heatOff(minutes), entryAt(9000, { type: "separated", oilMl, hydrosolMl })],
        part,
      ),
      catalogueBook,
    );
  expect(after(runMinutes, 4, 500)).toBeUndefined();
  const quick = (3 * rateMlPerMin * runMinutes) / 10;
  expect(quick).toBeGreaterThan(100);
  expect(after(runMinutes / 10, 0.5, quick * 1.05)).toEqual({
    minutes: expect.closeTo(runMinutes / 10, 3) as number,
    hydrosolMl: quick * 1.05,
  });
  expect(after(runMinutes / 10, 0.5, quick * 0.95)).toBeUndefined();
  /* Under 100 mL may be a spill. */
  expect(after(1, 0.05, 99)).toBeUndefined();
  const rich = 2 * usual.plan.oilMlPerKg!.high * (usual.plan.chargeG / 1000);
  expect(after(runMinutes, rich, 500)).toBeDefined();
  expect(after(runMinutes, rich / 3, 500)).toBeUndefined();
  expect(after(runMinutes, rich, 500, { confirmed: true })).toBeUndefined();
});
