import { sampleHarvest } from "@/testing/sampleShelf";
import { catalogueBook } from "../plant/plantBook";
import { findHarvests } from "./findHarvests";

const harvests = [
  sampleHarvest({ id: "a", place: "by the wall" }),
  sampleHarvest({ id: "b", plantId: "lavender", whose: "Neighbour", cutOn: "2025-07-01" }),
];
const ids = (query: string) => findHarvests(harvests, query, catalogueBook).map(({ id }) => id);

test("harvests are found by plant, place, owner and year; every word has to fit", () => {
  expect(ids("")).toEqual(["a", "b"]);
  expect(ids("clary")).toEqual(["a"]);
  expect(ids("LAVENDER 2025")).toEqual(["b"]);
  expect(ids("neighbour wall")).toEqual([]);
  expect(ids("angustifolia")).toEqual(["b"]);
});

test("spaces before, between and after words are none; a plant that the book lacks is found by its own name", () => {
  expect(ids("  clary   wall ")).toEqual(["a"]);
  const unknown = sampleHarvest({ id: "c", plantId: "nobody-knows", place: "heath" });
  const found = (query: string) => findHarvests([unknown], query, catalogueBook).length;
  expect(found("nobody-knows")).toBe(1);
  expect(found("undefined")).toBe(0);
  /* Two fields beside one another make no third word. */
  expect(found("knowsheath")).toBe(0);
});
