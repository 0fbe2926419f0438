import { latentHeat, steamDensity, waterHeatCapacity } from "../water/properties";
import { distillateOutC } from "./duty";

/** The tube that vapour goes through where it is cooled. */
export interface CondenserTube {
  lengthMm: number;
  /** Inside, mm. */
  diameterMm: number;
}

/* Vapour that condenses inside a metal tube under moving or warm water, W/m²K (handbooks give 300 in still air's reach to 1,000 in a fast jacket). */
const heatTransfer = 600;
/* Faster steam carries drops over and builds pressure, m/s. */
const fastestSteamMPerS = 25;

/**
 * Heat that a condenser's tube gives to its cooling water, W: `Q = U A ΔT`. Vapour is at its boiling point all along, so
 * that ΔT is the logarithmic mean of what lies above the water where it comes in and where it leaves.
 * @param boilC where the vapour condenses, °C
 * @param water how warm the cooling water is at either end of the tube, °C; a tub is equally warm at both
 */
export function capacityW(
  { lengthMm, diameterMm }: CondenserTube,
  boilC: number,
  { inC, outC }: { inC: number; outC: number },
): number {
  const areaM2 = (Math.PI * lengthMm * diameterMm) / 1e6;
  return heatTransfer * areaM2 * meanDifference(boilC - inC, boilC - outC);
}

function meanDifference(first: number, last: number): number {
  if (first <= 0 || last <= 0) return 0;
  return Math.abs(first - last) < 1e-6 ? first : (first - last) / Math.log(first / last);
}

/** Distillate that such a heat flow condenses and cools, mL/min. */
export function condensedMlPerMin(watts: number, boilC: number): number {
  return (watts * 60) / (latentHeat(boilC) + waterHeatCapacity * (boilC - distillateOutC));
}

/** Distillate at which the steam in a tube becomes too fast, mL/min. */
export function fastestMlPerMin(
  { diameterMm }: Pick<CondenserTube, "diameterMm">,
  boilC: number,
): number {
  const areaM2 = (Math.PI * (diameterMm / 1000) ** 2) / 4;
  return fastestSteamMPerS * areaM2 * steamDensity(boilC) * 1e6 * 60;
}
