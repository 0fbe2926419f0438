import fc from "fast-check";
import { layerMm } from "./layer";
import { minutesToSettle, settledShare } from "./settling";

const column = { columnMm: 120, densityDifference: 110, viscosityMPaS: 1 };

test("settling of the reference column", () => {
  expect(settledShare(column, 30)).toBeCloseTo(0.77, 2);
  expect(settledShare(column, 60)).toBeCloseTo(0.87, 2);
  expect(minutesToSettle(column) / 60).toBeCloseTo(2.4, 1);
  expect(minutesToSettle({ ...column, densityDifference: 30 }) / 60).toBeCloseTo(8.7, 0);
});

test("an oil as heavy as water never settles", () => {
  expect(minutesToSettle({ ...column, densityDifference: 0 })).toBe(Infinity);
});

test("more time never unsettles, and a share stays a share", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 1e4, noNaN: true }),
      fc.double({ min: 0, max: 1e4, noNaN: true }),
      fc.double({ min: 1, max: 300, noNaN: true }),
      (a, b, densityDifference) => {
        const [early, late] = [Math.min(a, b), Math.max(a, b)];
        const settling = { ...column, densityDifference };
        expect(settledShare(settling, late)).toBeGreaterThanOrEqual(settledShare(settling, early));
        expect(settledShare(settling, late)).toBeLessThanOrEqual(1);
      },
    ),
    { numRuns: 50 },
  );
});

test("3 mL in a 30 mm tube stand 4.24 mm high", () => {
  expect(layerMm(3, 30)).toBeCloseTo(4.24, 2);
});
