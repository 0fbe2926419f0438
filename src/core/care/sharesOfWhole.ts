import type { Composition } from "../plant/oil";
import type { Product } from "../shelf/products";
import { mixedOil, mixedWater, type ProductPart } from "./productCautions";

const mgPerLOfWhole = 1e6;

/** Mass fractions of a whole product by compound: of an oil its make-up, of a water what is dissolved in it. */
export function sharesOfWhole(product: Product, parts: readonly ProductPart[]): Composition {
  if (product === "oil") return mixedOil(parts);
  return Object.fromEntries(
    Object.entries(mixedWater(parts)).map(([id, mgPerL]) => [id, mgPerL / mgPerLOfWhole]),
  );
}
