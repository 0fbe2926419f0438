import { massByWalls, powerByBoiling } from "./unmeasured";

const pot = {
  construction: "basketPot",
  potVolumeMl: 12000,
  potDiameterMm: 250,
  dryLineMl: 700,
} as const;

test("a copper pot of 12 L in common sheet weighs some four kilograms, in heavy sheet two thirds more", () => {
  const middling = massByWalls(pot, "copper", "middling");
  expect(middling).toBeGreaterThan(3500);
  expect(middling).toBeLessThan(5200);
  expect(massByWalls(pot, "copper", "heavy") / middling).toBeCloseTo(5 / 3);
  expect(massByWalls(pot, "aluminium", "middling")).toBeLessThan(middling / 1.5);
});

test("a litre that boils in six minutes takes a kilowatt to itself, a ring of gas two and a half", () => {
  const water = { waterMl: 1000, coldC: 15, boilC: 100 };
  expect(powerByBoiling(6, { ...water, efficiency: 1 })).toBeCloseTo(989, -1);
  expect(powerByBoiling(6, { ...water, efficiency: 0.4 })).toBeCloseTo(2473, -1);
  expect(() => powerByBoiling(0, { ...water, efficiency: 1 })).toThrow("minutes");
});
