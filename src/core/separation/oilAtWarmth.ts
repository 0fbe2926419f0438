import type { Composition } from "../plant/oil";
import { partsOf } from "../plant/oil";

/* The figures of oils and compounds are at about this. */
const tabledC = 20;
/* How much lighter a degree makes a liquid, g/(mL·K): small terpenes, aromatic and heavy molecules. */
const byWarmth = { usual: 0.0008, aromatic: 0.00083, heavy: 0.00075 };
const heavyFrom = 200;
const denseFrom = 0.95;

/** Density of one of an oil's compounds at a temperature, g/mL. */
function compoundDensity(
  { densityGPerMl, molarMass }: { densityGPerMl: number; molarMass: number },
  temperatureC: number,
): number {
  const kind = molarMass >= heavyFrom ? "heavy" : densityGPerMl >= denseFrom ? "aromatic" : "usual";
  return densityGPerMl - byWarmth[kind] * (temperatureC - tabledC);
}

/**
 * Density of an oil at a temperature, g/mL, its parts' volumes added.
 * @param temperatureC 0 to 100
 * @throws RangeError as oilProperties
 */
export function oilDensityAt(composition: Composition, temperatureC: number): number {
  return (
    1 /
    partsOf(composition).reduce(
      (sum, { compound, mass }) => sum + mass / compoundDensity(compound, temperatureC),
      0,
    )
  );
}

/** The same where only the oil's density at 20 °C is known, g/mL. */
export function warmedDensity(densityGPerMl: number, temperatureC: number): number {
  return densityGPerMl - byWarmth.usual * (temperatureC - tabledC);
}
