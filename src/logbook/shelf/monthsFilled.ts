import { type KeepingRule, keepingMonths } from "@/core/shelf/bestBy";
import type { Bottle } from "@/records/bottle";
import type { Lot } from "@/records/lot";
import type { PlantBook } from "../plant/plantBook";

type Filled = Pick<Bottle, "sizeMl" | "filledMl" | "glass" | "storage">;

/**
 * How many months from its run a bottle is good as it is filled and kept.
 * @param openVessel made in a bowl under a lid: it keeps less long
 */
export function monthsFilled(
  lot: Lot,
  { sizeMl, filledMl, glass, storage }: Filled,
  openVessel: boolean,
  { book, rule }: { book: PlantBook; rule: KeepingRule },
): number {
  const kept = { place: storage, glass, airShare: 1 - filledMl / sizeMl, openVessel };
  const plant = book.byId(lot.plantId) ?? unknownPlant;
  return keepingMonths(lot.product, plant, kept, rule);
}

/* Of a plant that nobody knows any more, as most keep. */
const unknownPlant = { keeping: "middling" as const, hydrosol: { months: 12 } };
