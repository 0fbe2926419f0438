/** What a still's body is made of. */
export type Metal = "copper" | "stainless" | "glass" | "aluminium";

/**
 * Specific heat near 60 °C, J/(g·K), and total hemispherical emissivity of a used (dull) surface,
 * both from common heat-transfer tables.
 */
export const metals: Record<Metal, { heatCapacity: number; emissivity: number }> = {
  copper: { heatCapacity: 0.385, emissivity: 0.6 },
  stainless: { heatCapacity: 0.5, emissivity: 0.3 },
  glass: { heatCapacity: 0.83, emissivity: 0.9 },
  aluminium: { heatCapacity: 0.9, emissivity: 0.2 },
};
