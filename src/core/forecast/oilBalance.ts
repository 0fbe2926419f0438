import type { RunModel } from "./runModel";

/** Where a distilled oil is: in the water, as fine drops, or to be seen. */
export interface OilBalance {
  dissolvedG: number;
  suspendedMl: number;
  visibleMl: number;
}

/**
 * Where so much distilled oil is once so much distillate has come. Dissolved at most what was
 * distilled; where the hydrosol flows back, only the pot's own water takes its share; what stays on
 * the tubes is never seen.
 * @param oilG oil distilled, g, 0 or more
 * @param distillateMl mL, 0 or more
 * @param suspendedShare share of the undissolved oil that arrives as fine drops, 0 to 1
 */
export function oilBalance(
  { request, material, returns, freeWaterMl }: RunModel,
  oilG: number,
  distillateMl: number,
  suspendedShare: number,
): OilBalance {
  const { densityGPerMl, solubilityGPerL } = material.oil;
  const waterMl = returns ? Math.min(distillateMl, freeWaterMl) : distillateMl;
  const dissolvedG = Math.min(oilG, (solubilityGPerL * waterMl) / 1000);
  const undissolvedMl = (oilG - dissolvedG) / densityGPerMl;
  const suspendedMl = undissolvedMl * suspendedShare;
  const visibleMl = Math.max(0, undissolvedMl - suspendedMl - (request.still.holdUpMl ?? 0));
  return { dissolvedG, suspendedMl, visibleMl };
}
