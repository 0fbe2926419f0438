import type { PlantState, Tissue } from "../plant/plant";

/**
 * Hydrosol worth keeping, litres per kilogram as charged. A litre a kilogram is right for fresh plant
 * only: what has lost its water gives its scent to far more of it, and seeds, roots and resins go on
 * for hours. Usual ratios of hydrosol makers, 8 in 10 about a third either way.
 */
const freshLitres: Partial<Record<Tissue, number>> = {
  needles: 1.3,
  zest: 0.7,
  petals: 1,
  fruit: 0.5,
  crushedSeed: 4,
  resin: 5,
  rootWoodBark: 8,
};
const byState: Record<PlantState, number> = { fresh: 1, wilted: 1.3, dried: 2.5 };
/* What is hard or sweet keeps its own figure, however dry it is. */
const sameInEveryState: readonly Tissue[] = ["crushedSeed", "resin", "rootWoodBark", "zest"];

export function hydrosolToKeep(tissue: Tissue, state: PlantState): number {
  const own = freshLitres[tissue];
  if (own !== undefined && (state === "fresh" || sameInEveryState.includes(tissue))) return own;
  return byState[state];
}

/** How long the oil is worth the heat: ten more minutes bring less than this share of it. */
export function worthShareOf(tissue: Tissue): number {
  return tissue === "rootWoodBark" || tissue === "resin" ? 1 / 300 : 1 / 50;
}
