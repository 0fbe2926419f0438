import { momentsOf, type DayMoment } from "@/core/day/acts";
import type { DayRecord } from "@/records/day";
import type { Run } from "@/records/run";
import { dayNow } from "./dayNow";
import { beginningOf } from "./dayTimes";

/** Something that is to be done yet on a day that is laid out. */
export interface Coming extends DayMoment {
  /** When, ms. */
  at: number;
  plantId: string | undefined;
  /** The charge is on the heat, or has been: its own run tells what is next. */
  lit: boolean;
}

/* What was due a moment ago is still to be done. */
const justNow = 60_000;

/** What is to come of a day, the next first; that a still is clear is not something to do. */
export function comingOfDay(day: DayRecord, runs: readonly Run[], nowMs: number): Coming[] {
  const beginning = beginningOf(day);
  const { charges } = dayNow(day, runs, nowMs);
  return momentsOf(charges.map(({ went }) => went)).flatMap((moment) => {
    const at = beginning + moment.atMin * 60_000;
    if (moment.act === "done" || at < nowMs - justNow) return [];
    const heapId = day.charges.find(({ id }) => id === moment.charge.id)?.heapId;
    const state = charges.find(({ went }) => went.id === moment.charge.id)?.state;
    return [
      {
        ...moment,
        at,
        plantId: day.heaps.find(({ id }) => id === heapId)?.plantId,
        lit: state?.litAt !== undefined,
      },
    ];
  });
}
