import type { Plant } from "../plant/plant";
import type { Product } from "../shelf/products";
import type { ProductPart } from "./productCautions";
import { usualWater } from "./usualWater";

/** A plant's part in a product, with what its oil or its water usually holds. */
export function partOfPlant(plant: Plant, product: Product, share = 1): ProductPart {
  return {
    care: plant,
    composition: plant.composition,
    share,
    ...(product === "oil" ? {} : { water: usualWater(plant) }),
  };
}
