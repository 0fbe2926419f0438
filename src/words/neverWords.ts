import type { WhyNever } from "@/core/plant/neverDistil";
import { t } from "@/language/t";

/** Why a plant is not distilled at home, in a sentence. */
export const neverWords: Record<WhyNever, string> = {
  heart: t`It stops the heart: a splash carried over, its dust or the pot itself can be enough.`,
  nerves: t`It brings on fits or delirium, in small amounts.`,
  womb: t`It has killed women who took it in pregnancy, and burns skin.`,
  cyanide: t`Prussic acid comes over with its oil: the vapour alone can kill.`,
  tumours: t`Its oil causes tumours, and is forbidden in many places.`,
  burnsInside: t`Its oil burns skin, eyes and lungs, or poisons in a spoonful.`,
  deadly: t`It is deadly in small amounts.`,
};
