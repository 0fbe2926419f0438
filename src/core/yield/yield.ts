import { usualDropsPerMl } from "./convert";

/** What a run brought, measured. */
export interface Measured {
  /** Plant as it went into the still, g, above 0. */
  chargeG: number;
  /** Water share of that plant, 0 to below 1. */
  moisture: number;
  oilMl: number;
  /** g/mL, above 0 */
  oilDensityGPerMl: number;
  /** Left out while it is not measured. */
  hydrosolMl?: number | undefined;
  /** Drops a millilitre of this oil makes. */
  dropsPerMl?: number;
  /** Countable things that made up the charge: stems, bundles, baskets, fruit. */
  pieces?: number;
}

/** Yield on every usual basis. "Dry" means per mass of the plant's dry matter. */
export interface Yield {
  mlPerKg: number;
  mlPerKgDry: number;
  /** mL of oil per 100 g of plant. */
  percentVolume: number;
  percentVolumeDry: number;
  /** g of oil per 100 g of plant. */
  percentMass: number;
  percentMassDry: number;
  oilG: number;
  drops: number;
  /** mL of oil per counted piece, where pieces were counted. */
  mlPerPiece?: number;
  /** g of hydrosol per g of plant, where it was measured. */
  hydrosolToPlant?: number;
}

/**
 * Yield on all bases at once.
 * @throws RangeError naming the field when a charge, density or moisture is out of range
 */
export function yieldOf(measured: Measured): Yield {
  const {
    chargeG,
    moisture,
    oilMl,
    oilDensityGPerMl,
    hydrosolMl,
    dropsPerMl = usualDropsPerMl,
  } = measured;
  if (!(chargeG > 0)) throw new RangeError(`chargeG must be above 0, got ${chargeG}`);
  if (!(moisture >= 0 && moisture < 1))
    throw new RangeError(`moisture must be from 0 to below 1, got ${moisture}`);
  if (!(oilDensityGPerMl > 0))
    throw new RangeError(`oilDensityGPerMl must be above 0, got ${oilDensityGPerMl}`);
  const dryG = chargeG * (1 - moisture);
  const oilG = oilMl * oilDensityGPerMl;
  return {
    mlPerKg: (oilMl / chargeG) * 1000,
    mlPerKgDry: (oilMl / dryG) * 1000,
    percentVolume: (oilMl / chargeG) * 100,
    percentVolumeDry: (oilMl / dryG) * 100,
    percentMass: (oilG / chargeG) * 100,
    percentMassDry: (oilG / dryG) * 100,
    oilG,
    drops: oilMl * dropsPerMl,
    ...(measured.pieces && measured.pieces > 0 ? { mlPerPiece: oilMl / measured.pieces } : {}),
    ...(hydrosolMl === undefined ? {} : { hydrosolToPlant: hydrosolMl / chargeG }),
  };
}
