import { differenceInCalendarDays } from "date-fns/differenceInCalendarDays";
import { noonOf } from "@/core";
import type { PlantBook } from "../plant/plantBook";
import type { Bottle, Use } from "@/records/bottle";
import { leftInBottle } from "./bottleLevel";
import type { Lot } from "@/records/lot";

/** A bottle with what it takes to show it. */
export interface Shelved {
  bottle: Bottle;
  lot: Lot;
  plantName: string;
  leftMl: number;
  /** Days until its best-by; negative when it is past. */
  daysLeft: number;
  /** Soon past, or past, and not empty. */
  due: boolean;
}

/* A month is enough to use up or give away what is due. */
const dueDays = 30;

/** Bottles that are not empty with their lots, what is due first. */
export function shelved(
  bottles: readonly Bottle[],
  lots: readonly Lot[],
  uses: readonly Use[],
  today: Date,
  book: PlantBook,
): Shelved[] {
  const lotById = new Map(lots.map((lot) => [lot.id, lot]));
  const usesOf = new Map<string, Use[]>();
  for (const use of uses) usesOf.set(use.bottleId, [...(usesOf.get(use.bottleId) ?? []), use]);
  return bottles
    .flatMap((bottle) => {
      const lot = lotById.get(bottle.lotId);
      const leftMl = leftInBottle(bottle, usesOf.get(bottle.id) ?? []);
      if (!lot || leftMl <= 0) return [];
      /* By the calendar where the device is: on its last day a bottle is not past it yet. */
      const daysLeft = differenceInCalendarDays(noonOf(bottle.bestBy), today);
      return [
        {
          bottle,
          lot,
          plantName: book.byId(lot.plantId)?.name ?? lot.plantId,
          leftMl,
          daysLeft,
          due: daysLeft <= dueDays,
        },
      ];
    })
    .sort((a, b) => a.daysLeft - b.daysLeft);
}

/** Bottles out of which more was taken than was in them, as two tabs at once can do. */
export function overdrawn(
  bottles: readonly Bottle[],
  uses: readonly Use[],
): { bottle: Bottle; takenMl: number }[] {
  const taken = new Map<string, number>();
  for (const { bottleId, amountMl } of uses)
    taken.set(bottleId, (taken.get(bottleId) ?? 0) + amountMl);
  return bottles.flatMap((bottle) => {
    const takenMl = taken.get(bottle.id) ?? 0;
    return takenMl > bottle.filledMl * 1.001 ? [{ bottle, takenMl }] : [];
  });
}

/** What of a lot is not in a bottle yet, mL. */
export function unbottledMl(lot: Lot, bottles: readonly Bottle[]): number {
  const filled = bottles
    .filter(({ lotId }) => lotId === lot.id)
    .reduce((sum, { filledMl }) => sum + filledMl, 0);
  return Math.max(0, lot.volumeMl - filled);
}
