/** What makes the heat. */
export type HeatKind = "element" | "induction" | "plate" | "gas" | "externalSteam";

/**
 * Share of a source's rated power that reaches the pot, before the pot's own loss to the air.
 * Measured spreads: an immersed element loses only its leads; induction 0.74 to 0.84 and electric
 * plates 0.55 to 0.75 in boiling tests; gas 0.30 to 0.45. Calibration with water replaces them.
 */
export const defaultEfficiency: Record<HeatKind, number> = {
  element: 0.95,
  induction: 0.8,
  plate: 0.6,
  gas: 0.4,
  externalSteam: 0.75,
};
