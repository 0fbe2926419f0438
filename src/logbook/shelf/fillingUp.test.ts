import { newRecord } from "@/records/base";
import type { Empty } from "@/records/empty";
import { sampleUse } from "@/testing/sampleShelf";
import { proposeBottles } from "./proposeBottles";
import { lastPurposes } from "./purposes";
import { usualBottleMl } from "./usualBottles";

const day = new Date("2026-06-01T10:00:00Z");
const empties = (sizeMl: number, count: number, part: Partial<Empty> = {}): Empty => ({
  ...newRecord("empty", day),
  id: `of-${sizeMl}`,
  sizeMl,
  glass: "blue",
  count,
  changes: [],
  ...part,
});
const proposed = (volumeMl: number, own: Empty[], product: "oil" | "hydrosol" = "oil") =>
  proposeBottles(volumeMl, product, own, "metric");
const filled = ({ bottles }: ReturnType<typeof proposed>) =>
  bottles.map(({ sizeMl, filledMl }) => [sizeMl, Number(filledMl.toFixed(6))]);

test("the person's own empties are filled, by their glass and closure, and no more of them than there are", () => {
  const two = proposed(50, [empties(10, 2, { closure: "cork" })]);
  expect(filled(two)).toEqual([
    [10, 10],
    [10, 10],
  ]);
  expect(two.leftMl).toBe(30);
  expect(two.bottles[0]).toEqual({
    emptyId: "of-10",
    sizeMl: 10,
    filledMl: 10,
    glass: "blue",
    closure: "cork",
  });
});

test("where all own ones are used up, the usual are proposed: droppers for oil, caps for water", () => {
  const used = empties(10, 1, {
    changes: [{ id: "c", at: day.toISOString(), by: -1, why: "filled" }],
  });
  const oil = proposed(10, [used]);
  expect(oil.bottles).toEqual([{ sizeMl: 10, filledMl: 10, glass: "amber", closure: "dropper" }]);
  expect(proposed(250, [], "hydrosol").bottles[0]).toMatchObject({
    glass: "amber",
    closure: "cap",
  });
});

test("the last bottle is the smallest that takes the rest, and none of which air would have the most", () => {
  /* 4 mL are two fifths of a bottle of 10, 3.9 are not. */
  const only = [empties(10, 5)];
  expect(filled(proposed(14, only))).toEqual([
    [10, 10],
    [10, 4],
  ]);
  const little = proposed(13.9, only);
  expect(filled(little)).toEqual([[10, 10]]);
  expect(little.leftMl).toBeCloseTo(3.9, 9);
  expect(filled(proposed(12, [empties(10, 1), empties(5, 3)]))).toEqual([
    [10, 10],
    [5, 2],
  ]);
  expect(filled(proposed(4, [empties(5, 1), empties(10, 1)]))).toEqual([[5, 4]]);
});

test("sizes that sum exactly leave nothing; a thousand litres stop at sixty bottles", () => {
  const exact = proposed(0.1 + 0.2, [empties(0.1, 3)]);
  expect(filled(exact)).toHaveLength(3);
  expect(exact.leftMl).toBe(0);
  expect(proposed(0, []).bottles).toEqual([]);
  const lake = proposed(1e6, []);
  expect(lake.bottles).toHaveLength(60);
  expect(lake.leftMl).toBe(1e6 - 60 * 100);
});

test("an amount that is just a bottle's takes that one", () => {
  expect(usualBottleMl(10, "oil", "metric")).toBe(10);
  expect(usualBottleMl(10.1, "oil", "metric")).toBe(15);
  expect(usualBottleMl(500, "oil", "metric")).toBe(100);
});

test("of purposes the last eight are offered; what was lost was for nothing", () => {
  const uses = Array.from({ length: 10 }, (_, i) =>
    sampleUse(`u${i}`, { purpose: `for ${i}`, at: `2026-05-${10 + i}T08:00:00.000Z` }),
  );
  expect(lastPurposes(uses)).toEqual([9, 8, 7, 6, 5, 4, 3, 2].map((i) => `for ${i}`));
  expect(lastPurposes([sampleUse("l", { purpose: "spilt", way: "lost" })])).toEqual([]);
});
