import type { ProductCaution } from "@/core/care/productCautions";
import { cautionWords } from "./cautionWords";

interface CautionTexts {
  /** A sentence, for a screen. */
  screen: string;
  /** For a label with room. */
  label: string;
  /** For a small label. */
  small: string;
}

/** What is warned of on a product, wherever it is said: one without its words for each place does not compile. */
export const productCautionWords: Record<ProductCaution, CautionTexts> = {
  notToDrink: {
    screen: "Not to drink, and not in food: what dissolves of this oil is harmful.",
    label: "not to drink",
    small: "not to drink",
  },
  littleInFood: {
    screen:
      "By the spoonful in a dish at most, not as a drink: it holds more than is usual in drinks. Check your own rules.",
    label: "by the spoonful in food, not as a drink",
    small: "not as a drink",
  },
  notOnSkin: { screen: "Not on skin at all.", label: "not on skin", small: "not on skin" },
  limitedOnSkin: {
    screen: "Only very diluted on skin: keep under its maximum.",
    label: "on skin only very diluted",
    small: "very diluted on skin",
  },
  poison: { screen: cautionWords.poison, label: "poisonous", small: "poisonous" },
  convulsant: {
    screen: cautionWords.convulsant,
    label: "not with epilepsy",
    small: "not with epilepsy",
  },
  liver: {
    screen: cautionWords.liver,
    label: "harms the liver if swallowed",
    small: "harms the liver",
  },
  pregnancy: {
    screen: cautionWords.pregnancy,
    label: "not in pregnancy",
    small: "not in pregnancy",
  },
  youngChildren: {
    screen: "Not for children under six.",
    label: "not for children under six",
    small: "not under six years",
  },
  asthma: { screen: cautionWords.asthma, label: "not with asthma", small: "not with asthma" },
  sensitises: {
    screen: cautionWords.sensitises,
    label: "may irritate or cause allergy",
    small: "may irritate",
  },
  phototoxic: {
    screen: cautionWords.phototoxic,
    label: "keep treated skin out of the sun",
    small: "not in the sun",
  },
  oxidises: {
    screen: cautionWords.oxidises,
    label: "keep cold and full; not on skin once old",
    small: "not on skin once old",
  },
  cats: { screen: cautionWords.cats, label: "keep from cats", small: "keep from cats" },
  dogs: { screen: cautionWords.dogs, label: "keep from dogs", small: "keep from dogs" },
};
