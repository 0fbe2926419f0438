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
  productNames: {
    oil: "essence",
    hydrosol: "water",
    blend: "mixture",
    dilution: "tincture",
  } as never,
};
const found = (query: string) =>
  findEverything(query, logbook).map(({ kind, id }) => `${kind} ${id}`);

test.each([
  ["k7q4", "lot lot-a"],
  ["7H9-E3M", "bottle b"],
  ["top shelf", "bottle b"],
  ["12", "run run-a"],
  ["lid", "run run-a"],
  ["Salvia sclarea", "harvest harvest-a"],
  ["clary", "plant clarysage"],
  ["2026-06-01", "harvest harvest-a"],
  ["harvest", "harvest harvest-a"],
  ["copper pot", "still still-a"],
])("%s finds %s", (query, what) => {
  expect(found(query)).toContain(what);
});

test("of each kind a dozen, the latest first; a bottle by its own code and place, not by its plant", () => {
  const many = {
    ...logbook,
    summaries: Array.from({ length: 15 }, (_, i) =>
      summarise(
        { ...sampleRun([entryAt(i * 1440, { type: "lit" })], `run-${i}`), number: 100 + i },
        catalogueBook,
      ),
    ),
    lots: [sampleLot("old", { madeOn: "2025-07-01" }), sampleLot("new", { madeOn: "2026-07-01" })],
    bottles: [sampleBottle("b", "old", 10)],
    harvests: [
      sampleHarvest({ id: "before", plantId: "lavender", cutOn: "2025-06-30" }),
      sampleHarvest({ id: "now", plantId: "lavender", cutOn: "2026-06-30" }),
    ],
  };
  const all = findEverything("lavender", many).map(({ kind, id }) => `${kind} ${id}`);
  expect(all.slice(0, 12)).toEqual(Array.from({ length: 12 }, (_, i) => `run run-${14 - i}`));
  expect(all.slice(12, 16)).toEqual(["lot new", "lot old", "harvest now", "harvest before"]);
  expect(all.slice(16).every((each) => each.startsWith("plant "))).toBe(true);
});

test("what is found says what tells it apart", () => {
  expect(findEverything("K7Q-4MX", logbook)).toEqual([
    {
      kind: "lot",
      id: "lot-a",
      plantId: "lavender",
      code: "K7Q-4MX",
      name: undefined,
      on: "2026-05-04",
      product: "oil",
    },
  ]);
  expect(findEverything("7h9e3m", logbook)).toEqual([
    {
      kind: "bottle",
      id: "b",
      lotId: "lot-a",
      plantId: "lavender",
      code: "7H9-E3M",
      place: "Top shelf",
      product: "oil",
    },
  ]);
  const [run12] = findEverything("run 12", logbook);
  expect(run12).toEqual({
    kind: "run",
    id: "run-a",
    plantId: "lavender",
    number: 12,
    on: "2026-05-04",
  });
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

test("the note that is shown is the one that has what the run's own words lack", () => {
  expect(findEverything("lavender leaked", logbook)).toMatchObject([
    { kind: "run", note: "Smelt of hay, the lid leaked" },
  ]);
  const [both] = findEverything("hay lid", logbook);
  expect(both!.note).toContain("hay");
  expect(findEverything("lavender 12", logbook)[0]).not.toHaveProperty("note");
  const told = sampleRun([
    entryAt(0, { type: "lit" }),
    entryAt(60, { type: "trouble", trouble: "leak", what: "weeping gasket" }),
    entryAt(120, { type: "separated", oilMl: 3, look: "straw", smell: "honeyed" }),
  ]);
  const all = { ...logbook, summaries: [summarise(told, catalogueBook)] };
  for (const word of ["gasket", "straw", "honeyed"])
    expect(findEverything(word, all)).toMatchObject([{ kind: "run", note: expect.any(String) }]);
});

test("a product is found by what the screen calls it, a plant that the book lacks by its own name", () => {
  expect(found("essence")).toEqual(["lot lot-a"]);
  expect(found("oil")).toEqual([]);
  const unknown = {
    ...logbook,
    harvests: [sampleHarvest({ plantId: "our-weed", place: "ditch" })],
  };
  expect(findEverything("our-weed", unknown)).toMatchObject([{ kind: "harvest", place: "ditch" }]);
  /* A bottle whose lot is gone leads nowhere. */
  const alone = { ...logbook, bottles: [sampleBottle("c", "no-lot", 10, { code: "AAA-BBB" })] };
  expect(findEverything("aaa", alone)).toEqual([]);
});

test("all words have to fit, whatever their order", () => {
  expect(found("lavender 12")).toContain("run run-a");
  expect(found("lavender 13")).not.toContain("run run-a");
});
