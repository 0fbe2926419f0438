import type { WiltingSign } from "@/core/plant/wilting";
import { t } from "@/language/t";
import type { Harvest, TakenAway } from "@/records/harvest";

export const growthWords: Record<NonNullable<Harvest["growth"]>, string> = {
  leaf: t`In leaf`,
  bud: t`In bud`,
  firstFlowers: t`First flowers`,
  fullFlower: t`Full flower`,
  fading: t`Fading`,
  seed: t`In seed`,
};
export const skyWords: Record<NonNullable<Harvest["sky"]>, string> = {
  sun: t`Sun`,
  cloud: t`Cloud`,
  rain: t`Rain`,
};
export const takenAwayWords: Record<TakenAway["what"], string> = {
  stems: t`Stems`,
  pith: t`Pith`,
  spoilt: t`Spoilt`,
  other: t`Something else`,
};
/** So much of it, as it stands in a sentence. */
export const takenAwayAmount: Record<TakenAway["what"], (amount: string) => string> = {
  stems: (amount) => t`${amount} of stems`,
  pith: (amount) => t`${amount} of pith`,
  spoilt: (amount) => t`${amount} of spoilt plant`,
  other: (amount) => t`${amount} of something else`,
};
export const wiltingWords: Record<WiltingSign, { message: string; remedy: string }> = {
  heavier: {
    message: t`It weighs more than before.`,
    remedy: t`Rain, dew, or a slip of the scale? Weigh it again, or let it dry off first.`,
  },
  tooDry: {
    message: t`It is so dry that leaves crumble, and their oil with them.`,
    remedy: t`Distil it soon, and handle it gently over a cloth.`,
  },
  longInHeap: {
    message: t`It has lain for more than a day and is still wet: a heap heats up and moulds.`,
    remedy: t`Spread it thin in the shade, turn it, and distil what smells right.`,
  },
};
