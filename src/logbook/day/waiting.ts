import { lostWaiting } from "@/core/plant/waitingLoss";
import type { Plant } from "@/core/plant/plant";
import type { DayHeap, DayRecord } from "@/records/day";
import type { PlantBook } from "../plant/plantBook";
import type { DayNow } from "./dayNow";

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

/** What each charge's plant loses of its oil from the day's beginning until it is lit; what is lit waits no more. */
export function waitingOf(
  day: Pick<DayRecord, "charges" | "heaps">,
  now: Pick<DayNow, "charges">,
  book: PlantBook,
): Map<string, { low: number; high: number }> {
  return new Map(
    now.charges.flatMap(({ went, state }) => {
      const charge = day.charges.find(({ id }) => id === went.id);
      const heap = day.heaps.find(({ id }) => id === charge?.heapId);
      const plant = book.byId(heap?.plantId ?? "");
      const lost = state?.litAt === undefined ? lostUntilLit(heap, plant, went.litMin) : undefined;
      return lost ? [[went.id, lost] as const] : [];
    }),
  );
}
