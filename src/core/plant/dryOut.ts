import { keysOf } from "../keysOf";

/*
 * Water that is left in what is called dry, by how it was dried: an oven at 105 °C until its weight stays is the method of
 * the pharmacopoeias and counts as none, a microwave in short bursts until it stays leaves a little, and air leaves
 * a tenth in a herb that crackles.
 */
const waysToDry = {
  oven: 0,
  microwave: 0.02,
  air: 0.1,
} as const;

/** How a handful was dried out to know its water. */
export type WayToDry = keyof typeof waysToDry;
export const dryingWays = keysOf(waysToDry);

/**
 * Water share of a plant, from a handful weighed, dried and weighed again.
 * @param wetG before, g, above 0
 * @param dryG after, g, above 0 and no more than before
 * @returns 0 to below 1
 * @throws RangeError naming the weight that cannot be
 */
export function moistureByDrying(wetG: number, dryG: number, way: WayToDry): number {
  if (!(wetG > 0 && Number.isFinite(wetG)))
    throw new RangeError(`wetG must be above 0, got ${wetG}`);
  if (!(dryG > 0 && dryG <= wetG))
    throw new RangeError(`dryG must be above 0 and at most ${wetG}, got ${dryG}`);
  return 1 - (dryG * (1 - waysToDry[way])) / wetG;
}
