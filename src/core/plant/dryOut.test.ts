import fc from "fast-check";
import { dryingWays, moistureByDrying } from "./dryOut";

test("forty grams of which ten are left in the oven were three quarters water", () => {
  expect(moistureByDrying(40, 10, "oven")).toBeCloseTo(0.75);
  expect(moistureByDrying(40, 10, "air")).toBeCloseTo(0.775);
});

test("whatever is weighed, the share is one, and less of it left is more water", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 500, noNaN: true }),
      fc.double({ min: 0.05, max: 1, noNaN: true }),
      fc.constantFrom(...dryingWays),
      (wetG, part, way) => {
        const share = moistureByDrying(wetG, wetG * part, way);
        expect(share).toBeGreaterThanOrEqual(0);
        expect(share).toBeLessThan(1);
        expect(moistureByDrying(wetG, wetG * part * 0.9, way)).toBeGreaterThan(share);
      },
    ),
  );
});

test.each([
  [0, 1, "wetG"],
  [10, 11, "dryG"],
  [10, 0, "dryG"],
])("%d g before and %d after are refused by name", (wet, dry, name) => {
  expect(() => moistureByDrying(wet, dry, "oven")).toThrow(name);
});
