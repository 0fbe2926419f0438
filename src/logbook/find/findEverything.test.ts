import { sampleRun, entryAt, sampleStill } from "@/testing/sampleRecords";
import { sampleBottle, sampleHarvest, sampleLot } from "@/testing/sampleShelf";
import { catalogueBook } from "../plant/plantBook";
import { summarise } from "../run/runSummary";
import { findEverything } from "./findEverything";

const run = sampleRun([
  entryAt(0, { type: "lit" }),
  entryAt(30, { type: "note", note: "Smelt of hay, the lid leaked" }),
]);
const logbook = {
  book: catalogueBook,
  summaries: [summarise({ ...run, number: 12 }, catalogueBook)],
  lots: [sampleLot("lot-a", { code: "K7Q-4MX" })],
  bottles: [sampleBottle("b", "lot-a", 10, { code: "7H9-E3M", place: "Top shelf" })],
  harvests: [sampleHarvest({ plantId: "clarysage", cutOn: "2026-06-01" })],
  stills: [sampleStill()],
};
const found = (query: string) =>
  findEverything(query, logbook).map(({ kind, id }) => `${kind} ${id}`);

test.each([
  ["k7q4", "lot lot-a"],
  ["7H9-E3M", "bottle b"],
  ["top shelf", "bottle b"],
  ["12", "run run-a"],
  ["lid", "run run-a"],
  ["Salvia sclarea", "harvest h"],
  ["clary", "plant clarysage"],
  ["copper pot", "still still-a"],
])("%s finds %s", (query, what) => {
  expect(found(query).some((each) => each.startsWith(what.split(" ")[0]!))).toBe(true);
});

test("words in a note are told with the run; nothing finds nothing", () => {
  expect(findEverything("leaked", logbook)).toMatchObject([
    { kind: "run", note: expect.stringContaining("leaked") },
  ]);
  expect(found("")).toEqual([]);
  expect(found("zzz")).toEqual([]);
  /* A number is a whole one: 2 is neither run 12 nor a code. */
  expect(found("2")).toEqual([]);
});

test("all words have to fit, whatever their order", () => {
  expect(found("lavender 12")).toContain("run run-a");
  expect(found("lavender 13")).not.toContain("run run-a");
});
