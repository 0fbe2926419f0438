import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";

/** The systems of units as a choice says them. */
export const unitOptions: readonly { value: UnitSystem; label: string }[] = [
  { value: "metric", label: t`g, mL, °C` },
  { value: "us", label: t`oz, fl oz, °F` },
];
