import { isCode } from "@/records/codes";
import { sampleRun } from "@/testing/sampleRecords";
import { lotsOfRun } from "./lotsOfRun";

const at = "2026-07-18T12:00:00Z";
const now = new Date(at);
const result = { at, oilMl: 4.2, hydrosolMl: 690, firstCutMl: 90, ph: 5.2, look: "pale" };

test("a run makes a lot of each product, with codes that are free", () => {
  const lots = lotsOfRun(sampleRun(), result, [], now);
  expect(lots.map(({ product, volumeMl }) => [product, volumeMl])).toEqual([
    ["oil", 4.2],
    ["hydrosol", 600],
    ["hydrosol", 90],
  ]);
  const next = lotsOfRun({ ...sampleRun(), id: "run-b" }, result, lots, now);
  const codes = [...lots, ...next].map(({ code }) => code);
  expect(new Set(codes).size).toBe(6);
  expect(codes.every(isCode)).toBe(true);
});

test("measuring again keeps the codes and takes the new amounts", () => {
  const lots = lotsOfRun(sampleRun(), result, [], now);
  const again = lotsOfRun(sampleRun(), { ...result, oilMl: 3.9 }, lots, now);
  expect(again.map(({ id, code }) => [id, code])).toEqual(lots.map(({ id, code }) => [id, code]));
  expect(again[0]).toMatchObject({ volumeMl: 3.9 });
});

test("measured in two places at once, each product has one id", () => {
  const here = lotsOfRun(sampleRun(), result, [], now);
  const there = lotsOfRun(sampleRun(), { ...result, oilMl: 4 }, [], now);
  expect(there.map(({ id }) => id)).toEqual(here.map(({ id }) => id));
});

test("jars whose oil was kept apart are lots of their own; an open oil is none", () => {
  const jars = [
    { volumeMl: 400, oilMl: 3 },
    { volumeMl: 300, oilMl: 1.5 },
  ];
  const lots = lotsOfRun(sampleRun(), { at, oilMl: 4.5, hydrosolMl: 700, jars }, [], now);
  expect(lots.map(({ product, jar, volumeMl }) => [product, jar?.number, volumeMl])).toEqual([
    ["oil", 1, 3],
    ["oil", 2, 1.5],
    ["hydrosol", 1, 400],
    ["hydrosol", 2, 300],
  ]);
  expect(lotsOfRun(sampleRun(), { at, hydrosolMl: 700 }, [], now)).toHaveLength(1);
});

test("no oil, no oil lot", () => {
  expect(lotsOfRun(sampleRun(), { at, oilMl: 0, hydrosolMl: 500 }, [], now)).toHaveLength(1);
});

test("pot liquor that was kept is a lot; emptied again it goes, and one put there by hand stays", () => {
  const kept = lotsOfRun(sampleRun(), { ...result, liquorMl: 800 }, [], now);
  const liquor = kept.find(({ product }) => product === "liquor")!;
  expect(liquor).toMatchObject({ volumeMl: 800, runIds: ["run-a"] });
  const byHand = { ...liquor, id: "by-hand", volumeMl: 250 };
  const again = lotsOfRun(sampleRun(), result, [...kept, byHand], now);
  expect(again.find(({ id }) => id === liquor.id)).toMatchObject({ volumeMl: 0 });
  expect(again.some(({ id }) => id === "by-hand")).toBe(false);
});
