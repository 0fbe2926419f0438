import type { DayAct } from "@/core/day/acts";
import type { NotThen } from "@/core/day/nearestPlace";
import { isoDay, showTime, showWeekday } from "@/core/units/dates";
import { counted, showDuration, showIce, showRange, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { moreIceKg, type WhatIf } from "@/logbook/day/dayQuestion";
import type { DayAnswer } from "@/messages/dayMessages";

/** What a moment of a day is called in a list. */
export const dayActWords: Record<DayAct, string> = {
  load: "Load",
  lit: "Heat on",
  firstDrop: "First drop",
  off: "Heat off",
  close: "Empty and rinse",
  done: "Empty",
};

/** Why a charge cannot have the time it was put to. */
export const notThenWords: Record<NotThen, string> = {
  notReady: "It cannot be loaded so early.",
  stillTaken: "The still is taken then.",
  handsBusy: "All hands are busy then.",
  mainsFull: "The fuse bears no more then.",
  iceMissing: "There is no ice for it then.",
};

/** What is otherwise, as a line of a table says it. */
export function whatIfWords(what: WhatIf, units: UnitSystem): string {
  const said: Record<WhatIf, string> = {
    anotherHand: "Another pair of hands",
    moreIce: `${words(showIce(moreIceKg, units))} more ice`,
    anHourEarlier: "An hour earlier",
  };
  return said[what];
}

/** What keeps a day from being done in time, and what would help. */
export const dayBlameWords: Record<NonNullable<DayAnswer["limit"]>, string> = {
  watts: "A charge draws more than the fuse bears on any still. Use less heat, or another fuse.",
  mains: "The fuse lets too few stills be on at once. Begin earlier, or use a second fuse.",
  hands: "There are too few hands to load and close in time. Ask for a helper, or begin earlier.",
  ice: "There is too little ice, or not soon enough. Freeze more the night before.",
  daylight: "It is too much for one day. Begin earlier, end later, or leave a charge out.",
};

/* Less is not worth a word. */
const worthTelling = 0.05;

/** What waiting costs: of one charge, or of how many and which the most; undefined where that is little. */
export function waitingWords(
  waits: readonly { name: string; lost: { low: number; high: number } | undefined }[],
): string | undefined {
  const told = waits
    .flatMap(({ name, lost }) => (lost && lost.high >= worthTelling ? [{ name, lost }] : []))
    .sort((a, b) => b.lost.high - a.lost.high);
  const [most] = told;
  if (!most) return undefined;
  const share = lostShareWords(most.lost);
  return told.length > 1
    ? `${told.length} charges lose oil while they wait. The most: ${most.name}, ${share}.`
    : `${most.name} loses ${share} of its oil while it waits.`;
}

/** A share that is lost, as a range in per cent. */
export function lostShareWords({ low, high }: { low: number; high: number }): string {
  return `${showRange(100 * low, 100 * high)} %`;
}

/** When a day ends, how full it is, and what is late. */
export function dayEndWords(
  { charges, endMin, lateMin }: { charges: number; endMin: number; lateMin: number },
  beginning: number,
): string {
  const end = beginning + endMin * 60_000;
  /* What ends on another day than it began on says which. */
  const on = isoDay(end) === isoDay(beginning) ? "" : `on ${showWeekday(new Date(end))} `;
  const late = lateMin > 0.5 ? `${showDuration(lateMin)} late in all` : "nothing late";
  return `${counted(charges, "charge")}, the last still is empty ${on}at ${showTime(end)}, ${late}.`;
}
