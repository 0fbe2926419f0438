/**
 * Yield in mL/kg from a percentage: volume in mass (1 % v/w is 10 mL/kg), or mass in mass by the
 * oil's density.
 * @param percent 0 to 100
 * @param basis "vw" or "ww"
 * @param densityGPerMl the oil's density, g/mL, above 0; used for "ww" alone
 */
export function percentToMlPerKg(
  percent: number,
  basis: "vw" | "ww",
  densityGPerMl: number,
): number {
  return basis === "vw" ? percent * 10 : (percent * 10) / densityGPerMl;
}

/** Drops in a millilitre where nobody has counted: an ordinary dropper with a water-thin liquid. */
export const usualDropsPerMl = 20;

/** Millilitres of so many drops. */
export function dropsToMl(drops: number, dropsPerMl = usualDropsPerMl): number {
  return drops / dropsPerMl;
}

/**
 * Oil to stir into a carrier for a dilution by volume, mL.
 * @param percent share of oil in the finished blend, 0 to below 100
 * @param carrierMl carrier alone, mL
 */
export function oilForDilution(percent: number, carrierMl: number): number {
  return (carrierMl * percent) / (100 - percent);
}
