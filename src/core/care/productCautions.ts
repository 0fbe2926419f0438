import type { Warned } from "../plant/careByContent";
import { usualSkinMost, type Caution } from "../plant/cautions";
import { oilProperties, type Composition } from "../plant/oil";
import {
  shareOf,
  substanceList,
  substances,
  type Substance,
  type SubstanceName,
} from "../plant/substances";
import type { Product } from "../shelf/products";
import type { WaterContent } from "./usualWater";

/** What is warned of on a product: what its plants are warned of, and what follows from what was made of them. */
const productCautionNames = [
  "notToDrink",
  "littleInFood",
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

/** What is known of a part of a product. */
export interface ProductPart {
  /** What its plant is warned of, its make-up with it. */
  care: Partial<Warned>;
  /** Of its oil, mass fractions. */
  composition?: Composition;
  /** Of its water, where the product is one. */
  water?: WaterContent;
  /** Share of the whole by volume, 0 to 1. */
  share: number;
}

/* An oil that harms inside and is allowed on skin in traces alone, %, gives a water that is not to be drunk. */
const strictSkinPercent = 0.5;
const harmsInside: readonly Caution[] = ["convulsant", "liver"];
/* So many times over what is usual in a drink, a spoonful of it in a dish is no answer any more. */
const farOverDrink = 10;
/* Of the plant in the field, not of what is in a bottle; "carcinogenic" says itself by the limit on skin. */
const ofPlantAlone: readonly Caution[] = ["overHarvested", "lookAlike", "carcinogenic"];
const ofSkin: readonly ProductCaution[] = ["limitedOnSkin", "sensitises", "phototoxic"];
/* What dissolved oil does as well. */
const ofWater: readonly Caution[] = [
  "poison",
  "convulsant",
  "pregnancy",
  "youngChildren",
  "cats",
  "dogs",
  "asthma",
];

/**
 * The cautions of an oil, a hydrosol or a pot liquor, the gravest first, from every plant that is in it whatever its
 * share, and from what it is made of: a blend is never warned of less than any part of it. Water of a plant whose
 * oil is a poison, or harms inside and is allowed on skin only in traces, or that holds ten times what is usual in a drink, is not to
 * be drunk, nor for children or in pregnancy; nor is what brings on fits for these.
 */
export function productCautions(product: Product, parts: readonly ProductPart[]): ProductCaution[] {
  const found = new Set<string>(
    parts.flatMap((part) => (product === "oil" ? ofOil : ofDissolved)(part)),
  );
  if (product !== "oil") for (const each of byLimits(mixedWater(parts))) found.add(each);
  if (found.has("notToDrink")) found.delete("littleInFood");
  /* What is not for skin at all needs no word on how to use it there. */
  if (found.has("notOnSkin")) for (const name of ofSkin) found.delete(name);
  return productCautionNames.filter((name) => found.has(name));
}

/** What a blended oil is made of, mass fractions: what is not named of a part stays unnamed. */
export function mixedOil(parts: readonly ProductPart[]): Composition {
  const mixed: Record<string, number> = {};
  let whole = 0;
  for (const { composition, share } of parts) {
    if (!composition || !(share > 0)) continue;
    const grams = share * oilProperties(composition).densityGPerMl;
    whole += grams;
    for (const [id, of] of Object.entries(composition)) mixed[id] = (mixed[id] ?? 0) + grams * of;
  }
  return Object.fromEntries(Object.entries(mixed).map(([id, grams]) => [id, grams / whole]));
}

/** What a litre of a mixed water holds, mg/L. */
export function mixedWater(parts: readonly ProductPart[]): WaterContent {
  const mixed: Record<string, number> = {};
  for (const { water = {}, share } of parts)
    for (const [id, mgPerL] of Object.entries(water)) mixed[id] = (mixed[id] ?? 0) + share * mgPerL;
  return mixed;
}

/** A substance of which a usual most in drinks is told. */
export interface DrinkLimit {
  compound: SubstanceName;
  mgPerL: number;
  usualMostMgPerL: number;
  use: "drink";
  basis: "law" | "dailyIntake";
}

/** How a water stands to what is usual in a drink. */
export function drinkLimits(water: WaterContent): DrinkLimit[] {
  return substanceList.flatMap(([compound, substance]) => {
    const { drinkMostMgPerL, drinkBasis } = substance;
    const mgPerL = shareOf(substance, water);
    if (drinkMostMgPerL === undefined || drinkBasis === undefined || !(mgPerL > 0)) return [];
    return [
      { compound, mgPerL, usualMostMgPerL: drinkMostMgPerL, use: "drink", basis: drinkBasis },
    ];
  });
}

function byLimits(water: WaterContent): string[] {
  const over = drinkLimits(water).filter(({ mgPerL, usualMostMgPerL }) => mgPerL > usualMostMgPerL);
  const farOver = over.some(({ compound, mgPerL, usualMostMgPerL }) => {
    const { notBySpoon }: Substance = substances[compound];
    return notBySpoon || mgPerL >= farOverDrink * usualMostMgPerL;
  });
  return farOver ? notToDrink : over.length > 0 ? ["littleInFood"] : [];
}

const notToDrink = ["notToDrink", "youngChildren", "pregnancy"];

function ofOil({ care: { cautions = [], skinMostPercent } }: ProductPart): string[] {
  const own: string[] = cautions.filter((caution) => !ofPlantAlone.includes(caution));
  if (skinMostPercent === "none") return [...own, "notOnSkin"];
  const limited =
    cautions.includes("carcinogenic") || (skinMostPercent ?? Infinity) < usualSkinMost.body;
  return limited ? [...own, "limitedOnSkin"] : own;
}

/** Whether what dissolves of a part harms whoever drinks it, by what is known of its plant. */
export function isHarmfulWater({ care: { cautions = [], skinMostPercent } }: ProductPart): boolean {
  if (cautions.includes("poison")) return true;
  const inTraces = skinMostPercent === "none" || (skinMostPercent ?? Infinity) <= strictSkinPercent;
  return inTraces && harmsInside.some((caution) => cautions.includes(caution));
}

/** Whether a part's water itself is not for skin: it holds of what skins bear least. */
export function isWaterNotForSkin({ water = {} }: ProductPart): boolean {
  return substanceList.some(
    ([, substance]) =>
      shareOf(substance, water) >= (substance.waterNotOnSkinFromMgPerL ?? Infinity),
  );
}

function ofDissolved(part: ProductPart): string[] {
  const { cautions = [] } = part.care;
  const own: string[] = cautions.filter((caution) => ofWater.includes(caution));
  const limits = part.water ? byLimits(part.water) : [];
  const skin = isWaterNotForSkin(part) ? ["notOnSkin"] : [];
  const fits = cautions.includes("convulsant") ? ["youngChildren", "pregnancy"] : [];
  return [...own, ...skin, ...fits, ...(isHarmfulWater(part) ? notToDrink : limits)];
}
