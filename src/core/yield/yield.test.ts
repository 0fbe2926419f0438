import { bestBy, keepingMonths } from "../shelf/bestBy";
import { yieldOf } from "./yield";

const measured = {
  chargeG: 800,
  moisture: 0.7,
  oilMl: 2.9,
  oilDensityGPerMl: 0.884,
  hydrosolMl: 795,
};

const keeps = (keeping: "short" | "middling" | "long") => ({ keeping });

test("yield on every usual basis", () => {
  const result = yieldOf({ ...measured, pieces: 4 });
  expect(result.mlPerKg).toBeCloseTo(3.625, 6);
  expect(result.mlPerKgDry).toBeCloseTo(12.0833, 4);
  expect(result.percentVolume).toBeCloseTo(0.3625, 6);
  expect(result.percentMass).toBeCloseTo((2.9 * 0.884) / 8, 6);
  expect(result.percentMassDry).toBeCloseTo((2.9 * 0.884) / 2.4, 6);
  expect(result.drops).toBeCloseTo(58, 6);
  expect(result.mlPerPiece).toBeCloseTo(0.725, 6);
  expect(result.hydrosolToPlant).toBeCloseTo(0.99375, 6);
  expect(yieldOf(measured).mlPerPiece).toBeUndefined();
});

test.each([
  [{ chargeG: 0 }, "chargeG must be above 0, got 0"],
  [{ moisture: 1 }, "moisture must be from 0 to below 1"],
  [{ oilDensityGPerMl: -1 }, "oilDensityGPerMl must be above 0"],
])("%j is refused by name", (part, message) => {
  expect(() => yieldOf({ ...measured, ...part })).toThrow(message);
});

test.each([
  ["2026-01-31", 1, "2026-02-28"],
  ["2024-02-29", 12, "2025-02-28"],
  ["2026-11-24", 24, "2028-11-24"],
])("best by: %s and %d months is %s", (madeOn, months, expected) => {
  expect(bestBy(madeOn, months)).toBe(expected);
});

test("cold keeps longer than warm, oils longer than hydrosols", () => {
  expect(keepingMonths("oil", keeps("long"), { place: "fridge" })).toBeGreaterThan(
    keepingMonths("oil", keeps("short"), { place: "fridge" }),
  );
  expect(keepingMonths("oil", keeps("middling"), { place: "room" })).toBeLessThan(
    keepingMonths("oil", keeps("middling"), { place: "cellar" }),
  );
  for (const place of ["fridge", "cellar", "room"] as const)
    expect(keepingMonths("hydrosol", keeps("long"), { place })).toBeLessThan(
      keepingMonths("oil", keeps("short"), { place }),
    );
});
