import type { Plant, Tissue } from "./plant";

/**
 * Water that a plant holds once it has drunk its fill, g per g of dry matter. Dry leaf and flower 3 to 4,
 * crushed seed 1.5, root, wood and bark 2.5: kitchen weighings before and after a night in water, a quarter
 * either way.
 */
const byTissue: Record<Tissue, number> = {
  surfaceGlands: 3.5,
  innerGlands: 3.5,
  petals: 4,
  fruit: 4,
  needles: 2,
  zest: 3,
  crushedSeed: 1.5,
  rootWoodBark: 2.5,
  resin: 0.3,
};

/* Fine rootlets hold like a sponge. */
const byPlant: Record<string, number> = { vetiver: 4 };

/** What no plant is told of. */
export const usualSoakGPerGDry = 3;

/** Water that a plant's dry matter holds when it is soaked, g/g. */
export function soakOf({ id, tissue }: Pick<Plant, "id" | "tissue">): number {
  return byPlant[id] ?? byTissue[tissue];
}
