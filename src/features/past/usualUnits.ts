import { type NumberKind, type UnitName, type UnitSystem, unitsFor } from "@/core/units/units";

/** The units that a form of a past run begins with. */
export function usualUnits(system: UnitSystem) {
  const first = (kind: NumberKind): UnitName => unitsFor(kind, system)[0] ?? "g";
  return {
    massUnit: first("plantMass"),
    waterUnit: first("volume"),
    oilUnit: "mL",
    hydrosolUnit: first("volume"),
  };
}
