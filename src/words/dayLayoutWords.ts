import type { DayAct } from "@/core/day/acts";
import type { NotThen } from "@/core/day/nearestPlace";
import { isoDay, showTime, showWeekday } from "@/core/units/dates";
import { showDuration, showIce, showRange, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { plural, t } from "@/language/t";
import { moreIceKg, type WhatIf } from "@/logbook/day/dayQuestion";
import type { DayAnswer } from "@/messages/dayMessages";

/** What a moment of a day is called in a list. */
export const dayActWords: Record<DayAct, string> = {
  load: t`Load`,
  lit: t`Heat on`,
  firstDrop: t`First drop`,
  off: t`Heat off`,
  close: t`Empty and rinse`,
  done: t`Empty`,
};

/** The same after its time. */
export const dayActInList: Record<DayAct, string> = {
  load: t`load`,
  lit: t`heat on`,
  firstDrop: t`first drop`,
  off: t`heat off`,
  close: t`empty and rinse`,
  done: t`empty`,
};

/** Why a charge cannot have the time it was put to. */
export const notThenWords: Record<NotThen, string> = {
  notReady: t`It cannot be loaded so early.`,
  stillTaken: t`The still is taken then.`,
  handsBusy: t`All hands are busy then.`,
  mainsFull: t`The fuse bears no more then.`,
  iceMissing: t`There is no ice for it then.`,
};

/** What is otherwise, as a line of a table says it. */
export function whatIfWords(what: WhatIf, units: UnitSystem): string {
  const said: Record<WhatIf, string> = {
    anotherHand: t`Another pair of hands`,
    moreIce: t`${words(showIce(moreIceKg, units))} more ice`,
    anHourEarlier: t`An hour earlier`,
  };
  return said[what];
}

/** What keeps a day from being done in time, and what would help. */
export const dayBlameWords: Record<NonNullable<DayAnswer["limit"]>, string> = {
  watts: t`A charge draws more than the fuse bears on any still. Use less heat, or another fuse.`,
  mains: t`The fuse lets too few stills be on at once. Begin earlier, or use a second fuse.`,
  hands: t`There are too few hands to load and close in time. Ask for a helper, or begin earlier.`,
  ice: t`There is too little ice, or not soon enough. Freeze more the night before.`,
  daylight: t`It is too much for one day. Begin earlier, end later, or leave a charge out.`,
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
    ? t`${told.length} charges lose oil while they wait. The most: ${most.name}, ${share}.`
    : t`${most.name} loses ${share} of its oil while it waits.`;
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
  const on = isoDay(end) === isoDay(beginning) ? "" : t`on ${showWeekday(new Date(end))} `;
  const late = lateMin > 0.5 ? t`${showDuration(lateMin)} late in all` : t`nothing late`;
  return t`${plural(charges, { one: "# charge", other: "# charges" })}, the last still is empty ${on}at ${showTime(end)}, ${late}.`;
}
