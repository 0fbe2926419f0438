import { usualSkinMost, type Whose } from "../plant/cautions";
import { shareOf, skinMostByContent, substanceList } from "../plant/substances";
import type { Product } from "../shelf/products";
import {
  isHarmfulWater,
  isWaterNotForSkin,
  mixedOil,
  mixedWater,
  productCautions,
  type ProductCaution,
  type ProductPart,
} from "./productCautions";

/* An oil that is not for young children is not for their skin either, however thin. */
const notUnderSix: readonly ProductCaution[] = ["youngChildren", "convulsant"];

/**
 * Most of a product on such skin, % of what is put on it: of an oil the usual ceiling, of a water all of it; each
 * part held to its own plant's maximum, and the whole to what it is made of. 0 where it must not be on skin.
 */
export function mostOnSkin(product: Product, parts: readonly ProductPart[], whose: Whose): number {
  const warned = productCautions(product, parts);
  if (whose === "child" && notUnderSix.some((caution) => warned.includes(caution))) return 0;
  if (product === "oil") return mostOfOil(parts, usualSkinMost[whose]);
  if (parts.some(isWaterNotForSkin)) return 0;
  if (parts.some((part) => part.care.skinMostPercent === "none" && isHarmfulWater(part))) return 0;
  const water = mixedWater(parts);
  return substanceList.reduce((most, [, substance]) => {
    const percent = shareOf(substance, water) / mgPerLOfOnePercent;
    return percent > 0 && substance.skinMostPercent !== undefined
      ? Math.min(most, (100 * substance.skinMostPercent) / percent)
      : most;
  }, 100);
}

const mgPerLOfOnePercent = 10_000;

function mostOfOil(parts: readonly ProductPart[], usual: number): number {
  /* What two plants bring of one substance adds up. */
  const mixed = skinMostByContent(mixedOil(parts));
  if (mixed === "none") return 0;
  return parts.reduce<number>(
    (most, { care: { skinMostPercent = Infinity }, composition = {}, share }) => {
      if (skinMostPercent === "none") return 0;
      /* Shares are by volume, content by weight: by either reckoning a part keeps to its own maximum. */
      const alone = skinMostByContent(composition);
      const own = alone === "none" ? skinMostPercent : Math.min(skinMostPercent, alone);
      return share > 0 ? Math.min(most, own / share) : most;
    },
    Math.min(usual, mixed),
  );
}
