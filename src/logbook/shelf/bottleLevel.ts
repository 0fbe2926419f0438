import type { Bottle, Use } from "@/records/bottle";

/** What is left in a bottle after its uses, mL, never below 0. */
export function leftInBottle(bottle: Bottle, uses: readonly Use[]): number {
  const taken = uses
    .filter(({ bottleId, deletedAt }) => bottleId === bottle.id && !deletedAt)
    .reduce((sum, { amountMl }) => sum + amountMl, 0);
  return Math.max(0, bottle.filledMl - taken);
}
