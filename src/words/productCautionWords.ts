import type { ProductCaution } from "@/core/care/productCautions";
import { t } from "@/language/t";
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
    screen: t`Not to drink, and not in food: what dissolves of this oil is harmful.`,
    label: t`not to drink`,
    small: t`not to drink`,
  },
  littleInFood: {
    screen: t`By the spoonful in a dish at most, not as a drink: it holds more than is usual in drinks. Check your own rules.`,
    label: t`by the spoonful in food, not as a drink`,
    small: t`not as a drink`,
  },
  notOnSkin: { screen: t`Not on skin at all.`, label: t`not on skin`, small: t`not on skin` },
  limitedOnSkin: {
    screen: t`Only very diluted on skin: keep under its maximum.`,
    label: t`on skin only very diluted`,
    small: t`very diluted on skin`,
  },
  poison: { screen: cautionWords.poison, label: t`poisonous`, small: t`poisonous` },
  convulsant: {
    screen: cautionWords.convulsant,
    label: t`not with epilepsy`,
    small: t`not with epilepsy`,
  },
  liver: {
    screen: cautionWords.liver,
    label: t`harms the liver if swallowed`,
    small: t`harms the liver`,
  },
  pregnancy: {
    screen: cautionWords.pregnancy,
    label: t`not in pregnancy`,
    small: t`not in pregnancy`,
  },
  youngChildren: {
    screen: t`Not for children under six.`,
    label: t`not for children under six`,
    small: t`not under six years`,
  },
  asthma: { screen: cautionWords.asthma, label: t`not with asthma`, small: t`not with asthma` },
  sensitises: {
    screen: cautionWords.sensitises,
    label: t`may irritate or cause allergy`,
    small: t`may irritate`,
  },
  phototoxic: {
    screen: cautionWords.phototoxic,
    label: t`keep treated skin out of the sun`,
    small: t`not in the sun`,
  },
  oxidises: {
    screen: cautionWords.oxidises,
    label: t`keep cold and full; not on skin once old`,
    small: t`not on skin once old`,
  },
  cats: { screen: cautionWords.cats, label: t`keep from cats`, small: t`keep from cats` },
  dogs: { screen: cautionWords.dogs, label: t`keep from dogs`, small: t`keep from dogs` },
};
