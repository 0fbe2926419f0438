import { showOil, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";

/** An amount in the person's units: oils by the tenth of a millilitre. */
export function amountOf(product: string, ml: number, units: UnitSystem): string {
  return words(product === "oil" ? showOil(ml) : showVolume(ml, units));
}
