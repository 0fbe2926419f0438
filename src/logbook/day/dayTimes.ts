import type { Run } from "@/records/run";
import type { DayRecord } from "@/records/day";
import { runState } from "../run/runState";

const minute = 60_000;

/* What a small still asks of one pair of hands, min: judged; a person's own days replace it. */
export const usualHandMinutes = { load: 15, close: 20 } as const;
const betweenMost = 180;
const leastTurns = 2;

/** Minutes from a day's beginning to a clock's time on it; after midnight too, where the day goes on so long. */
export function minutesInto(day: Pick<DayRecord, "from" | "until">, clock: string): number {
  const minutes = minutesOf(clock) - minutesOf(day.from);
  const overNight = minutesOf(day.until) <= minutesOf(day.from);
  return minutes < 0 && overNight ? minutes + 24 * 60 : minutes;
}

/* A clock's hand on the wall is read so closely. */
const step = 5;

/** From when something can still be loaded on a day, min from its beginning: now while it lasts, else its beginning. */
export function fromNow(day: Pick<DayRecord, "on" | "from" | "until">, nowMs: number): number {
  const minutes = (nowMs - beginningOf(day)) / 60_000;
  return minutes > 0 && minutes < lengthOf(day) ? Math.ceil(minutes / step) * step : 0;
}

/** A clock's time, minutes from midnight. */
function minutesOf(clock: string): number {
  const [hours = 0, minutes = 0] = clock.split(":").map(Number);
  return hours * 60 + minutes;
}

/** How long a day is, min; one that ends before it begins ends on the next. */
export function lengthOf({ from, until }: Pick<DayRecord, "from" | "until">): number {
  const length = minutesOf(until) - minutesOf(from);
  return length > 0 ? length : length + 24 * 60;
}

/** The moment at which a day begins, ms. */
export function beginningOf({ on, from }: Pick<DayRecord, "on" | "from">): number {
  return new Date(`${on}T${from}`).getTime();
}

/**
 * How long loading and closing a still take this person, min: the middle of what lay between heat off and the next heat on of the
 * same still on one day, shared out as is usual; the usual while fewer than two such turns are known.
 */
export function handMinutes(
  stillId: string,
  runs: readonly Run[],
): { load: number; close: number; turns: number } {
  const lit = runs
    .filter((run) => run.stillId === stillId)
    .map(({ entries }) => runState(entries))
    .filter(({ litAt }) => litAt !== undefined)
    .sort((a, b) => a.litAt! - b.litAt!);
  const between = lit.flatMap(({ litAt }, i) => {
    const off = lit[i - 1]?.heatOffAt;
    const minutes = off === undefined ? NaN : (litAt! - off) / minute;
    return minutes > 0 && minutes <= betweenMost ? [minutes] : [];
  });
  if (between.length < leastTurns) return { ...usualHandMinutes, turns: between.length };
  const sorted = [...between].sort((a, b) => a - b);
  const middle = sorted[Math.floor((sorted.length - 1) / 2)]!;
  const { load, close } = usualHandMinutes;
  return {
    load: Math.round((middle * load) / (load + close)),
    close: Math.round((middle * close) / (load + close)),
    turns: between.length,
  };
}
