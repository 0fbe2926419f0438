import type { HeatKind } from "../still/heatSource";

/** Heat in a kilogram of propane or butane, kWh (lower heating value, common tables). */
const gasKWhPerKg = 12.8;

/** What a person pays, in their own money. */
export interface Prices {
  electricityPerKWh: number;
  gasPerKg: number;
  /** What a millilitre of oil is worth to them. */
  oilPerMl: number;
}

/** Fuel for so much heat at the source. */
export function fuelFor(
  energyKWh: number,
  heat: HeatKind,
  prices?: Partial<Prices>,
): { kWh: number; gasKg?: number; cost?: number } {
  if (heat === "gas") {
    const gasKg = energyKWh / gasKWhPerKg;
    const perKg = prices?.gasPerKg;
    return { kWh: energyKWh, gasKg, ...(perKg === undefined ? {} : { cost: gasKg * perKg }) };
  }
  const perKWh = prices?.electricityPerKWh;
  return { kWh: energyKWh, ...(perKWh === undefined ? {} : { cost: energyKWh * perKWh }) };
}
