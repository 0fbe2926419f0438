import fc from "fast-check";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { summarise } from "@/logbook/run/runSummary";
import { entryAt, sampleRun } from "@/testing/sampleRecords";
import { findRuns, sortRuns, type SortKey } from "./findRuns";

const base = sampleRun();
const run = (number: number, plantId: string, oilMl: number | undefined, note?: string) =>
  summarise(
    {
      ...base,
      id: `run-${number}`,
      number,
      plantId,
      entries: [
        entryAt(0, { type: "lit" }),
        ...(note ? [entryAt(9, { type: "note", note })] : []),
        ...(oilMl === undefined
          ? []
          : [entryAt(90, { type: "separated", oilMl, hydrosolMl: 700 })]),
      ],
    },
    catalogueBook,
  );
const runs = [
  run(1, "lavender", 5.1, "a leak at the lid"),
  run(2, "clarysage", 0.9),
  run(3, "lavender", undefined),
];
const numbers = (query: string) => findRuns(runs, query).map(({ run: { number } }) => number);

test.each([
  ["", [1, 2, 3]],
  ["lavender", [1, 3]],
  ["LEAK lavender", [1]],
  ["run 2", [2]],
  ["copper may 2026", [1, 2, 3]],
  ["2026-05-04 sage", [2]],
  ["nothing of the kind", []],
])("“%s” finds runs %j", (query, expected) => {
  expect(numbers(query)).toEqual(expected);
});

test("sorting loses nobody, and down is up turned round but for equals", () => {
  const keys: SortKey[] = ["number", "at", "plant", "charge", "minutes", "oil", "yield"];
  fc.assert(
    fc.property(fc.constantFrom(...keys), fc.boolean(), (key, down) => {
      const sorted = sortRuns(runs, key, down).map(({ run: { number } }) => number);
      expect(sorted.toSorted()).toEqual([1, 2, 3]);
    }),
  );
  const by = (key: SortKey, down: boolean) =>
    sortRuns(runs, key, down).map(({ run: { number } }) => number);
  expect(by("oil", true)).toEqual([1, 2, 3]);
  expect(by("oil", false)).toEqual([3, 2, 1]);
  expect(by("plant", false)).toEqual([2, 3, 1]);
  expect(by("charge", true)).toEqual([3, 2, 1]);
});
