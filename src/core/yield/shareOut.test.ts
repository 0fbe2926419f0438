import fc from "fast-check";
import { shareOut } from "./shareOut";

test("shares go by weight and sum to the whole", () => {
  expect(shareOut(6, [1, 2])).toEqual([2, 4]);
  expect(shareOut(6, [0, 0])).toEqual([3, 3]);
  expect(() => shareOut(1, [])).toThrow(/^weights:/);
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 1e5, noNaN: true }),
      fc.array(fc.double({ min: 0, max: 1e4, noNaN: true }), { minLength: 1, maxLength: 20 }),
      (total, weights) => {
        const shares = shareOut(total, weights);
        expect(shares).toHaveLength(weights.length);
        for (const share of shares) expect(share).toBeGreaterThanOrEqual(0);
        const sum = shares.reduce((all, share) => all + share, 0);
        expect(Math.abs(sum - total)).toBeLessThanOrEqual(1e-9 * Math.max(1, total));
      },
    ),
  );
});
