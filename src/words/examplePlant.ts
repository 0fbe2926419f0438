import type { UnitSystem } from "@/core/units/units";

/** A plant weight as one may be typed. */
export const examplePlant: Record<UnitSystem, string> = {
  metric: "e.g. 1.2 kg",
  us: "e.g. 2 lb 8 oz",
};
