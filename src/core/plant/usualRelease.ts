/** A usual value, and the ends between which 8 in 10 lie. */
interface Usual {
  usual: number;
  low: number;
  high: number;
}

/**
 * How oil leaves a plant and where it goes: the constants that a plant's own figures do not give, each
 * once. Ranges are those of the literature on hydrodistillation, widened where home practice differs.
 */
export const extraction = {
  /** n: compounds come by `(p / p̄)^n`; 1 would be Rayleigh distillation, and no still is at equilibrium. */
  volatility: { usual: 0.6, low: 0.4, high: 1 },
  /** q: how far water has to carry the oil out first, for whole seed, and for root and wood in water. */
  hydrodiffusionWhole: 0.35,
  /** η: how near to saturated with oil the steam leaves the charge. */
  steamSaturation: { usual: 0.25, low: 0.1, high: 0.5 },
  /** κ of the washing law, where the oil does not lie in surface glands. */
  washing: { usual: 3, low: 2, high: 5 },
  /** κ where it does. */
  washingSurface: 5,
  /** φ: how near to saturated the water comes under its oil, in a jar that rests. */
  waterSaturationJar: { usual: 0.8, low: 0.5, high: 1 },
  /** φ where oil and water part as they come: two arms, flowing back. */
  waterSaturationFlowing: { usual: 0.4, low: 0.2, high: 0.7 },
  /** Fine drops: share of the undissolved oil. */
  suspendedShare: { usual: 0.15, low: 0.05, high: 0.4 },
  /** Drops too fine to settle at all, mL/L; never more than `hazeMost` of the undissolved oil. */
  hazeMlPerL: { usual: 0.12, low: 0.05, high: 0.3 },
  hazeMost: 0.4,
  /** Water in the receiver whose hydrosol flows back, mL: its arm, 10 to 50. */
  armMl: 30,
  /** Bowl and lid: share of the steam that ends in the bowl, and of the oil that leaves the plant. */
  bowlWater: { usual: 0.6, low: 0.4, high: 0.8 },
  bowlOil: { usual: 0.4, low: 0.2, high: 0.7 },
  /** Share of itself that an acetate of linalool's kin loses a minute, in boiling water and over steam. */
  esterLossInWater: 0.004,
  esterLossOverSteam: 0.0005,
  /** Other esters lose so much of that. */
  otherEsters: 0.1,
} as const satisfies Record<string, number | Usual>;
