import { standardPressurePa } from "../physicalConstants";
import { vapourPoints } from "./vapourPoints";
import type { Compound } from "./compounds";

const kelvin = 273.15;
const mmHgPa = 133.322;
const gasConstantCal = 1.987;
const compressibilityStep = 0.97;
const liquidExponent = 0.19;

/* Fishtine's factor for how strongly a liquid's molecules hold each other at the boiling point. */
const fishtine: Record<Compound["family"], number> = { hydrocarbon: 1, polar: 1.03, alcohol: 1.1 };

/**
 * Vapour pressure of an oil's compound, Pa, at and below its boiling point.
 * Modified Watson correlation (Grain, in the Handbook of Chemical Property Estimation Methods,
 * chapter 14): needs the boiling point alone, where Antoine constants are published for few.
 */
export function compoundVapourPressurePa(compound: Compound, temperatureC: number): number {
  const low = vapourPoints[compound.id];
  if (low) return throughPoints(compound.boilingC, low, temperatureC);
  const boilingK = compound.boilingC + 273.15;
  const ratio = (temperatureC + 273.15) / boilingK;
  const reach = 3 - 2 * ratio;
  const strength =
    (fishtine[compound.family] * (8.75 + gasConstantCal * Math.log(boilingK))) /
    (compressibilityStep * gasConstantCal);
  const shape =
    1 -
    reach ** liquidExponent / ratio -
    2 * liquidExponent * reach ** (liquidExponent - 1) * Math.log(ratio);
  return standardPressurePa * Math.exp(strength * shape);
}

/* The logarithm of a vapour pressure is a straight line over 1/T between two points (Clausius and Clapeyron). */
function throughPoints(
  boilingC: number,
  [lowC, lowMmHg]: readonly [number, number],
  temperatureC: number,
): number {
  const inverse = (celsius: number) => 1 / (celsius + kelvin);
  const low = lowMmHg * mmHgPa;
  const slope = Math.log(standardPressurePa / low) / (inverse(lowC) - inverse(boilingC));
  return low * Math.exp(slope * (inverse(lowC) - inverse(temperatureC)));
}
