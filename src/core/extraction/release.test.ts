import fc from "fast-check";
import { oilCurve, type Release } from "./release";

const anyRelease = fc.record({
  freeG: fc.double({ min: 0, max: 80, noNaN: true }),
  boundG: fc.double({ min: 0, max: 80, noNaN: true }),
  releasePerMinute: fc.double({ min: 0.002, max: 0.06, noNaN: true }),
  washPerMinute: fc.double({ min: 0.005, max: 1, noNaN: true }),
  ceilingGPerMin: fc.double({ min: 0.02, max: 20, noNaN: true }),
});

/** The slow, obviously right twin: the two equations in steps of a hundredth of a minute. */
function stepped(release: Release, minutes: number): number {
  const step = 0.01;
  let { freeG: free, boundG: bound } = release;
  let over = 0;
  for (let t = 0; t < minutes - step / 2; t += step) {
    const freed = release.releasePerMinute * bound * step;
    const flow = Math.min(release.washPerMinute * free, release.ceilingGPerMin) * step;
    bound -= freed;
    free += freed - flow;
    over += flow;
  }
  return over;
}

test("the closed solution equals plain stepping, ceiling or not", () => {
  fc.assert(
    fc.property(anyRelease, fc.integer({ min: 1, max: 200 }), (release, minutes) => {
      const total = release.freeG + release.boundG;
      expect(Math.abs(oilCurve(release)(minutes) - stepped(release, minutes))).toBeLessThan(
        0.004 * total + 1e-6,
      );
    }),
    { numRuns: 150 },
  );
});

test("a bound share that feeds faster than steam carries hits the ceiling later", () => {
  const release = {
    freeG: 0.1,
    boundG: 60,
    releasePerMinute: 0.05,
    washPerMinute: 0.3,
    ceilingGPerMin: 0.5,
  };
  for (const minutes of [1, 10, 60, 200, 400]) {
    expect(oilCurve(release)(minutes)).toBeCloseTo(stepped(release, minutes), 1);
  }
});

test("oil never falls and never exceeds what was in the plant", () => {
  fc.assert(
    fc.property(
      anyRelease,
      fc.double({ min: 0, max: 900, noNaN: true }),
      fc.double({ min: 0, max: 100, noNaN: true }),
      (release, t, more) => {
        const curve = oilCurve(release);
        expect(curve(t + more)).toBeGreaterThanOrEqual(curve(t) - 1e-9);
        expect(curve(t + more)).toBeLessThanOrEqual(release.freeG + release.boundG + 1e-9);
      },
    ),
  );
});

test("no oil, no steam or no carrying vapour: nothing comes", () => {
  const some = {
    freeG: 1,
    boundG: 1,
    releasePerMinute: 0.02,
    washPerMinute: 0.1,
    ceilingGPerMin: 1,
  };
  expect(oilCurve({ ...some, freeG: 0, boundG: 0 })(60)).toBe(0);
  expect(oilCurve({ ...some, washPerMinute: 0 })(60)).toBe(0);
  expect(oilCurve({ ...some, ceilingGPerMin: 0 })(60)).toBe(0);
});
