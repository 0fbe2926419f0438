import type { PlantState } from "@/core/plant/plant";

/** What a plant is like when it goes in. */
export const stateWords: Record<PlantState, string> = {
  fresh: "Fresh",
  wilted: "Wilted",
  dried: "Dried",
};
