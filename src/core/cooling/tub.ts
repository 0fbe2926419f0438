import { waterHeatCapacity } from "../water/properties";
import { meltingHeat } from "./duty";

/** A tub of still water round the condenser, or pumped through it. */
export interface Tub {
  litres: number;
  startC: number;
  /** Ice put in at the start, kg. */
  iceKg: number;
}

/** A well-mixed tub after it has taken up some heat: enthalpy counted from water at 0 °C. */
export interface TubState {
  temperatureC: number;
  iceLeftKg: number;
}

/**
 * Temperature of a tub after so much heat, well mixed and without loss to the air (a 20 L tub loses
 * some 20 W to the room against 500 W from the condenser: the estimate is on the safe side).
 * @param heatJ heat taken up so far, J, 0 or more
 */
export function tubAfter({ litres, startC, iceKg }: Tub, heatJ: number): TubState {
  const waterG = litres * 1000;
  const enthalpy = waterG * waterHeatCapacity * startC + heatJ - iceKg * 1000 * meltingHeat;
  if (enthalpy <= 0) return { temperatureC: 0, iceLeftKg: -enthalpy / meltingHeat / 1000 };
  return {
    temperatureC: enthalpy / (waterHeatCapacity * (waterG + iceKg * 1000)),
    iceLeftKg: 0,
  };
}

/** Heat a tub takes up until it is at a limit, J; 0 when it is there already. */
export function heatUntil(tub: Tub, limitC: number): number {
  const waterG = tub.litres * 1000;
  const capacity = waterHeatCapacity * (waterG + tub.iceKg * 1000);
  const atStart = waterG * waterHeatCapacity * tub.startC - tub.iceKg * 1000 * meltingHeat;
  return Math.max(0, capacity * limitC - atStart);
}

/** Ice to put in at the start so that a tub stays under a limit through so much heat, kg. */
export function iceToHoldKg(tub: Omit<Tub, "iceKg">, heatJ: number, limitC: number): number {
  const waterG = tub.litres * 1000;
  const tooMuch = heatJ - waterG * waterHeatCapacity * (limitC - tub.startC);
  return Math.max(0, tooMuch / (meltingHeat + waterHeatCapacity * limitC) / 1000);
}
