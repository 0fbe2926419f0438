import { standardPressurePa } from "../physicalConstants";
import type { Compound } from "./compounds";

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
