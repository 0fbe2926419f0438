import { fillLimits } from "../still/fillLimits";
import { chargeMaterial } from "./chargeMaterial";
import { fillOf } from "./loadCharges";
import type { PlanInput } from "./planInput";

/** A weight that nobody has weighed, g: the middle, and eight in ten lie between low and high. */
export interface Guessed {
  massG: number;
  low: number;
  high: number;
}

/*
 * How far two people's full baskets of one plant differ: dry leaf pressed by hand weighs twice what it does
 * shaken in. A judgement; of one's own weighing a tenth is left.
 */
const spread = { book: 0.3, own: 0.1 };

/**
 * What a still takes of a plant when it is filled as far as it should be.
 * @throws RangeError when the plant has no such state
 */
export function stillTakes(input: Omit<PlanInput, "massG">): Guessed {
  const { chargeG } = fillLimits(input.still.shape, fillOf(input, chargeMaterial(input)));
  return guessed(chargeG, input);
}

/**
 * What a heap of so many mL weighs as it is prepared.
 * @throws RangeError when the plant has no such state
 */
export function weightOfVolume(volumeMl: number, input: Omit<PlanInput, "massG">): Guessed {
  const { packingGPerL } = fillOf(input, chargeMaterial(input));
  return guessed((volumeMl / 1000) * packingGPerL, input);
}

function guessed(massG: number, { ownFill }: Pick<PlanInput, "ownFill">): Guessed {
  const share = ownFill?.packingGPerL === undefined ? spread.book : spread.own;
  return { massG, low: massG * (1 - share), high: massG * (1 + share) };
}
