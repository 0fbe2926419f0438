import type { Product } from "@/core/shelf/products";
import { toCanonical, type UnitSystem } from "@/core/units/units";

/* What bottles are sold in: oil by the millilitre everywhere, waters by mL or by fl oz. */
const oilMl = [5, 10, 15, 30, 50, 100];
const watersMl = {
  metric: { hydrosol: [100, 250, 500, 1000], liquor: [250, 500, 1000] },
  us: { hydrosol: ounces([4, 8, 16, 32]), liquor: ounces([8, 16, 32]) },
};

function ounces(sizes: readonly number[]): number[] {
  return sizes.map((size) => toCanonical(size, "floz"));
}

/** The usual bottles for a product, mL, the smallest first. */
export function usualBottlesMl(product: Product, units: UnitSystem): readonly number[] {
  return product === "oil" ? oilMl : watersMl[units][product];
}

/** The usual bottle that takes an amount: the smallest that holds it, or the largest there is, mL. */
export function usualBottleMl(amountMl: number, product: Product, units: UnitSystem): number {
  const sizes = usualBottlesMl(product, units);
  return sizes.find((size) => size >= amountMl) ?? sizes.at(-1)!;
}
