import { compounds } from "../plant/compounds";
import { plantById } from "../plant/catalogue";
import { refractiveIndices } from "../plant/refractiveIndices";
import { densityBand, refractiveBand } from "./bands";

test("every compound has its refractive index, and no index is of nothing", () => {
  expect(Object.keys(refractiveIndices).sort()).toEqual(Object.keys(compounds).sort());
});

/* Usual figures of pharmacopoeias and standards for oils, at 20 °C. */
test.each([
  ["lavender", 0.885, 1.461],
  ["peppermint", 0.907, 1.461],
  ["orangezest", 0.846, 1.473],
  ["clove", 1.05, 1.534],
  ["anise", 0.985, 1.556],
  ["wintergreen", 1.18, 1.536],
  ["teatree", 0.895, 1.479],
] as const)("the bands of %s hold what is usually measured of it", (id, density, index) => {
  const { composition } = plantById(id)!;
  const [light, heavy] = densityBand(composition);
  expect([light, density, heavy]).toEqual([light, density, heavy].toSorted((a, b) => a - b));
  expect(heavy - light).toBeLessThan(0.06);
  const [low, high] = refractiveBand(composition);
  expect([low, index, high]).toEqual([low, index, high].toSorted((a, b) => a - b));
  expect(high - low).toBeLessThan(0.03);
});

test("one compound alone has its own figures, within what handbooks leave open", () => {
  const [light, heavy] = densityBand({ limonene: 1 });
  expect((light + heavy) / 2).toBeCloseTo(compounds.limonene!.densityGPerMl, 3);
});
