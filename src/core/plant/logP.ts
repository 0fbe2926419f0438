import type { Compound } from "./compounds";

/* Measured octanol–water partition of what dissolves enough to matter, from common handbooks. */
const measured: Readonly<Record<string, number>> = {
  linalool: 2.97,
  cineole: 2.74,
  camphor: 2.38,
  eugenol: 2.27,
  menthol: 3.3,
  thymol: 3.3,
  carvacrol: 3.49,
  carvone: 2.71,
  transAnethole: 3.39,
  estragole: 3.4,
  limonene: 4.57,
  phenethylAlcohol: 1.36,
  cinnamaldehyde: 1.9,
  methylSalicylate: 2.55,
};

/**
 * How a compound shares itself out between octanol and water, log10. Where none was measured, from its
 * solubility in mol/L: `0.7 − 0.98 log10 S`, a line through the measured ones, right to about a quarter.
 */
export function logPOf({ id, solubilityGPerL, molarMass }: Compound): number {
  return measured[id] ?? 0.7 - 0.98 * Math.log10(Math.max(1e-6, solubilityGPerL) / molarMass);
}
