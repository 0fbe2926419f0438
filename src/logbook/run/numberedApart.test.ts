import fc from "fast-check";
import { limits } from "@/messages/limits";
import { sampleRun } from "@/testing/sampleRecords";
import { numberedApart } from "./numberedApart";

const madeAt = (minute: number) => new Date(Date.UTC(2026, 6, 14, 9, minute)).toISOString();

test("of two runs with one number the later takes the next that is free", () => {
  const ours = { ...sampleRun(), id: "ours", number: 14, createdAt: madeAt(3) };
  const theirs = { ...sampleRun(), id: "theirs", number: 14, createdAt: madeAt(5) };
  const after = { ...sampleRun(), id: "after", number: 15, createdAt: madeAt(9) };
  expect(numberedApart([theirs, after, ours])).toEqual([{ ...theirs, number: 16 }]);
  expect(numberedApart([ours, after])).toEqual([]);
});

test("every number is one run's, whoever looks and in whatever order", () => {
  const run = fc.record({
    minute: fc.integer({ min: 0, max: 30 }),
    number: fc.oneof(fc.integer({ min: 1, max: 6 }), fc.constant(limits.runNumber.max)),
  });
  fc.assert(
    fc.property(fc.array(run, { maxLength: 12 }), fc.nat(), (drawn, turn) => {
      const runs = drawn.map(({ minute, number }, i) => ({
        ...sampleRun(),
        id: `run-${i}`,
        number,
        createdAt: madeAt(minute),
      }));
      const byTheOther = [...runs.slice(turn % 12), ...runs.slice(0, turn % 12)].reverse();
      const changed = numberedApart(runs);
      expect(numberedApart(byTheOther)).toEqual(changed);
      const now = runs.map((each) => changed.find(({ id }) => id === each.id) ?? each);
      expect(new Set(now.map(({ number }) => number)).size).toBe(runs.length);
    }),
  );
});
