import { compounds } from "@/core/plant/compounds";
import { limits } from "@/messages/limits";
import { sampleOwnPlant, sampleRun } from "@/testing/sampleRecords";
import { attachmentHref, attachmentSchema, isPicture, openAttachment } from "./attachment";
import { compositionSchema } from "./composition";
import { keyOfItem, keyedLists } from "./lists";
import { materialSchema } from "./material";
import { kinds, mergedLists, recordKey } from "./record";
import { nextRunNumber, runSchema } from "./run";

test("an oil is made of the book's compounds, of more than nothing and no more than the whole", () => {
  const says = (shares: unknown) => compositionSchema.safeParse(shares).error?.issues[0]?.message;
  const [first = "", second = ""] = Object.keys(compounds);
  expect(says({ [first]: 0.6, [second]: 0.4 })).toBeUndefined();
  expect(says({ [first]: 0.3 })).toBeUndefined();
  expect(says({ moonlight: 0.3 })).toMatch(/does not know/);
  expect(says({ [first]: 0.3, toString: 0.3 })).toMatch(/does not know/);
  expect(says({})).toMatch(/more than 0/);
  expect(says({ [first]: 0.9, [second]: 0.4 })).toMatch(/no more than 1/);
  expect(says({ [first]: 1.2 })).toBeDefined();
});

test("a plant's own range of oil does not stand on its head", () => {
  const fresh = (low: number, high: number) => ({
    fresh: { oilMlPerKg: { low, high }, moisture: 0.7, packingGPerL: 200 },
  });
  const says = (low: number, high: number) =>
    materialSchema.safeParse(sampleOwnPlant({ states: fresh(low, high) })).error?.issues[0];
  expect(says(2, 4)).toBeUndefined();
  expect(says(4, 4)).toBeUndefined();
  expect(says(5, 4)?.message).toBe("low must not be above high");
});

test("a mixture is of two plants to six", () => {
  const mixed = (parts: number) =>
    materialSchema.safeParse({
      ...sampleOwnPlant({}),
      mixOf: Array.from({ length: parts }, (_, i) => ({
        plantId: `plant-${i}`,
        state: "fresh",
        share: 1,
      })),
    }).success;
  expect([1, 2, 6, 7].map(mixed)).toEqual([false, true, true, false]);
});

test("the next run is one more than the highest, or the first free one where there is no higher", () => {
  expect(nextRunNumber([])).toBe(1);
  expect(nextRunNumber([{ number: 3 }, { number: 7 }])).toBe(8);
  const { max } = limits.runNumber;
  expect(nextRunNumber([{ number: max - 1 }])).toBe(max);
  expect(nextRunNumber([{ number: 1 }, { number: 2 }, { number: max }])).toBe(3);
});

test("a run's log and its plan have their limits", () => {
  const takes = (change: object) => runSchema.safeParse({ ...sampleRun(), ...change }).success;
  expect(takes({})).toBe(true);
  expect(takes({ number: limits.runNumber.max + 1 })).toBe(false);
  expect(takes({ number: 0 })).toBe(false);
  expect(takes({ checked: Array.from({ length: 60 }, (_, i) => `item ${i}`) })).toBe(true);
  expect(takes({ checked: Array.from({ length: 61 }, (_, i) => `item ${i}`) })).toBe(false);
  expect(takes({ plan: { ...sampleRun().plan, charge: 0 } })).toBe(false);
  expect(takes({ plan: { ...sampleRun().plan, moisture: 1 } })).toBe(false);
  const cuts = (count: number) => ({
    plan: {
      ...sampleRun().plan,
      cuts: Array.from({ length: count }, () => ({ ml: 100, why: "firstCut" })),
    },
  });
  expect([takes(cuts(12)), takes(cuts(13))]).toEqual([true, false]);
  const clock = (speed: number) => ({
    clock: { wallAt: sampleRun().createdAt, runAt: sampleRun().createdAt, speed },
  });
  expect([takes(clock(0)), takes(clock(120)), takes(clock(121)), takes(clock(-1))]).toEqual([
    ...[true, true, false, false],
  ]);
});

test("records are known by kind and id, and the lists that are merged item by item by what an item is known by", () => {
  expect(recordKey({ kind: "run", id: "run-a" })).toBe("run/run-a");
  expect(new Set(kinds).size).toBe(17);
  expect(mergedLists.run).toEqual({ checked: "itself", entries: "id" });
  expect(mergedLists.still).toEqual({});
  expect(keyOfItem("water in", "itself")).toBe("water in");
  expect(keyOfItem({ id: "e1", itself: "no" }, "id")).toBe("e1");
  expect(keyedLists({ note: "no schema" })).toEqual({});
});

const attached = { id: "a", ofId: "run-a", at: "2026-05-04T08:00:00.000Z" };
const picture = { ...attached, type: "image/webp", widthPx: 800, heightPx: 600, data: "AAAA" };
const recording = { ...attached, type: "audio/ogg", seconds: 4, data: "AAA=" };

test("a picture and a spoken note open; what is neither, or is not written as letters, does not", () => {
  const opened = openAttachment(picture)!;
  expect(opened).toEqual(picture);
  expect(isPicture(opened)).toBe(true);
  expect(attachmentHref(opened)).toBe("data:image/webp;base64,AAAA");
  expect(isPicture(openAttachment(recording)!)).toBe(false);
  const bad = [
    { ...picture, data: "" },
    { ...picture, data: "<svg>" },
    { ...picture, data: "=AAA" },
    { ...picture, data: "AAAA===" },
    { ...picture, data: "AAAA\n" },
    { ...picture, widthPx: 0 },
    { ...picture, heightPx: limits.pictureSidePx.max + 1 },
    { ...picture, type: "image/svg+xml" },
    { ...recording, seconds: -1 },
    { ...recording, seconds: limits.recordingSeconds.max + 1 },
    null,
    "AAAA",
  ];
  expect(bad.map(openAttachment)).toEqual(bad.map(() => undefined));
});

test("a picture from when pictures hung on harvests alone hangs on that harvest", () => {
  const { ofId: _, ...before } = picture;
  expect(openAttachment({ ...before, harvestId: "harvest-a" })).toEqual({
    ...picture,
    ofId: "harvest-a",
  });
});

test("a picture and a spoken note are as long as their limits", () => {
  const letters = (count: number) => "A".repeat(count);
  const takes = (of: object, count: number) =>
    attachmentSchema.safeParse({ ...of, data: letters(count) }).success;
  expect(takes(picture, limits.pictureLetters.max)).toBe(true);
  expect(takes(picture, limits.pictureLetters.max + 1)).toBe(false);
  expect(takes(recording, limits.recordingLetters.max)).toBe(true);
  expect(takes(recording, limits.recordingLetters.max + 1)).toBe(false);
});
