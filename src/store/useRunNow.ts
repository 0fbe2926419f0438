import { useState } from "react";
import type { Run } from "@/records/run";
import { clockSlip, runNow, type TimeSeen } from "@/logbook/run/runClock";

interface Seen {
  tick: number;
  wallNow: number;
  runs: ReadonlyMap<string, TimeSeen>;
}

/**
 * The own time of runs (ms, by their ids) at a tick of the wall's clock, and the wall's beside it. Where the
 * device's clock was put back a run goes on by the page's own clock, so that no reading ever lies ahead of the
 * screen; where a run's clock was set since the last tick, the wall is read anew.
 */
export function useRunsNow(
  runs: readonly Run[],
  tick: number,
): { nows: Record<string, number>; wallNow: number } {
  const [seen, setSeen] = useState<Seen>();
  const current =
    seen?.tick === tick &&
    runs.every(({ id, clock }) => seen.runs.has(id) && seen.runs.get(id)!.clock === clock)
      ? seen
      : look(runs, tick, seen);
  if (current !== seen) setSeen(current);
  return {
    wallNow: current.wallNow,
    nows: Object.fromEntries([...current.runs].map(([id, { runAt }]) => [id, runAt])),
  };
}

/** The own time of one run: see above. */
export function useRunNow(run: Run, tick: number): { now: number; wallNow: number } {
  const { nows, wallNow } = useRunsNow([run], tick);
  return { now: nows[run.id]!, wallNow };
}

function look(runs: readonly Run[], tick: number, before: Seen | undefined): Seen {
  const wallNow = Date.now();
  const pageMs = performance.now();
  return {
    tick,
    wallNow,
    runs: new Map(
      runs.map((run) => {
        const last = before?.runs.get(run.id);
        const slip = last ? clockSlip(run, last, wallNow, pageMs) : 0;
        const runAt = runNow(run, wallNow) - Math.min(0, slip);
        return [run.id, { runAt, pageMs, clock: run.clock }];
      }),
    ),
  };
}
