import { productCautions, type ProductCaution } from "@/core/care/productCautions";
import type { Lot } from "@/records/lot";
import type { PlantBook } from "../plant/plantBook";
import { oilParts } from "./oilParts";
import type { Shelf } from "./trace";

const grave: ReadonlySet<ProductCaution> = new Set(["notToDrink", "notOnSkin", "poison"]);

/** What a lot's product is warned of, what is gravest by itself: that is to be seen before anything else of it. */
export function cautionsOfLot(
  lot: Lot,
  shelf: Shelf,
  book: PlantBook,
): { grave: ProductCaution[]; others: ProductCaution[] } {
  const found = productCautions(lot.product, oilParts(lot, shelf, book));
  return {
    grave: found.filter((caution) => grave.has(caution)),
    others: found.filter((caution) => !grave.has(caution)),
  };
}
