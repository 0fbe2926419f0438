import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import type { Entry } from "@/records/entry";
import { warmedAt } from "./warmedAt";

const still = { ...sampleStill(), condenser: { kind: "tap", riseK: 25 } as const };
const run = (number: number, reading: Partial<Entry>) => ({
  ...sampleRun([entryAt(0, { type: "lit" }), entryAt(40, { type: "reading", ...reading })]),
  id: `run-${number}`,
  number,
});

test("the rate at which the outlet grew warm is what the condenser has not taken", () => {
  const warm = run(1, { outletC: 48, rateMlPerMin: 14 });
  const warmer = run(2, { outletC: 52, rateMlPerMin: 11 });
  expect(warmedAt([warm, warmer], still)).toBe(11);
  expect(warmedAt([run(1, { outletC: 30, rateMlPerMin: 14 })], still)).toBeUndefined();
  expect(warmedAt([warm], { ...still, id: "other" })).toBeUndefined();
});

test("a later run that stayed cool at that rate undoes it", () => {
  const warm = run(1, { outletC: 48, rateMlPerMin: 14 });
  expect(warmedAt([warm, run(2, { outletC: 28, rateMlPerMin: 15 })], still)).toBeUndefined();
  expect(warmedAt([warm, run(2, { outletC: 28, rateMlPerMin: 9 })], still)).toBe(14);
});

test("a run in which trouble was noted tells of that, not of the condenser", () => {
  const warm = run(1, { outletC: 48, rateMlPerMin: 14 });
  const trouble = entryAt(41, { type: "trouble", what: "The hose came off." });
  expect(warmedAt([{ ...warm, entries: [...warm.entries, trouble] }], still)).toBeUndefined();
});

test("a warm tub is to blame itself; a cool one is not", () => {
  const tub = { ...still, condenser: { kind: "tubCoil", tubL: 40, iceKg: 0 } as const };
  expect(warmedAt([run(1, { outletC: 48, tubC: 55, rateMlPerMin: 14 })], tub)).toBeUndefined();
  expect(warmedAt([run(1, { outletC: 48, rateMlPerMin: 14 })], tub)).toBeUndefined();
  expect(warmedAt([run(1, { outletC: 48, tubC: 25, rateMlPerMin: 14 })], tub)).toBe(14);
});
