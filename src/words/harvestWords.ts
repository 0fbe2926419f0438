import type { WiltingSign } from "@/core/plant/wilting";
import type { Harvest, TakenAway } from "@/records/harvest";

export const growthWords: Record<NonNullable<Harvest["growth"]>, string> = {
  leaf: "In leaf",
  bud: "In bud",
  firstFlowers: "First flowers",
  fullFlower: "Full flower",
  fading: "Fading",
  seed: "In seed",
};
export const skyWords: Record<NonNullable<Harvest["sky"]>, string> = {
  sun: "Sun",
  cloud: "Cloud",
  rain: "Rain",
};
export const takenAwayWords: Record<TakenAway["what"], string> = {
  stems: "Stems",
  pith: "Pith",
  spoilt: "Spoilt",
  other: "Something else",
};
export const wiltingWords: Record<WiltingSign, { message: string; remedy: string }> = {
  heavier: {
    message: "It weighs more than before.",
    remedy: "Rain, dew, or a slip of the scale? Weigh it again, or let it dry off first.",
  },
  tooDry: {
    message: "It is so dry that leaves crumble, and their oil with them.",
    remedy: "Distil it soon, and handle it gently over a cloth.",
  },
  longInHeap: {
    message: "It has lain for more than a day and is still wet: a heap heats up and moulds.",
    remedy: "Spread it thin in the shade, turn it, and distil what smells right.",
  },
};
