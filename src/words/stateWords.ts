import type { PlantState } from "@/core/plant/plant";
import { t } from "@/language/t";

/** What a plant is like when it goes in. */
export const stateWords: Record<PlantState, string> = {
  fresh: t`Fresh`,
  wilted: t`Wilted`,
  dried: t`Dried`,
};
