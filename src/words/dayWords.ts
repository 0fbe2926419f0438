import type { DayLimit } from "@/core/day/blame";
import { showDuration } from "@/core/units/format";
import { t } from "@/language/t";

/** Why a day cannot be met, with what would help. */
export function dayLimitWords(told: DayLimit): string {
  switch (told.limit) {
    case "watts":
      return t`mainsW: charge ${told.chargeId} draws ${told.watts} W on any still, more than may be on. Use less heat or another fuse.`;
    case "mains":
      return t`mainsW: with these watts the last still is closed after ${showDuration(told.endMin)}, too late. Begin earlier, or put one still on another fuse.`;
    case "hands":
      return t`hands: there are too few to load and close in time. Ask for a helper, or begin earlier.`;
    case "ice":
      return t`ice: ${Math.ceil(told.needsKg)} kg are needed, ${Math.floor(told.thereKg)} kg are there by the end, or not soon enough. Make more before, or cool with the tap.`;
    case "daylight":
      return t`until: the last still is closed after ${showDuration(told.endMin)} at the soonest. Begin earlier, end later, or leave a charge for another day.`;
  }
}
