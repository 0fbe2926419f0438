import type { Run } from "@/records/run";
import { measuredRun } from "@/testing/sampleRecords";
import { sampleTrial } from "@/testing/sampleShelf";
import { catalogueBook } from "../plant/plantBook";
import { trialSpread } from "./trialSpread";

const oils = { r1: 4, r2: 4.4, r3: 5, r4: 5, r5: 3, r6: 4.5 };
const runs: Run[] = Object.entries(oils).map(([id, oilMl], i) => measuredRun(id, i + 1, oilMl));
const pair = (n: number, a: string, b: string) => [
  { runId: a, side: "a" as const, pair: n },
  { runId: b, side: "b" as const, pair: n },
];
const pairs = sampleTrial({ runs: [...pair(1, "r1", "r2"), ...pair(2, "r3", "r4")] });

test("pairs are held against their own trial's mean, and sum to nothing", () => {
  const seen = trialSpread(pairs, [pairs], runs, catalogueBook);
  expect(seen).toHaveLength(2);
  expect(seen[0]).toBeCloseTo(Math.log(1.1) / 2, 9);
  expect(seen[0]! + seen[1]!).toBeCloseTo(0, 12);
});

test("all trials of the design and measure speak; one pair alone, and another measure, tell no spread", () => {
  const one = sampleTrial({ id: "one", runs: pair(1, "r5", "r6") });
  const ph = sampleTrial({ id: "ph", measure: "hydrosolPh", runs: pairs.runs });
  expect(trialSpread(pairs, [pairs, one, ph], runs, catalogueBook)).toHaveLength(2);
  expect(trialSpread(one, [one], runs, catalogueBook)).toEqual([]);
});

test("apart, each side is held against its own mean", () => {
  const apart = sampleTrial({
    design: "apart",
    runs: [
      { runId: "r1", side: "a" },
      { runId: "r2", side: "a" },
      { runId: "r3", side: "b" },
      { runId: "r4", side: "b" },
    ],
  });
  const seen = trialSpread(apart, [apart], runs, catalogueBook);
  expect(seen).toHaveLength(4);
  expect(seen.slice(2)).toEqual([0, 0]);
});
