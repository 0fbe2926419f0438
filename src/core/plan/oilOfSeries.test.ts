import fc from "fast-check";
import { oilOfSeries } from "./oilOfSeries";

const seen = (visibleMl: number, onTubesMl: number) =>
  ({ oil: { visibleMl: { p10: 0, p50: visibleMl, p90: visibleMl } }, onTubesMl }) as never;

test("tubes keep their share once: eight charges whose oil each stays on the glass show nearly all of it", () => {
  expect(oilOfSeries(seen(0, 0.2), 1, 0.3)).toBe(0);
  expect(oilOfSeries(seen(0, 0.2), 8, 0.3)).toBeCloseTo(1.3, 9);
  expect(oilOfSeries(seen(2, 0.3), 1, 0.3)).toBeCloseTo(2, 9);
  expect(oilOfSeries(seen(2, 0.3), 3, 0.3)).toBeCloseTo(6.6, 9);
});

test("a series never shows less than its charges each alone, nor more than settled", () => {
  const amount = fc.double({ min: 0, max: 100, noNaN: true });
  fc.assert(
    fc.property(amount, amount, fc.integer({ min: 1, max: 50 }), (settledMl, holdUpMl, charges) => {
      const onTubesMl = Math.min(settledMl, holdUpMl);
      const all = oilOfSeries(seen(settledMl - onTubesMl, onTubesMl), charges, holdUpMl);
      expect(all).toBeGreaterThanOrEqual(charges * (settledMl - onTubesMl) - 1e-9);
      expect(all).toBeLessThanOrEqual(charges * settledMl);
    }),
  );
});
