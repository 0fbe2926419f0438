import { waterDensity, waterViscosity } from "./properties";

/** Table salt that a litre of water takes up at most, g/L; above it, it lies on the bottom. */
export const mostSaltGPerL = 358;

/* What so much salt adds to a litre at 20 °C, g/mL (handbook densities of sodium chloride solutions). */
const salted: readonly (readonly [gPerL: number, adds: number])[] = [
  [0, 0],
  [50, 0.0348],
  [100, 0.0668],
  [200, 0.1238],
  [mostSaltGPerL, 0.2008],
];

/**
 * Density of water with table salt, g/mL; between the tabled strengths in straight lines.
 * @param temperatureC 0 to 100
 * @param saltGPerL 0 to 358 grams in a litre of the solution
 */
export function brineDensity(temperatureC: number, saltGPerL: number): number {
  const salt = Math.min(mostSaltGPerL, Math.max(0, saltGPerL));
  const above = salted.findIndex(([at]) => at >= salt);
  if (above <= 0) return waterDensity(temperatureC);
  const [[from, low], [to, high]] = [salted[above - 1]!, salted[above]!];
  return waterDensity(temperatureC) + low + ((high - low) * (salt - from)) / (to - from);
}

/**
 * Viscosity of water with table salt, mPa·s: pure water's, by 1.09 at 50 g/L, 1.20 at 100, 1.48 at 200
 * and 1.86 at 300 (handbook values at 20 °C, whose ratio hardly hangs on warmth).
 */
export function brineViscosity(temperatureC: number, saltGPerL: number): number {
  const salt = Math.min(mostSaltGPerL, Math.max(0, saltGPerL));
  return waterViscosity(temperatureC) * (1 + 0.0015 * salt + 4.6e-6 * salt ** 2);
}

/** g of salt in a mol. */
const saltMolarMass = 58.44;

/**
 * Share of a compound's solubility that is left in salted water, 0 to 1:
 * `log10(S0/S) = (0.04 log P + 0.114) · mol/L` (Ni and Yalkowsky).
 */
export function saltedSolubility(logP: number, saltGPerL: number): number {
  return 10 ** (-((0.04 * logP + 0.114) * Math.max(0, saltGPerL)) / saltMolarMass);
}
