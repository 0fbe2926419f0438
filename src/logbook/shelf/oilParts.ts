import { partOfPlant } from "@/core/care/partOfPlant";
import type { ProductPart } from "@/core/care/productCautions";
import { oilProperties } from "@/core/plant/oil";
import type { PlantBook } from "../plant/plantBook";
import type { Lot } from "@/records/lot";
import { partsOf, type Shelf } from "./trace";

/** A plant's part in an oil or a water. */
export interface OilPart extends ProductPart {
  /** By the book's composition; undefined of a plant that is in no book. */
  densityGPerMl: number | undefined;
}

/** The plants an oil is of with their shares; a blend's parts in turn, down to each plant. */
export function oilParts(
  lot: Lot,
  shelf: Shelf,
  book: PlantBook,
  share = 1,
  seen: readonly string[] = [],
): OilPart[] {
  const parts = seen.includes(lot.id) ? [] : partsOf(lot.id, shelf);
  const whole = parts.reduce((sum, { use }) => sum + use.amountMl, 0);
  if (whole > 0)
    return parts.flatMap((part) =>
      oilParts(part.lot, shelf, book, (share * part.use.amountMl) / whole, [...seen, lot.id]),
    );
  const plant = book.byId(lot.plantId);
  return [
    {
      ...(plant ? partOfPlant(plant, lot.product, share) : { care: {}, share }),
      densityGPerMl: plant && oilProperties(plant.composition).densityGPerMl,
    },
  ];
}

/** What a millilitre of them together weighs, g; undefined where one of them is not known. */
export function densityOfParts(parts: readonly OilPart[]): number | undefined {
  return parts.reduce<number | undefined>(
    (sum, { share, densityGPerMl }) =>
      sum === undefined || densityGPerMl === undefined ? undefined : sum + share * densityGPerMl,
    0,
  );
}
