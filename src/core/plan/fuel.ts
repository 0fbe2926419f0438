import { heatSources, type HeatKind } from "../still/heatSources";

/** Heat in a kilogram of propane or butane, kWh (lower heating value, common tables). */
const gasKWhPerKg = 12.8;

/** What a person pays, in their own money. */
export interface Prices {
  electricityPerKWh: number;
  gasPerKg: number;
  /** What a millilitre of oil is worth to them. */
  oilPerMl: number;
}

/** Fuel for so much heat at the source, with its price where it is bought and the price is known. */
export function fuelFor(
  energyKWh: number,
  heat: HeatKind,
  prices?: Partial<Prices>,
): { kWh: number; gasKg?: number; cost?: number } {
  const { fuel } = heatSources[heat];
  if (fuel === "own") return { kWh: energyKWh };
  if (fuel === "gas") {
    const gasKg = energyKWh / gasKWhPerKg;
    const perKg = prices?.gasPerKg;
    return { kWh: energyKWh, gasKg, ...(perKg === undefined ? {} : { cost: gasKg * perKg }) };
  }
  const perKWh = prices?.electricityPerKWh;
  return { kWh: energyKWh, ...(perKWh === undefined ? {} : { cost: energyKWh * perKWh }) };
}
