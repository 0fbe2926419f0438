import type { Plant, Tissue } from "@/core/plant/plant";
import { t } from "@/language/t";

/** Plants as a person looks for them: by what is cut. */
export type PlantGroup = "herbs" | "flowers" | "trees" | "zests" | "seeds" | "roots";

export const plantGroups: { id: PlantGroup; label: string }[] = [
  { id: "herbs", label: t`Herbs and leaves` },
  { id: "flowers", label: t`Petals and fruit` },
  { id: "trees", label: t`Needles and twigs` },
  { id: "zests", label: t`Zests` },
  { id: "seeds", label: t`Seeds and spices` },
  { id: "roots", label: t`Roots, wood, resin` },
];

const byTissue: Record<Tissue, PlantGroup> = {
  surfaceGlands: "herbs",
  innerGlands: "herbs",
  petals: "flowers",
  fruit: "flowers",
  needles: "trees",
  zest: "zests",
  crushedSeed: "seeds",
  rootWoodBark: "roots",
  resin: "roots",
};

export function groupOf({ tissue }: Pick<Plant, "tissue">): PlantGroup {
  return byTissue[tissue];
}
