import { latentHeat, waterHeatCapacity } from "../water/properties";

/** Distillate leaves a good condenser about this warm, °C; the duty hardly depends on it. */
export const distillateOutC = 30;

/** Water that cools a jacket leaves it this warm where nobody says, °C: a hand just bears it. */
export const usualCoolingOutC = 40;

/** Heat that melts a gram of ice, J/g (IAPWS-95 at 0 °C). */
export const meltingHeat = 333.4;

/**
 * Heat the condenser takes up, J, to turn steam at its boiling point into cool distillate.
 * @param distillateG distillate, g
 * @param boilC where it boils, °C
 * @param outC how warm it leaves the condenser, °C
 */
export function condenserDutyJ(distillateG: number, boilC: number, outC: number): number {
  return distillateG * (latentHeat(boilC) + waterHeatCapacity * (boilC - outC));
}

/** Cooling water for a duty, L, warmed from one temperature to another; Infinity without a rise. */
export function coolingWaterL(dutyJ: number, inC: number, outC: number): number {
  return outC > inC ? dutyJ / (waterHeatCapacity * (outC - inC)) / 1000 : Infinity;
}

/** Ice that takes up a duty by melting alone, kg. */
export function iceKg(dutyJ: number): number {
  return dutyJ / meltingHeat / 1000;
}
