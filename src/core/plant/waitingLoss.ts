import type { PlantState, Tissue } from "./plant";

/**
 * What a cut plant loses of its oil in an hour in a heap, as a share: a wide range, judged. Petals breathe and warm and
 * lose theirs within a day; peel dries at once; leaves and tops lose next to nothing in the shade. What is not here is
 * not known to lose any within a day: whole seed, root, wood, resin, needles, leaves with oil inside.
 */
const lostPerHour: Partial<Record<Tissue, { low: number; high: number }>> = {
  petals: { low: 0.005, high: 0.03 },
  zest: { low: 0.005, high: 0.02 },
  surfaceGlands: { low: 0, high: 0.006 },
};

/**
 * The share of its oil that a plant loses while it waits, where that is known.
 * @param hours 0 or more
 * @returns from 0 to below 1; undefined where no loss is known, as of anything dried
 */
export function lostWaiting(
  { tissue }: { tissue: Tissue },
  state: PlantState,
  hours: number,
): { low: number; high: number } | undefined {
  const share = state === "dried" ? undefined : lostPerHour[tissue];
  return share && { low: 1 - (1 - share.low) ** hours, high: 1 - (1 - share.high) ** hours };
}
