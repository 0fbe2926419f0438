import type { FoundKind } from "@/logbook/find/findEverything";

/** The headings under which a search lists what it found. */
export const foundWords: Record<FoundKind, string> = {
  run: "Runs",
  lot: "Lots",
  bottle: "Bottles",
  harvest: "Harvests",
  plant: "Plants",
  still: "Stills",
};
