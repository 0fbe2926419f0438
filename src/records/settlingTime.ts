import { minutesToSettle, waterDensity, waterViscosity } from "@/core";

/** A filled jar or separating funnel stands about this high, mm. */
export const settlingColumnMm = 120;

/** Minutes until 95 % of an oil's fine drops have risen or sunk in such a vessel; Infinity when it hangs. */
export function settlingMinutes(oilDensityGPerMl: number, roomC: number): number {
  return minutesToSettle({
    columnMm: settlingColumnMm,
    densityDifference: (waterDensity(roomC) - oilDensityGPerMl) * 1000,
    viscosityMPaS: waterViscosity(roomC),
  });
}
