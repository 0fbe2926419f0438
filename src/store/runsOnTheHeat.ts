import { createSelector } from "@reduxjs/toolkit";
import { runState } from "@/logbook/run/runState";
import { entitiesOf } from "./selectors";
import type { RootState } from "./store";

/* Runs with their states. Cheap, since it is asked at each tap: a log's state is remembered. */
const selectBegun = createSelector(
  (state: RootState) => entitiesOf(state, "run"),
  (runs) =>
    Object.values(runs)
      .filter(({ entries, deletedAt }) => entries.length > 0 && !deletedAt)
      .map((run) => ({ run, state: runState(run.entries) })),
);

/** The runs whose heat is on, with their state, the latest number first. */
export const selectLitRuns = createSelector(selectBegun, (runs) =>
  runs.filter(({ state }) => state.heatOn).sort((a, b) => b.run.number - a.run.number),
);

/** The runs with an instrument on the still, until they are separated. */
export const selectListenedRuns = createSelector(selectBegun, (runs) =>
  runs.filter(({ run, state }) => run.instrument && state.phase !== "done"),
);
