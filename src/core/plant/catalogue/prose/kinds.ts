import { t } from "@/language/t";
import type { PlantProse } from "../../plantProse";

export const kinds: Record<string, Partial<PlantProse>> = {
  thymelinalool: {
    oilLook: t`Pale, mild, flower and herb.`,
    hydrosolLook: t`Clear, mild, flower and herb.`,
    hydrosolWorth: t`Very good: skin and kitchen; not hot.`,
  },
  thymegeraniol: {
    oilLook: t`Pale, rose and lemon.`,
    hydrosolLook: t`Clear, rose and herb.`,
    hydrosolWorth: t`Very good: skin and kitchen; not hot.`,
  },
  rosemarycamphor: {
    oilLook: t`Clear, hard camphor.`,
    hydrosolWorth: t`Good: hair.`,
  },
  rosemaryverbenone: {
    oilLook: t`Pale, soft and resinous.`,
    hydrosolWorth: t`Good: hair, and the kitchen by the spoonful (camphor).`,
  },
  basilestragole: {
    oilLook: t`Pale, sweet aniseed.`,
    hydrosolWorth: t`Fair: rooms and cleaning; not for the kitchen (estragole).`,
  },
  yarrowcamphor: {
    oilLook: t`Pale, camphor, not blue.`,
  },
  frankincenseoctyl: {
    oilLook: t`Pale yellow, orange peel and incense.`,
    hydrosolLook: t`Milky, orange and incense.`,
  },
  wormwoodchrysanthenyl: {
    oilLook: t`Green to brown, softer.`,
  },
};
