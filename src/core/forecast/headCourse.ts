import type { OilParts } from "../plant/oilParts";
import { boilingPointC, saturationPressurePa } from "../water/saturation";

/* Less steam than this is no while that anybody reads a thermometer in; and no vapour of a still is thinner. */
const leastSteamG = 1e-3;
const leastPa = 10_000;

/** g in a mol of water. */
const waterMolarMass = 18.015;

/**
 * What a thermometer in the head should show, °C: steam condenses where water's own share of the pressure lets it, and what
 * oil is in the vapour takes its share of that: `T = T_sat(P (1 − x))`, x the oil's mole fraction (Dalton). So it stands under water's boil while much
 * oil comes, and climbs towards it as the oil goes.
 * @param oilG oil that comes over in a while, g by compound, in the parts' order
 * @param steamG steam in the same while, g, above 0
 * @param boilC where water boils here, °C
 */
export function headC(
  { compounds }: OilParts,
  oilG: ArrayLike<number>,
  steamG: number,
  boilC: number,
): number {
  const water = steamG / waterMolarMass;
  let oil = 0;
  for (let i = 0; i < compounds.length; i += 1)
    oil += Math.max(0, oilG[i]!) / compounds[i]!.molarMass;
  if (!(steamG > leastSteamG)) return boilC;
  return boilingPointC(Math.max(leastPa, (saturationPressurePa(boilC) * water) / (water + oil)));
}
