import { compounds } from "../plant/compounds";
import { oilDensityAt, warmedDensity } from "./oilAtWarmth";

/* Small terpenes, aromatic and heavy molecules, each by its own figure. */
test.each([
  ["limonene", 0.0008],
  ["eugenol", 0.00083],
  ["sclareol", 0.00075],
])("%s loses %d g/mL with each degree", (name, perDegree) => {
  const at = (celsius: number) => oilDensityAt({ [name]: 1 }, celsius);
  expect(at(20)).toBeCloseTo(compounds[name]!.densityGPerMl, 9);
  expect((at(20) - at(60)) / 40).toBeCloseTo(perDegree, 9);
  expect(at(10)).toBeGreaterThan(at(20));
});

test("an oil of which only the density is known grows lighter as a terpene does", () => {
  expect(warmedDensity(0.884, 20)).toBe(0.884);
  expect(warmedDensity(0.884, 60)).toBeCloseTo(0.852, 9);
});
