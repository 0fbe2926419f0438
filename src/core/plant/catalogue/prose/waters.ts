import { t } from "@/language/t";
import type { PlantProse } from "../../plantProse";

export const waters: Record<string, PlantProse> = {
  linden: {
    preparation: t`Whole, at once.`,
    methodReason: t`Only its water is won.`,
    oilLook: t`None to see.`,
    hydrosolLook: t`Clear, honey and hay.`,
    hydrosolWorth: t`Very good: skin and sleep.`,
    source: t`Linden, flowers with their wing: 0.002–0.01 % fresh, 0.005–0.03 % dry, by assay.`,
  },
  elderflower: {
    preparation: t`Off the stalks, at once.`,
    methodReason: t`Only its water is won.`,
    oilLook: t`None to see.`,
    hydrosolLook: t`Clear, muscat.`,
    hydrosolWorth: t`Very good: skin and kitchen.`,
    source: t`Elderflower, flowers: 0.003–0.012 % fresh, 0.005–0.03 % dry, by assay.`,
  },
  cornflower: {
    preparation: t`Whole, at once.`,
    methodReason: t`Only its water is won.`,
    oilLook: t`None to see.`,
    hydrosolLook: t`Clear, faint.`,
    hydrosolWorth: t`Good: eyes closed, compress.`,
    source: t`Cornflower, flowers: 0.002–0.01 % fresh, 0.005–0.02 % dry, by assay.`,
  },
  witchhazel: {
    preparation: t`Cut to finger length, soak overnight.`,
    methodReason: t`Only its water is won.`,
    oilLook: t`None to see.`,
    hydrosolLook: t`Clear, wood and tea.`,
    hydrosolWorth: t`Very good: skin.`,
    source: t`Witch hazel, twigs: 0.002–0.01 % fresh, 0.005–0.02 % dry, by assay.`,
  },
  geraniumwater: {
    preparation: t`Tear the leaves.`,
    methodReason: t`Its water takes the most of what swims.`,
    oilLook: t`Green, rose and mint.`,
    hydrosolLook: t`Clear, rose leaf.`,
    hydrosolWorth: t`Very good: skin.`,
    source: t`Rose geranium leaf, for its water, leaves: 0.08–0.2 % fresh, by assay.`,
  },
  cucumber: {
    preparation: t`Wash, slice or blend with its peel, at once.`,
    methodReason: t`Only its water is won, most of it the fruit’s own.`,
    oilLook: t`None to see.`,
    hydrosolLook: t`Clear, green and watery.`,
    hydrosolWorth: t`Good: skin, used within weeks.`,
    source: t`Cucumber: a few hundredths of a gram of aroma a kilogram, an estimate from reviews of its aldehydes.`,
  },
  violet: {
    preparation: t`Whole, at once.`,
    methodReason: t`Only its water is won.`,
    oilLook: t`None to see.`,
    hydrosolLook: t`Clear, green leaf; little of the flower’s scent comes over.`,
    hydrosolWorth: t`Good: skin.`,
    source: t`Sweet violet leaf: an estimate from reviews of its absolute; the flower’s ionones hardly steam over.`,
  },
  lilac: {
    preparation: t`Off the stalks, at once.`,
    methodReason: t`Only its water is won.`,
    oilLook: t`None to see.`,
    hydrosolLook: t`Clear, green more than lilac: heat takes the best of it.`,
    hydrosolWorth: t`Good: skin; scent faint.`,
    source: t`Lilac: an estimate from reviews of the scent over its flowers; no oil is won.`,
  },
};
