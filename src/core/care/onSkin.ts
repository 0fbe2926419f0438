import { usualSkinMost, type Whose } from "../plant/cautions";
import type { Product } from "../shelf/products";
import {
  isHarmfulWater,
  mixedWater,
  productCautions,
  skinMostOfPart,
  type ProductCaution,
  type ProductPart,
} from "./productCautions";
import { shareOf, substanceList } from "../plant/substances";

/* An oil that is not for young children is not for their skin either, however thin. */
const notUnderSix: readonly ProductCaution[] = ["youngChildren", "convulsant"];

/**
 * Most of a product on such skin, % of what is put on it: of an oil the usual ceiling, of a water all of it; each
 * part held to its own plant's maximum, and the whole to what it is made of. 0 where it must not be on skin.
 */
export function mostOnSkin(product: Product, parts: readonly ProductPart[], whose: Whose): number {
  const warned = productCautions(product, parts);
  if (whose === "child" && notUnderSix.some((caution) => warned.includes(caution))) return 0;
  const none = parts.some((part) =>
    product === "oil" ? skinMostOfPart(part) === "none" : isPoison(part),
  );
  if (none) return 0;
  if (product === "oil")
    return parts.reduce<number>(
      (most, part) => {
        const own = skinMostOfPart(part);
        return part.share > 0 && own !== "none" ? Math.min(most, own / part.share) : most;
      },
      Math.min(usualSkinMost[whose], wholeOil(parts)),
    );
  const water = mixedWater(parts);
  return substanceList.reduce((most, [, substance]) => {
    const percent = shareOf(substance, water) / mgPerLOfOnePercent;
    return percent > 0 && substance.skinMostPercent !== undefined
      ? Math.min(most, (100 * substance.skinMostPercent) / percent)
      : most;
  }, 100);
}

const mgPerLOfOnePercent = 10_000;

function isPoison(part: ProductPart): boolean {
  return skinMostOfPart(part) === "none" && isHarmfulWater(part);
}

/* What two plants bring of one substance adds up. */
function wholeOil(parts: readonly ProductPart[]): number {
  return substanceList.reduce((most, [, substance]) => {
    const share = parts.reduce(
      (sum, part) => sum + part.share * shareOf(substance, part.composition ?? {}),
      0,
    );
    return share > 0 && substance.skinMostPercent !== undefined
      ? Math.min(most, substance.skinMostPercent / share)
      : most;
  }, Infinity);
}
