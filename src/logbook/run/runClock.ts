import type { Run } from "@/records/run";

/** A run's own time at a moment of the wall clock, both in milliseconds. */
export function runNow({ clock }: Pick<Run, "clock">, wallNow: number): number {
  if (!clock) return wallNow;
  return Date.parse(clock.runAt) + (wallNow - Date.parse(clock.wallAt)) * clock.speed;
}

/* Clocks are set by a second now and then, and nobody minds. */
const slipMs = 20000;

/** Where a run's time stood, by a clock of the page that nobody can set (both in milliseconds). */
export interface TimeSeen {
  runAt: number;
  pageMs: number;
  /** The clock it was read by: one that was set since, by a tap or in another tab, has not slipped. */
  clock?: Run["clock"];
}

/**
 * By how much the device's clock has slipped since a run's time was last seen, in milliseconds of
 * the run: below 0 when it was put back, above 0 when it was put forward or the device slept. 0 for
 * what no run would notice.
 */
export function clockSlip(
  run: Pick<Run, "clock">,
  seen: TimeSeen,
  wallNow: number,
  pageMs: number,
): number {
  if (!sameClock(run.clock, seen.clock)) return 0;
  const expected = seen.runAt + (pageMs - seen.pageMs) * (run.clock?.speed ?? 1);
  const slip = runNow(run, wallNow) - expected;
  return Math.abs(slip) > slipMs ? slip : 0;
}

function sameClock(a: Run["clock"], b: Run["clock"]): boolean {
  return a?.wallAt === b?.wallAt && a?.runAt === b?.runAt && a?.speed === b?.speed;
}

/** The clock by which a run goes on from a moment of its own, whatever the device's clock says. */
export function clockFrom(
  run: Pick<Run, "clock">,
  runAt: number,
  wallNow: number,
): NonNullable<Run["clock"]> {
  return {
    wallAt: new Date(wallNow).toISOString(),
    runAt: new Date(runAt).toISOString(),
    speed: run.clock?.speed ?? 1,
  };
}
