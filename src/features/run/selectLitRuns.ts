import { createSelector } from "@reduxjs/toolkit";
import { runState } from "@/records/runState";
import { selectRuns } from "@/store/selectors";

/** The runs whose heat is on, with their state. */
export const selectLitRuns = createSelector(selectRuns, (runs) =>
  runs
    .filter(({ entries }) => entries.length > 0)
    .map((run) => ({ run, state: runState(run.entries) }))
    .filter(({ state }) => state.litAt !== undefined && state.heatOffAt === undefined),
);
