import fc from "fast-check";
import { planCooling } from "./condenser";
import { condenserDutyJ, coolingWaterL, iceKg } from "./duty";
import { heatUntil, iceToHoldKg, tubAfter } from "./tub";

const litre = condenserDutyJ(1000, 98.9, 30);

test("a litre of distillate is about 2.5 MJ: 20 L of tub warmed by 30 K, or 7.6 kg of ice", () => {
  expect(litre / 1e6).toBeCloseTo(2.55, 1);
  expect(coolingWaterL(litre, 10, 40)).toBeCloseTo(20.3, 0);
  expect(iceKg(litre)).toBeCloseTo(7.6, 1);
});

test("a tub only warms, holds at 0 °C while ice is left, and reaches its limit when told", () => {
  fc.assert(
    fc.property(
      fc.record({
        litres: fc.double({ min: 2, max: 100, noNaN: true }),
        startC: fc.double({ min: 2, max: 30, noNaN: true }),
        iceKg: fc.double({ min: 0, max: 20, noNaN: true }),
      }),
      fc.double({ min: 0, max: 2e7, noNaN: true }),
      (tub, heat) => {
        const now = tubAfter(tub, heat);
        const later = tubAfter(tub, heat + 1e5);
        expect(later.temperatureC).toBeGreaterThanOrEqual(now.temperatureC - 1e-9);
        if (now.iceLeftKg > 0) expect(now.temperatureC).toBe(0);
        const until = heatUntil(tub, 35);
        if (until > 0) expect(tubAfter(tub, until).temperatureC).toBeCloseTo(35, 6);
        const { iceKg: _, ...bare } = tub;
        const ice = iceToHoldKg(bare, heat, 35);
        expect(tubAfter({ ...bare, iceKg: ice }, heat).temperatureC).toBeLessThanOrEqual(35 + 1e-6);
      },
    ),
  );
});

const run = { distillateMl: 900, runMinutes: 75, boilC: 98.9, coolingInC: 14 };

test("each condenser says what it takes", () => {
  const tap = planCooling({ kind: "tap", riseK: 25 }, run);
  expect(tap.tap!.litresPerMin * run.runMinutes).toBeCloseTo(tap.tap!.litres, 6);
  expect(tap.tap!.outC).toBe(39);
  const tub = planCooling({ kind: "tubCoil", tubL: 20, iceKg: 0 }, run);
  expect(tub.tub!.minutesToLimit).toBeGreaterThan(0);
  expect(tub.tub!.minutesToLimit).toBeLessThan(run.runMinutes);
  const held = planCooling({ kind: "tubCoil", tubL: 20, iceKg: tub.tub!.iceToHoldKg }, run);
  expect(held.tub!.minutesToLimit).toBeNull();
  expect(planCooling({ kind: "iceLid", iceKg: 4 }, run).iceKg).toBeCloseTo(6.9, 1);
});

test("a tub is told no hotter than it boils", () => {
  const run = { distillateMl: 8000, runMinutes: 300, boilC: 98.9, coolingInC: 15 };
  const { tub } = planCooling({ kind: "tubCoil", tubL: 10, iceKg: 0 }, run);
  expect(tub!.endC).toBe(98.9);
  expect(Math.max(...tub!.curve.map(({ temperatureC }) => temperatureC))).toBe(98.9);
});
