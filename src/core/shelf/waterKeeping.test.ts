import { usualWaterRule, waterMonths } from "./waterKeeping";

const rule = usualWaterRule;
const fridge = { place: "fridge" } as const;

test("a hydrosol keeps by how it was filled: hot longer than boiled, and a fine filter counts into a clean bottle alone", () => {
  const months = (kept: object) => waterMonths({ ...fridge, ...kept }) / waterMonths(fridge);
  expect(months({ filling: "rinsed", filtering: "fine" })).toBe(1);
  expect(months({ filling: "boiled" })).toBeCloseTo(rule.waterBoiled);
  expect(months({ filling: "hot" })).toBeCloseTo(rule.waterHot);
  expect(months({ filling: "boiled", filtering: "paper" })).toBeCloseTo(rule.waterBoiled);
  expect(months({ filling: "boiled", filtering: "fine" })).toBeCloseTo(
    Math.max(rule.waterBoiled, rule.waterFine),
  );
  expect(rule.waterHot).not.toBe(rule.waterBoiled);
});

test("a sour one keeps longer, up to the rule's most; a neutral one shorter than one that nobody measured", () => {
  const months = (ph: number) => waterMonths({ ...fridge, ph }) / waterMonths(fridge);
  expect(months(3)).toBeCloseTo(rule.waterSour);
  expect(months(2.5)).toBeCloseTo(rule.waterSour);
  expect(months(4.5)).toBeGreaterThan(1);
  expect(months(4.5)).toBeLessThan(rule.waterSour);
  expect(months(7)).toBeLessThan(1);
  expect(months(6)).toBe(months(7));
  expect(months(5.9)).toBe(1);
});

test("what guards it adds up, half of one and half of another, up to the rule's most", () => {
  const months = (phenolsMgPerL: number, alcoholsMgPerL: number) =>
    waterMonths({ ...fridge, guards: { phenolsMgPerL, alcoholsMgPerL } }) / waterMonths(fridge);
  expect(months(0, 0)).toBe(1);
  expect(months(1e6, 0)).toBeCloseTo(rule.waterStrong);
  expect(months(0, 1e6)).toBeCloseTo(rule.waterStrong);
  const [little, other] = [months(10, 0) - 1, months(0, 10) - 1];
  expect(little).toBeGreaterThan(0);
  expect(other).toBeGreaterThan(0);
  expect(months(10, 10) - 1).toBeCloseTo(little + other);
  expect(months(20, 0) - 1).toBeCloseTo(2 * little);
});

test("a preserved one keeps its own months, less where it stands warm, but not so much less as another", () => {
  const preserved = { with: "spirit" as const, percent: 25 };
  const months = (place: "fridge" | "room") => waterMonths({ place, preserved });
  const share = months("room") / months("fridge");
  expect(share).toBeLessThan(1);
  expect(share).toBeGreaterThan(waterMonths({ place: "room" }) / waterMonths(fridge));
});
