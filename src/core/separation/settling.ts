import { gravity } from "../physicalConstants";
import { firstWhere } from "../numeric/firstWhere";

/** A column of distillate in which fine droplets of oil rise (or sink). */
export interface Settling {
  /** Height of the column, mm, above 0. */
  columnMm: number;
  /** How much lighter or heavier the oil is than the water, kg/m³; the sign does not matter. */
  densityDifference: number;
  /** Viscosity of the water, mPa·s, above 0. */
  viscosityMPaS: number;
}

/* Droplets from a condenser: lognormal by volume. */
const medianUm = 40;
const geometricSpread = 2.2;
/* Nobody waits a year. */
const longestMinutes = 525600;
/* Droplet sizes from −4.5 to 4.5 deviations of the logarithm, weighted by the normal density. */
const classes = sizeClasses(181, 4.5);

/**
 * Share of the suspended oil that has reached the layer after so many minutes, 0 to 1.
 * Stokes' law for each droplet size; droplets start evenly over the column, so of one size the
 * share `v t / H` has arrived.
 */
export function settledShare(settling: Settling, minutes: number): number {
  const metres = settling.columnMm / 1000;
  const perDiameter2 =
    (gravity * Math.abs(settling.densityDifference)) / (18 * (settling.viscosityMPaS / 1000));
  const share = classes.reduce(
    (sum, { diameter, weight }) =>
      sum + weight * Math.min(1, (perDiameter2 * diameter ** 2 * minutes * 60) / metres),
    0,
  );
  return Math.min(1, share);
}

function sizeClasses(count: number, reach: number): { diameter: number; weight: number }[] {
  const deviations = Array.from(
    { length: count },
    (_, i) => -reach + (2 * reach * i) / (count - 1),
  );
  const density = deviations.map((deviation) => Math.exp((-deviation * deviation) / 2));
  const total = density.reduce((sum, each) => sum + each, 0);
  return deviations.map((deviation, i) => ({
    diameter: medianUm * 1e-6 * geometricSpread ** deviation,
    weight: (density[i] ?? 0) / total,
  }));
}

/** Share by volume of the drops that are finer than so much, 0 to 1: those a flow carries away. */
export function finerShare(um: number): number {
  return classes.reduce((sum, { diameter, weight }) => sum + (diameter * 1e6 < um ? weight : 0), 0);
}

/** Minutes until a share of the suspended oil has settled; Infinity when the oil hangs. */
export function minutesToSettle(settling: Settling, share = 0.95): number {
  if (settling.densityDifference === 0) return Infinity;
  let latest = 1;
  while (settledShare(settling, latest) < share) {
    latest *= 2;
    if (latest > longestMinutes) return Infinity;
  }
  return firstWhere([0, latest], (minutes) => settledShare(settling, minutes) >= share);
}
