import { makeReady, type Ready } from "@/logbook/plan/makeReady";
import { keep } from "../changes";
import { selectHarvests, selectRuns, selectStills, selectTrials } from "../selectors";
import type { Thunk } from "../store";

/** What the plan's screen worked out; the records it hangs on are read as they are by then. */
type Planned = Omit<Ready, "still" | "harvest" | "runs" | "harvests" | "trials" | "now"> & {
  stillId: string;
};

/** Keeps the run of a charge that is ready to load, its harvest and its place in a trial. */
export function makeChargeReady({ stillId, ...planned }: Planned): Thunk<{ runId?: string }> {
  return (dispatch, getState, { now }) => {
    const state = getState();
    const still = selectStills(state).find(({ id }) => id === stillId);
    if (!still) return {};
    const harvests = selectHarvests(state);
    const { run, records } = makeReady({
      ...planned,
      still,
      harvest: harvests.find(({ id }) => id === planned.draft.harvestId),
      harvests,
      runs: selectRuns(state),
      trials: selectTrials(state).filter(({ closedAt }) => !closedAt),
      now: now(),
    });
    return dispatch(keep(...records)).ok ? { runId: run.id } : {};
  };
}
