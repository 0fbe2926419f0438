import { keysOf } from "../keysOf";

/**
 * Specific heat near 60 °C, J/(g·K), and total hemispherical emissivity of a used (dull) surface,
 * both from common heat-transfer tables.
 */
export const metals = {
  copper: { heatCapacity: 0.385, emissivity: 0.6 },
  stainless: { heatCapacity: 0.5, emissivity: 0.3 },
  glass: { heatCapacity: 0.83, emissivity: 0.9 },
  aluminium: { heatCapacity: 0.9, emissivity: 0.2 },
} as const satisfies Record<string, { heatCapacity: number; emissivity: number }>;

/** What a still's body is made of. */
export type Metal = keyof typeof metals;
export const metalKinds = keysOf(metals);
