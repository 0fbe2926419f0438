import { t } from "@/language/t";
import type { FoundKind } from "@/logbook/find/findEverything";

/** The headings under which a search lists what it found. */
export const foundWords: Record<FoundKind, string> = {
  run: t`Runs`,
  lot: t`Lots`,
  bottle: t`Bottles`,
  harvest: t`Harvests`,
  plant: t`Plants`,
  still: t`Stills`,
};
