import { latestKnown, liveRun, type LiveRun } from "@/logbook/run/liveRun";
import type { Run } from "@/records/run";
import type { RunState } from "@/logbook/run/runState";
import { useAppSelector, useInstruments } from "./hooks";

/** Where a run stands at a moment of its own time (ms), with what its probe says; read anew at each tick. */
export function useLiveRun(run: Run, state: RunState, now: number): LiveRun {
  const still = useAppSelector((root) => root.still.entities[run.stillId]);
  const latest = latestKnown(state, useInstruments().latest(run.id));
  return liveRun(run, state, now, { still, latest });
}
