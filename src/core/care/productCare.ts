import type { Composition } from "../plant/oil";
import type { Product } from "../shelf/products";
import { densityBand, refractiveBand, type Band } from "./bands";
import { mostOnSkin } from "./onSkin";
import {
  drinkLimits,
  mixedOil,
  mixedWater,
  productCautions,
  type DrinkLimit,
  type ProductCaution,
  type ProductPart,
} from "./productCautions";

/** What a careful person wants to know of a product before using it. */
export interface ProductCare {
  cautions: ProductCaution[];
  /** Usual most on skin, % of the product in what is put on it: grown, from two to six, under two. */
  skinMostPercent: { adult: number; child6: number; child2: 0 };
  /** What it is made of, mass fractions of its oil or of what is dissolved. */
  compounds: Composition;
  /** Of a water: what of it has a usual most in drinks. */
  limits: DrinkLimit[];
  /** Undefined of an oil of which nothing is known. */
  densityGPerMl?: Band;
  refractiveIndex?: Band;
}

/* Water with a gram of oil a litre differs from water by less than a hand can measure. */
const waterBands: { densityGPerMl: Band; refractiveIndex: Band } = {
  densityGPerMl: [0.997, 0.999],
  refractiveIndex: [1.332, 1.334],
};

/**
 * All that follows from what a product is made of: of one plant, of many, or of a measured make-up.
 * @param parts at least one, their shares summing to 1
 */
export function productCare(product: Product, parts: readonly ProductPart[]): ProductCare {
  const water = product === "oil" ? {} : mixedWater(parts);
  const made = product === "oil" ? mixedOil(parts) : water;
  return {
    cautions: productCautions(product, parts),
    skinMostPercent: {
      adult: mostOnSkin(product, parts, "body"),
      child6: mostOnSkin(product, parts, "child"),
      child2: 0,
    },
    compounds: shared(made),
    limits: drinkLimits(water),
    ...(product === "oil" ? oilBands(made) : waterBands),
  };
}

function oilBands(compounds: Composition) {
  if (Object.keys(compounds).length === 0) return {};
  return { densityGPerMl: densityBand(compounds), refractiveIndex: refractiveBand(compounds) };
}

/* As shares of what is named, the largest first. */
function shared(amounts: Composition): Composition {
  const whole = Object.values(amounts).reduce((sum, each) => sum + each, 0);
  return Object.fromEntries(
    Object.entries(amounts)
      .map(([id, each]): [string, number] => [id, each / whole])
      .sort(([, a], [, b]) => b - a),
  );
}
