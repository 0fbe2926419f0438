import fc from "fast-check";
import { narrowedBy } from "./ownRuns";

const prior = { low: 4, high: 10 };

test("no runs leave the range, runs narrow it and draw it to themselves, never to nothing", () => {
  expect(narrowedBy(prior, [])).toEqual({ ...prior, runs: 0, width: 1 });
  const three = narrowedBy(prior, [8, 8.4, 7.8]);
  const ten = narrowedBy(prior, Array(10).fill(8));
  expect(three.width).toBeLessThan(1);
  expect(ten.width).toBeLessThan(three.width);
  expect(ten.width).toBeGreaterThan(0.6);
  expect(Math.sqrt(three.low * three.high)).toBeGreaterThan(Math.sqrt(prior.low * prior.high));
});

test("whatever was seen, the range stays a range", () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: -1, max: 500 }), { maxLength: 40 }), (seen) => {
      const { low, high, width } = narrowedBy(prior, seen);
      expect(low).toBeGreaterThan(0);
      expect(high).toBeGreaterThan(low);
      expect(width).toBeLessThanOrEqual(1);
    }),
  );
});
