import type { Lot } from "@/records/lot";

/** What a lot is, beside its plant: "oil", "hydrosol", "first cut", "hydrosol, jar 2". */
export function lotWords({
  product,
  firstCut,
  jar,
}: Pick<Lot, "product" | "firstCut" | "jar">): string {
  if (firstCut) return "first cut";
  return jar ? `${product}, jar ${jar.number}` : product;
}
