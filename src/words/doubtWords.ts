import type { Doubt } from "@/core/run/watchedRun";
import { t } from "@/language/t";

/** What usually does it when no played run explains what is seen. */
export const doubtWords: Record<Doubt, string> = {
  lessSteam: t`Less comes over than any played run gives. Usually a leak, less heat than said, or steam that found a channel and condenses on the lid.`,
  moreSteam: t`More comes over than the heat should give. Usually the power is higher than said.`,
  slowToBoil: t`It took longer to boil. Usually more or colder water, a lower heat, or a draught.`,
  quickToBoil: t`It boiled sooner. Usually less water than planned: mind the dry line.`,
  slowFirstDrop: t`The first drop was late. Usually a wetter or heavier charge, steam that leaks, or a cold head.`,
  lessOil: t`Less oil shows than any played run gives. Usually channelling, old plant, or oil on the glass and in the jar before.`,
  moreOil: t`More oil shows than expected. A good year, or a richer plant than the book's.`,
};
