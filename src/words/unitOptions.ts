import type { UnitSystem } from "@/core/units/units";

/** The systems of units as a choice says them. */
export const unitOptions: readonly { value: UnitSystem; label: string }[] = [
  { value: "metric", label: "g, mL, °C" },
  { value: "us", label: "oz, fl oz, °F" },
];
