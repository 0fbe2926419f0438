import fc from "fast-check";
import {
  dryingRate,
  hoursUntil,
  moistureAfter,
  figuresAt,
  moistureOf,
  wiltingSigns,
} from "./wilting";

const share = fc.double({ min: 0, max: 0.95, noNaN: true });
const mass = fc.double({ min: 1, max: 1e5, noNaN: true });

test("what lies keeps its dry matter, whatever it loses", () => {
  fc.assert(
    fc.property(
      mass,
      share,
      fc.double({ min: 0.05, max: 1, noNaN: true }),
      (massG, moisture, left) => {
        const dryG = massG * (1 - moisture);
        const nowG = Math.max(dryG, massG * left);
        const now = moistureOf({ massG, moisture }, nowG);
        expect(nowG * (1 - now)).toBeCloseTo(dryG, 6);
        expect(now).toBeGreaterThanOrEqual(0);
        expect(now).toBeLessThanOrEqual(moisture + 1e-9);
      },
    ),
  );
  expect(moistureOf({ massG: 1000, moisture: 0.8 }, 400)).toBeCloseTo(0.5);
  expect(moistureOf({ massG: 1000, moisture: 0.8 }, 150)).toBe(0);
});

test("a cut holds the same oil, however wet it is weighed", () => {
  fc.assert(
    fc.property(mass, share, share, (massG, usual, moisture) => {
      const figures = { oilMlPerKg: { low: 2, high: 5 }, moisture: usual, packingGPerL: 150 };
      const nowG = (massG * (1 - usual)) / (1 - moisture);
      const now = figuresAt(figures, moisture);
      expect((now.oilMlPerKg.low * nowG) / massG).toBeCloseTo(2, 6);
      expect((now.oilMlPerKg.high * nowG) / massG).toBeCloseTo(5, 6);
    }),
  );
});

test("heavier than before is asked, crumbs and a warm heap are told", () => {
  expect(
    wiltingSigns(
      [
        { hours: 0, massG: 1000 },
        { hours: 6, massG: 1100 },
      ],
      0.75,
      "fresh",
    ),
  ).toEqual(["heavier"]);
  expect(wiltingSigns([{ hours: 60, massG: 150 }], 0.05, "wilted")).toEqual(["tooDry"]);
  expect(wiltingSigns([{ hours: 30, massG: 900 }], 0.74, "fresh")).toEqual(["longInHeap"]);
  expect(wiltingSigns([{ hours: 10, massG: 700 }], 0.65, "wilted")).toEqual([]);
});

test("drying goes on as it went: what was weighed twice is met again at its hour, and never goes below air-dry", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.5, max: 0.85, noNaN: true }),
      fc.double({ min: 0.02, max: 0.4, noNaN: true }),
      fc.double({ min: 1, max: 40, noNaN: true }),
      (first, rate, hours) => {
        const then = moistureAfter(first, rate, hours);
        const curve = [
          { hours: 0, moisture: first },
          { hours, moisture: then },
        ];
        expect(moistureAfter(first, dryingRate(curve, undefined), hours)).toBeCloseTo(then, 4);
        expect(then).toBeGreaterThan(0.09);
        const aim = (first + then) / 2;
        expect(hoursUntil(first, rate, aim)!).toBeLessThanOrEqual(hours);
        expect(moistureAfter(first, rate, hoursUntil(first, rate, aim)!)).toBeCloseTo(aim, 6);
      },
    ),
  );
});

test("unweighed it wilts in a night; what is wet again or wilts no more has no hour", () => {
  const rate = dryingRate([{ hours: 0, moisture: 0.72 }], 0.6);
  expect(hoursUntil(0.72, rate, 0.6)).toBeCloseTo(12, 9);
  expect(hoursUntil(0.5, rate, 0.6)).toBe(0);
  expect(hoursUntil(0.72, 0, 0.6)).toBeNull();
  expect(hoursUntil(0.72, rate, 0.05)).toBeNull();
  expect(
    dryingRate(
      [
        { hours: 0, moisture: 0.5 },
        { hours: 3, moisture: 0.6 },
      ],
      0.4,
    ),
  ).toBe(0);
});
