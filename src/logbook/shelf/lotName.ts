import type { Lot } from "@/records/lot";
import type { PlantBook } from "../plant/plantBook";

/** What a lot is called: by its own name, else by its plant's. */
export function lotName(lot: Pick<Lot, "name" | "plantId">, book: PlantBook): string {
  return lot.name ?? book.byId(lot.plantId)?.name ?? lot.plantId;
}
