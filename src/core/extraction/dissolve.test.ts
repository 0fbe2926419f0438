import fc from "fast-check";
import { compounds } from "../plant/compounds";
import { oilParts } from "../plant/oilParts";
import { dissolve } from "./dissolve";

const ids = ["limonene", "linalool", "cineole", "phenethylAlcohol", "caryophyllene"];
const parts = oilParts(Object.fromEntries(ids.map((id) => [id, 0.2])), 100, 101325);
const sum = (values: ArrayLike<number>) => Array.from(values).reduce((all, each) => all + each, 0);
const grams = fc.array(fc.double({ min: 0, max: 20, noNaN: true }), {
  minLength: ids.length,
  maxLength: ids.length,
});

test("never more than there is, and never more than the water holds, of any compound", () => {
  fc.assert(
    fc.property(
      grams,
      fc.double({ min: 0, max: 50, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (distilled, litres, phi) => {
        const dissolved = dissolve(parts, distilled, litres, phi);
        dissolved.forEach((each, i) => {
          expect(each).toBeGreaterThanOrEqual(0);
          expect(each).toBeLessThanOrEqual(distilled[i]! + 1e-9);
          expect(each).toBeLessThanOrEqual(
            phi * compounds[ids[i]!]!.solubilityGPerL * litres + 1e-9,
          );
        });
      },
    ),
  );
});

test("the oil that stays is balanced with its water: each compound at its share of saturation", () => {
  fc.assert(
    fc.property(grams, fc.double({ min: 0.05, max: 5, noNaN: true }), (distilled, litres) => {
      const dissolved = dissolve(parts, distilled, litres, 1);
      const left = distilled.map(
        (each, i) => (each - dissolved[i]!) / compounds[ids[i]!]!.molarMass,
      );
      const moles = sum(left);
      if (moles < 1e-6) return;
      left.forEach((each, i) => {
        const saturated = compounds[ids[i]!]!.solubilityGPerL * litres;
        expect(dissolved[i]!).toBeCloseTo((each / moles) * saturated, 4);
      });
    }),
  );
});

test("more water never dissolves less; enough of it takes an oil up to the last drop", () => {
  const oil = [0.2, 1, 1, 0.5, 0];
  let before = 0;
  for (const litres of [0, 0.1, 0.5, 1, 2, 5, 20, 100]) {
    const now = sum(dissolve(parts, oil, litres, 1));
    expect(now).toBeGreaterThanOrEqual(before - 1e-9);
    before = now;
  }
  expect(before).toBeCloseTo(sum(oil), 9);
});

test("a pure substance dissolves to its own solubility", () => {
  const one = oilParts({ linalool: 1 }, 100, 101325);
  expect(sum(dissolve(one, [10], 2, 1))).toBeCloseTo(3.2, 6);
  expect(sum(dissolve(one, [10], 2, 0.5))).toBeCloseTo(1.6, 6);
});
