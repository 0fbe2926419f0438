import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";

/** A plant weight as one may be typed. */
export const examplePlant: Record<UnitSystem, string> = {
  metric: t`1.2 kg`,
  us: t`2½ lb`,
};
