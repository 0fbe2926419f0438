import fc from "fast-check";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { sampleHarvest } from "@/testing/sampleShelf";
import { mergeCopies } from "./mergeCopies";
import { faultOf } from "./migrate";
import type { Run } from "./run";

const at = (minutes: number) => new Date(Date.UTC(2026, 4, 4, 8, minutes)).toISOString();
const base = sampleRun([entryAt(0, { type: "lit" })]);

test("two devices note on one run: whichever way the files go, both notes stand", () => {
  const a: Run = {
    ...base,
    updatedAt: at(5),
    entries: [
      ...base.entries,
      entryAt(4, { type: "note", note: "A" }),
      entryAt(5, { type: "note", note: "A again" }),
    ],
  };
  const b: Run = {
    ...base,
    updatedAt: at(9),
    entries: [...base.entries, entryAt(9, { type: "note", note: "B" })],
  };
  const notes = (run: Run) => run.entries.flatMap(({ note }) => note ?? []);
  expect(notes(mergeCopies(a, b))).toEqual(["A", "A again", "B"]);
  expect(mergeCopies(a, b)).toEqual(mergeCopies(b, a));
});

test("what was brought back or emptied later stays so: the older copy does not bin it again", () => {
  const binned = { ...base, updatedAt: at(1), deletedAt: at(1) };
  const back = { ...base, updatedAt: at(2) };
  expect(mergeCopies(binned, back).deletedAt).toBeUndefined();
  expect(mergeCopies(back, binned).deletedAt).toBeUndefined();
});

test("a harvest's weighings of two devices are all there", () => {
  const weighed = (minutes: number) => ({ at: at(minutes), massG: 1000 - minutes });
  const one = sampleHarvest({ updatedAt: at(5), weighings: [weighed(5)] });
  const two = sampleHarvest({ updatedAt: at(6), weighings: [weighed(6)] });
  expect(mergeCopies(one, two).weighings).toEqual([weighed(5), weighed(6)]);
});

/* Histories of three devices that began with the same run. */
const device = fc
  .record({
    updated: fc.integer({ min: 0, max: 40 }),
    stop: fc.integer({ min: 10, max: 90 }),
    notes: fc.uniqueArray(fc.integer({ min: 1, max: 30 }), { maxLength: 5 }),
  })
  .map(({ updated, stop, notes }): Run => ({
    ...base,
    updatedAt: at(updated),
    plan: { ...base.plan, stop: { minutes: stop } },
    entries: [...base.entries, ...notes.map((id) => entryAt(id, { type: "note", note: `${id}` }))],
  }));

test("copies come to the same in any order and any grouping, once or often, and no entry is lost", () => {
  fc.assert(
    fc.property(device, device, device, (a, b, c) => {
      const all = mergeCopies(mergeCopies(a, b), c);
      expect(mergeCopies(a, mergeCopies(b, c))).toEqual(all);
      expect(mergeCopies(mergeCopies(c, a), b)).toEqual(all);
      expect(mergeCopies(all, a)).toEqual(all);
      expect(mergeCopies(all, all)).toBe(all);
      const ids = new Set(all.entries.map(({ id }) => id));
      for (const { entries } of [a, b, c])
        for (const { id } of entries) expect(ids.has(id)).toBe(true);
      expect(faultOf(all)).toBeUndefined();
    }),
    { numRuns: 1000 },
  );
});
