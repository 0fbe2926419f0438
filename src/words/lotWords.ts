import type { Lot } from "@/records/lot";

const productWords: Record<Lot["product"], string> = {
  oil: "oil",
  hydrosol: "hydrosol",
  liquor: "pot liquor",
};

/** What a lot is, beside its plant: "oil", "first cut", "hydrosol, jar 2", "oil, blend". */
export function lotWords({
  product,
  firstCut,
  jar,
  origin,
}: Pick<Lot, "product" | "firstCut" | "jar" | "origin">): string {
  const what = productWords[product];
  if (firstCut) return "first cut";
  if (jar) return `${what}, jar ${jar.number}`;
  return origin ? `${what}, ${origin}` : what;
}
