import { newRecord } from "@/records/base";
import type { Harvest } from "@/records/harvest";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { sampleDay } from "@/testing/sampleDay";
import { sampleStill } from "@/testing/sampleRecords";
import { emptyDay, formOf, readDay, type DayForm } from "./dayForm";

const at = (clock: string) => new Date(`2026-07-14T${clock}:00`).getTime();
const still = sampleStill();
const harvest: Harvest = {
  ...newRecord("harvest", new Date("2026-07-14T05:00:00Z")),
  plantId: "lavender",
  state: "fresh",
  cutOn: "2026-07-14",
  massG: 1500,
};
const known = {
  stills: [still],
  harvests: [harvest],
  runs: [],
  book: catalogueBook,
  now: at("06:00"),
};
const form = (part: Partial<DayForm> = {}): DayForm => ({
  ...emptyDay("metric", [still]),
  on: "2026-07-14",
  harvestIds: [harvest.id],
  ...part,
});
const typed = (text: string, unit: "one" | "W" | "kg" | "g") => ({ text, unit });

test("a harvest and a plant that is not cut yet, with what limits the day", () => {
  const read = readDay(
    form({
      others: [{ plantId: "peppermint", state: "dried", mass: typed("1,2 kg", "g") }],
      hands: typed("2", "one"),
      mains: typed("3500", "W"),
      ice: typed("20", "kg"),
    }),
    known,
  );
  expect(read.problems).toEqual({});
  expect(read.limits).toMatchObject({ hands: 2, mainsW: 3500, iceKg: 20, stillIds: [still.id] });
  expect(read.heaps).toMatchObject([
    { harvestId: harvest.id, plantId: "lavender", state: "fresh", massG: 1500 },
    { plantId: "peppermint", state: "dried", massG: 1200 },
  ]);
});

test.each<[string, Partial<DayForm>, object]>([
  ["nothing chosen", { harvestIds: [] }, { what: expect.stringMatching(/Choose what/) as string }],
  ["a still that is gone", { stillIds: ["gone"] }, { stills: expect.any(String) as string }],
  ["half a hand", { hands: typed("1.5", "one") }, { hands: expect.any(String) as string }],
  ["no day", { on: "" }, { on: "Enter the day." }],
  ["yesterday", { on: "2026-07-13" }, { on: expect.stringMatching(/over/) as string }],
  ["no clock", { from: "soon" }, { from: expect.any(String) as string }],
  ["too much at once", { mains: typed("9e9", "W") }, { mains: expect.any(String) as string }],
])("%s is named", (_, part, problem) => {
  const read = readDay(form(part), known);
  expect(read.problems).toMatchObject(problem);
  expect(read.limits).toBeUndefined();
});

test("a day that is under way can still be planned, one whose hours are gone cannot", () => {
  expect(readDay(form(), { ...known, now: at("20:00") }).limits).toBeDefined();
  expect(readDay(form(), { ...known, now: at("21:30") }).problems.on).toMatch(/over/);
  expect(readDay(form({ until: "02:00" }), { ...known, now: at("23:30") }).limits).toBeDefined();
});

test("a plant without weight is told where it stands", () => {
  const read = readDay(
    form({ others: [{ plantId: "", state: "", mass: typed("", "g") }], harvestIds: [] }),
    known,
  );
  expect(read.heapProblems).toEqual([
    { plant: "Choose the plant.", mass: expect.any(String) as string },
  ]);
  expect(read.problems.what).toBeUndefined();
});

test("the same again has the plants of before as they were, and nothing of what was cut then", () => {
  const again = formOf(sampleDay({ iceKg: 4 }), "us");
  expect(again).toMatchObject({ harvestIds: [], stillIds: ["still-a"], hands: { text: "1" } });
  expect(again.others).toMatchObject([{ plantId: "lavender", state: "fresh" }]);
  expect(again.ice.unit).toBe("lb");
});
