import type { Product } from "../shelf/products";
import { usualSkinMost, type Care, type Caution } from "./cautions";

/** What is warned of on a product: what its plants are warned of, and what follows from what was made of them. */
const productCautionNames = [
  "notToDrink",
  "notOnSkin",
  "limitedOnSkin",
  "poison",
  "convulsant",
  "liver",
  "pregnancy",
  "youngChildren",
  "asthma",
  "sensitises",
  "phototoxic",
  "oxidises",
  "cats",
  "dogs",
] as const;
export type ProductCaution = (typeof productCautionNames)[number];

type Part = Partial<Pick<Care, "cautions" | "skinMostPercent">>;

/* An oil with so little allowed on skin, %, holds what a cup of its water should not. */
const strictSkinPercent = 0.5;
/* Of the plant in the field, not of what is in a bottle; "carcinogenic" says itself by the limit on skin. */
const ofPlantAlone: readonly Caution[] = ["overHarvested", "lookAlike", "carcinogenic"];
/* What dissolved oil does as well. */
const ofWater: readonly Caution[] = [
  "poison",
  "pregnancy",
  "youngChildren",
  "cats",
  "dogs",
  "asthma",
];

/**
 * The cautions of an oil, a hydrosol or a pot liquor, the gravest first, from every plant that is in it whatever its
 * share: a blend is never warned of less than any part of it. Water of a plant whose oil is a poison, brings on
 * fits, or is allowed on skin only in traces, is not to be drunk, nor for children or in pregnancy, since what
 * dissolves in it is what the oil is made of.
 */
export function productCautions(product: Product, parts: readonly Part[]): ProductCaution[] {
  const found = new Set<string>(
    parts.flatMap((part) => (product === "oil" ? ofOil : ofDissolved)(part)),
  );
  return productCautionNames.filter((name) => found.has(name));
}

function ofOil({ cautions = [], skinMostPercent }: Part): string[] {
  const own: string[] = cautions.filter((caution) => !ofPlantAlone.includes(caution));
  if (skinMostPercent === "none") return [...own, "notOnSkin"];
  const limited =
    cautions.includes("carcinogenic") || (skinMostPercent ?? Infinity) < usualSkinMost.body;
  return limited ? [...own, "limitedOnSkin"] : own;
}

function ofDissolved({ cautions = [], skinMostPercent }: Part): string[] {
  const own: string[] = cautions.filter((caution) => ofWater.includes(caution));
  const strong =
    cautions.includes("poison") ||
    cautions.includes("convulsant") ||
    skinMostPercent === "none" ||
    (skinMostPercent ?? Infinity) <= strictSkinPercent;
  return strong ? [...own, "notToDrink", "youngChildren", "pregnancy"] : own;
}
