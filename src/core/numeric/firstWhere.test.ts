import fc from "fast-check";
import { firstWhere } from "./firstWhere";

test("the place where a yes begins is found, whatever the place and the ends", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -1e6, max: 1e6, noNaN: true }),
      fc.double({ min: 0.001, max: 1e6, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (low, width, share) => {
        const place = low + width * share;
        const found = firstWhere([low, low + width], (x) => x >= place);
        expect(found).toBeGreaterThanOrEqual(place);
        expect(found - place).toBeLessThanOrEqual(width * 1e-12 + Math.abs(low) * 1e-14 + 1e-12);
      },
    ),
  );
});

test("to a width, on the side that holds; a yes that never comes is the high end", () => {
  const place = firstWhere([0, 1000], (x) => x > 123, { width: 0.1 });
  expect(place).toBeGreaterThan(123);
  expect(place).toBeLessThan(123.1);
  expect(firstWhere([0, 8], () => false)).toBe(8);
});
