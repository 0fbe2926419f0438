import fc from "fast-check";
import { settlingTime } from "./settlingTime";

const lavender = 0.887;
const clove = 1.045;

test("by share a light oil takes a couple of hours, a heavy one longer, one like water never parts", () => {
  expect(settlingTime(lavender, 20).minutes / 60).toBeCloseTo(2.4, 0);
  expect(settlingTime(lavender, 20).share).toBeCloseTo(0.95, 3);
  expect(settlingTime(clove, 20).minutes).toBeGreaterThan(settlingTime(lavender, 20).minutes);
  expect(settlingTime(0.99821, 20)).toMatchObject({ share: 0 });
});

test("half an hour and overnight are what they say, with what has parted by then", () => {
  expect(settlingTime(lavender, 20, "halfHour")).toMatchObject({ minutes: 30 });
  expect(settlingTime(lavender, 20, "halfHour").share).toBeCloseTo(0.77, 1);
  expect(settlingTime(lavender, 20, "overnight").minutes).toBe(720);
  expect(settlingTime(lavender, 20, "overnight").share).toBeGreaterThan(0.98);
});

test("salt helps what floats and hinders what sinks", () => {
  expect(settlingTime(lavender, 20, "salt").minutes).toBeLessThan(
    settlingTime(lavender, 20).minutes,
  );
  expect(settlingTime(clove, 20, "salt").minutes).toBeGreaterThan(settlingTime(clove, 20).minutes);
});

test("a warmer room never makes a floating oil part later", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.84, max: 0.95, noNaN: true }),
      fc.double({ min: 5, max: 25, noNaN: true }),
      fc.constantFrom("share", "salt"),
      (density, roomC, school) => {
        const cold = settlingTime(density, roomC, school).minutes;
        expect(settlingTime(density, roomC + 5, school).minutes).toBeLessThanOrEqual(cold);
      },
    ),
  );
});
