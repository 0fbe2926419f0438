import type { DayAct } from "@/core/day/acts";
import type { NotThen } from "@/core/day/nearestPlace";
import { showTime } from "@/core/units/dates";
import { counted, showDuration } from "@/core/units/format";
import type { WhatIf } from "@/logbook/day/dayQuestion";
import type { DayAnswer } from "@/messages/dayMessages";

/** What a moment of a day is called in a list. */
export const dayActWords: Record<DayAct, string> = {
  load: "Load",
  lit: "Heat on",
  firstDrop: "First drop",
  off: "Heat off",
  close: "Empty and rinse",
  done: "Clear",
};

/** Why a charge does not lie where it was put. */
export const notThenWords: Record<NotThen, string> = {
  notReady: "It is not ready before.",
  stillTaken: "The still is taken then.",
  handsBusy: "All hands are busy then.",
  mainsFull: "The fuse bears no more then.",
  iceMissing: "There is no ice for it then.",
};

export const whatIfWords: Record<WhatIf, string> = {
  oneStillLess: "One still less",
  anotherHand: "Another pair of hands",
  moreIce: "5 kg more ice",
  anHourEarlier: "An hour earlier",
};

/** What keeps a day from being done in time, and what would help. */
export const dayBlameWords: Record<NonNullable<DayAnswer["limit"]>, string> = {
  watts: "A charge draws more than the fuse bears on any still. Use less heat, or another fuse.",
  mains: "The fuse lets too few stills be on at once. Begin earlier, or use a second fuse.",
  hands: "There are too few hands to load and close in time. Ask for a helper, or begin earlier.",
  ice: "There is too little ice, or not soon enough. Freeze more the night before.",
  daylight: "It is too much for one day. Begin earlier, end later, or leave a charge out.",
};

/** When a day ends, how full it is, and what is late. */
export function dayEndWords(
  { charges, endMin, lateMin }: { charges: number; endMin: number; lateMin: number },
  beginning: number,
): string {
  const late = lateMin > 0.5 ? `${showDuration(lateMin)} late in all` : "nothing late";
  return `${counted(charges, "charge")}, the last still clear at ${showTime(beginning + endMin * 60_000)}, ${late}.`;
}
