import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";

/** A plant weight as one may be typed. */
export const examplePlant: Record<UnitSystem, string> = {
  metric: t`e.g. 1.2 kg`,
  us: t`e.g. 2 lb 8 oz`,
};
