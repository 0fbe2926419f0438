import { entryAt, sampleOwnPlant, sampleRun } from "@/testing/sampleRecords";
import { plantBook } from "../plant/plantBook";
import { plantsToFind } from "./plantsToFind";
import { summarise } from "./runSummary";

const book = plantBook([sampleOwnPlant({ name: "Clary by the wall" })]);
const lately = (...plantIds: string[]) =>
  plantIds.map((plantId, i) =>
    summarise({ ...sampleRun([entryAt(-i * 60, { type: "lit" })], `run-${i}`), plantId }, book),
  );
const grouped = (found: ReturnType<typeof plantsToFind>, group: string) =>
  found.filter((plant) => plant.group === group).map(({ value }) => value);

test("favourites, then what was distilled of late, the latest first, one's own, and the book", () => {
  const found = plantsToFind(book, lately("rose", "thyme", "sage", "rose").reverse(), ["caraway"]);
  expect([...new Set(found.map(({ group }) => group))]).toEqual([
    "Favourites",
    "Of late",
    "Your own",
    "The book",
  ]);
  expect(grouped(found, "Favourites")).toEqual(["caraway"]);
  expect(grouped(found, "Of late")).toEqual(["rose", "thyme", "sage"]);
  expect(grouped(found, "Your own")).toEqual(["clarysage"]);
  expect(found).toHaveLength(book.all.length);
});

test("a favourite stays one though it was distilled of late; of these there are five", () => {
  const six = ["rose", "thyme", "lavender", "caraway", "peppermint", "rosemary"];
  const found = plantsToFind(book, lately(...six), ["thyme"]);
  expect(grouped(found, "Favourites")).toEqual(["thyme"]);
  expect(grouped(found, "Of late")).toEqual(["rose", "lavender", "caraway", "peppermint"]);
  expect(grouped(found, "The book")).toContain("rosemary");
});

test("a line tells the plant with its part, its short name and what a botanist calls it", () => {
  const lavender = book.byId("lavender")!;
  const line = plantsToFind(book, []).find(({ value }) => value === "lavender");
  expect(line).toEqual({
    value: "lavender",
    label: `${lavender.name}, ${lavender.part}`,
    short: lavender.name,
    detail: lavender.botanicalName,
    group: "The book",
  });
});
