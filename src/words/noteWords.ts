import type { NoteFamily } from "@/core/plant/noteFamilies";
import { t } from "@/language/t";

/** A family of smell in a word. */
export const noteWords: Record<NoteFamily, string> = {
  citrus: t`citrus`,
  resin: t`resin`,
  cool: t`camphor`,
  mint: t`mint`,
  herb: t`herb`,
  flower: t`flower`,
  sweet: t`sweet`,
  rose: t`rose`,
  anise: t`aniseed`,
  spice: t`spice`,
  wood: t`wood`,
  earth: t`earth`,
};
