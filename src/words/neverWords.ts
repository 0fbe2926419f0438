import type { WhyNever } from "@/core/plant/neverDistil";

/** Why a plant is not distilled at home, in a sentence. */
export const neverWords: Record<WhyNever, string> = {
  heart: "It stops the heart: a splash carried over, its dust or the pot itself can be enough.",
  nerves: "It brings on fits or delirium, in small amounts.",
  womb: "It has killed women who took it in pregnancy, and burns skin.",
  cyanide: "Prussic acid comes over with its oil: the vapour alone can kill.",
  tumours: "Its oil causes tumours, and is forbidden in many places.",
  burnsInside: "Its oil burns skin, eyes and lungs, or poisons in a spoonful.",
  deadly: "It is deadly in small amounts.",
};
