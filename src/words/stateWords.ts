import type { PlantState } from "@/core/plant/plant";
import { t } from "@/language/t";

/** What a plant is like when it goes in. */
export const stateWords: Record<PlantState, string> = {
  fresh: t`Fresh`,
  wilted: t`Wilted`,
  dried: t`Dried`,
};

/** The same within a sentence. */
export const inState: Record<PlantState, string> = {
  fresh: t`fresh`,
  wilted: t`wilted`,
  dried: t`dried`,
};
