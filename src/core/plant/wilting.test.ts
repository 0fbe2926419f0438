import fc from "fast-check";
import { figuresAt, moistureOf, wiltingSigns } from "./wilting";

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
