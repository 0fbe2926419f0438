import { t } from "@/language/t";
import type { PlantBook } from "@/logbook/plant/plantBook";
import { lotName } from "@/logbook/shelf/lotName";
import type { Lot } from "@/records/lot";

export const productWords: Record<Lot["product"], string> = {
  oil: t`oil`,
  hydrosol: t`hydrosol`,
  liquor: t`pot liquor`,
};

const originWords: Record<NonNullable<Lot["origin"]>, string> = {
  bought: t`bought`,
  blend: t`blend`,
};

/** What a lot is, beside its plant: "oil", "first cut", "hydrosol, jar 2", "oil, blend". */
export function lotWords({
  product,
  firstCut,
  jar,
  origin,
}: Pick<Lot, "product" | "firstCut" | "jar" | "origin">): string {
  const what = productWords[product];
  if (firstCut) return t`first cut`;
  if (jar) return t`${what}, jar ${jar.number}`;
  return origin ? t`${what}, ${originWords[origin]}` : what;
}

/** A lot by its own name, or by its plant's with what it is: "Winter room", "Clary sage hydrosol". */
export function lotTitle(lot: Lot, book: PlantBook): string {
  return lot.name ?? `${lotName(lot, book)} ${productWords[lot.product]}`;
}
