import { yieldUnit } from "@/core/units/format";
import { type UnitSystem, fromCanonical } from "@/core/units/units";
import { t } from "@/language/t";

/** What a yield is calculated on. */
export type Basis = "dry" | "charge" | "ml";

/** The bases as a choice says them. */
export function basesIn(units: UnitSystem): { value: Basis; label: string }[] {
  return [
    { value: "dry", label: t`${yieldUnit(units)} dry` },
    { value: "charge", label: t`${yieldUnit(units)} as charged` },
    { value: "ml", label: "mL" },
  ];
}

/** What an amount of oil is divided by on a basis, of a charge of so many g that holds so much water. */
export function basisOf(
  basis: Basis,
  { chargeG, moisture }: { chargeG: number; moisture: number },
  units: UnitSystem,
): number {
  if (basis === "ml") return 1;
  const measures = fromCanonical(chargeG, units === "metric" ? "kg" : "lb");
  return measures * (basis === "dry" ? 1 - moisture : 1);
}
