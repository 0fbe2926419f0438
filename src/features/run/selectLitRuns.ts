import { createSelector } from "@reduxjs/toolkit";
import { runState } from "@/records/runState";
import type { RootState } from "@/store/store";
import { entitiesOf } from "@/store/selectors";

/** The runs whose heat is on, with their state, the latest number first. Cheap: it is asked at each tap. */
export const selectLitRuns = createSelector(
  (state: RootState) => entitiesOf(state, "run"),
  (runs) =>
    Object.values(runs)
      .filter(({ entries, deletedAt }) => entries.length > 0 && !deletedAt)
      .map((run) => ({ run, state: runState(run.entries) }))
      .filter(({ state }) => state.litAt !== undefined && state.heatOffAt === undefined)
      .sort((a, b) => b.run.number - a.run.number),
);
