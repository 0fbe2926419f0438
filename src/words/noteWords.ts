import type { NoteFamily } from "@/core/plant/noteFamilies";

/** A family of smell in a word. */
export const noteWords: Record<NoteFamily, string> = {
  citrus: "citrus",
  resin: "resin",
  cool: "camphor",
  mint: "mint",
  herb: "herb",
  flower: "flower",
  sweet: "sweet",
  rose: "rose",
  anise: "aniseed",
  spice: "spice",
  wood: "wood",
  earth: "earth",
};
