import { useMemo } from "react";
import { latestKnown, liveRun } from "@/logbook/run/liveRun";
import type { Plant } from "@/core/plant/plant";
import type { Still } from "@/records/still";
import type { Run } from "@/records/run";
import { type RunState } from "@/logbook/run/runState";
import { type Instrument } from "./instrument/useInstrument";
import { useWatched } from "./useWatched";

/** How often what is computed of a run follows its clock. */
export const stepMs = 5000;

/**
 * Where a run stands and what comes: its state by the log, its forecast narrowed by what was read, and what a
 * reading speaks against.
 * @param now the run's own time, ms since 1970
 */
export function useLive(
  run: Run,
  now: number,
  state: RunState,
  still: Still | undefined,
  probe: Instrument["latest"],
  plant: Plant | undefined,
) {
  const latest = useMemo(() => latestKnown(state, probe), [state, probe]);
  const step = Math.floor(now / stepMs) * stepMs;
  const since =
    state.firstDropAt === undefined ? 0 : Math.max(0, (step - state.firstDropAt) / 60000);
  const first = useMemo(
    () => liveRun(run, state, step, { still, latest }),
    [run, state, step, still, latest],
  );
  const end = first.live ? since + first.live.minutesToHeatOff : run.plan.forecast.runMinutes;
  const watched = useWatched(run, state, latest, step, end, plant);
  const notExplained = Boolean(watched?.doubts.length);
  const live = useMemo(
    () => (notExplained ? liveRun(run, state, step, { still, latest, notExplained }) : first),
    [notExplained, first, run, state, step, still, latest],
  );
  return { latest, step, since, live, watched, hasForecast: first.live !== undefined };
}
