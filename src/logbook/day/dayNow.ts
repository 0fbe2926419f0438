import type { PlacedCharge } from "@/core/day/day";
import type { DayRecord } from "@/records/day";
import type { Run } from "@/records/run";
import { runState, type RunState } from "../run/runState";
import { beginningOf } from "./dayTimes";

const minute = 60_000;

/** A charge of a day as it stands: the run that was made of it, and what has happened of it. */
interface ChargeNow {
  run?: Run;
  state?: RunState;
  /** As it was laid out. */
  planned: PlacedCharge;
  /** As it went so far, and for the rest as it will go from there; the same as planned while it is not lit. */
  went: PlacedCharge;
}

/** How a laid-out day stands at a moment. */
export interface DayNow {
  charges: ChargeNow[];
  /** Something went otherwise than it was laid out: what has not been lit can be laid out anew. */
  slipped: boolean;
  /** A charge is lit, or has been. */
  begun: boolean;
  /** When the last still is empty, min from the day's beginning, and how late all charges are together. */
  endMin: number;
  lateMin: number;
}

/* A clock's hand on the wall is not read closer. */
const slack = 5;

/** The run that was made of a charge of a day. */
function runOfCharge(
  day: Pick<DayRecord, "id">,
  chargeId: string,
  runs: readonly Run[],
): Run | undefined {
  return runs.find(({ draft }) => draft?.dayId === day.id && draft.dayCharge === chargeId);
}

/** A day against its runs: what is lit or done lies where it went, and an unlit charge no earlier than now. */
export function dayNow(day: DayRecord, runs: readonly Run[], nowMs: number): DayNow {
  const beginning = beginningOf(day);
  const into = (at: number) => (at - beginning) / minute;
  const nowMin = into(nowMs);
  let slipped = false;
  const charges = day.placed.map(({ held: _, ...planned }): ChargeNow => {
    const run = runOfCharge(day, planned.id, runs);
    const state = run && runState(run.entries);
    const on = day.charges.find(({ id }) => id === planned.id)?.on;
    /* Planned on another still than laid out, it lies where it is. */
    const still = run && on?.[run.stillId] ? run.stillId : planned.still;
    const takes = on?.[still];
    if (!state || state.litAt === undefined || !takes) {
      if (nowMin > planned.litMin + slack && nowMin < planned.doneMin + 24 * 60) slipped = true;
      return { planned, went: planned, ...(run ? { run } : {}), ...(state ? { state } : {}) };
    }
    const litMin = into(state.litAt);
    const firstDropMin =
      state.firstDropAt === undefined
        ? Math.max(litMin + takes.heatMin, nowMin)
        : into(state.firstDropAt);
    const offMin =
      state.heatOffAt === undefined
        ? Math.max(firstDropMin + takes.runMin, nowMin)
        : into(state.heatOffAt);
    const went = {
      ...planned,
      still,
      loadMin: Math.min(planned.loadMin, litMin - takes.loadMin),
      litMin,
      firstDropMin: Math.min(firstDropMin, offMin),
      offMin,
      closeMin: Math.max(offMin, planned.closeMin),
      doneMin: Math.max(offMin, planned.closeMin) + takes.closeMin,
    };
    if (Math.abs(went.litMin - planned.litMin) > slack || Math.abs(offMin - planned.offMin) > slack)
      slipped = true;
    return { run, state, planned, went };
  });
  return {
    charges,
    slipped,
    begun: charges.some(({ state }) => state?.litAt !== undefined),
    endMin: Math.max(0, ...charges.map(({ went }) => went.doneMin)),
    lateMin: charges.reduce((sum, { went: { id, doneMin } }) => {
      const { dueMin = Infinity } = day.charges.find((each) => each.id === id) ?? {};
      return sum + Math.max(0, doneMin - dueMin);
    }, 0),
  };
}

/** What keeps its place when the rest is laid out anew: what is lit or done as it went, what is held as it is held. */
export function keptOf(day: DayRecord, now: DayNow): PlacedCharge[] {
  return now.charges.flatMap(({ state, went }) => {
    const held = day.placed.find(({ id }) => id === went.id)?.held;
    return state?.litAt !== undefined || held ? [onFloor(went)] : [];
  });
}

/* A charge that was lit before the day began is one of the day from its beginning on. */
function onFloor(placed: PlacedCharge): PlacedCharge {
  const floor = (minutes: number) => Math.max(0, minutes);
  return {
    ...placed,
    loadMin: floor(placed.loadMin),
    litMin: floor(placed.litMin),
    firstDropMin: floor(placed.firstDropMin),
    offMin: floor(placed.offMin),
    closeMin: floor(placed.closeMin),
    doneMin: floor(placed.doneMin),
  };
}
