import { lostWaiting } from "@/core/plant/waitingLoss";
import type { Plant } from "@/core/plant/plant";
import type { DayHeap } from "@/records/day";

/**
 * The share of its oil that a heap's plant loses on a day until it is lit. Only what is cut already waits; what is not
 * can be cut shortly before.
 * @param litMin min from the day's beginning
 * @returns undefined where nothing waits, or no loss is known
 */
export function lostUntilLit(
  heap: Pick<DayHeap, "harvestId" | "state"> | undefined,
  plant: Pick<Plant, "tissue"> | undefined,
  litMin: number,
): { low: number; high: number } | undefined {
  if (!heap?.harvestId || !plant) return undefined;
  return lostWaiting(plant, heap.state, Math.max(0, litMin) / 60);
}

/** What a charge of a heap loses by an hour of waiting, mL of oil, in the middle; undefined as above. */
export function lostPerHourOf(
  heap: Pick<DayHeap, "harvestId" | "state">,
  plant: Pick<Plant, "tissue"> | undefined,
  oilMl: number,
): number | undefined {
  const share = lostUntilLit(heap, plant, 60);
  return share && (oilMl * (share.low + share.high)) / 2;
}
