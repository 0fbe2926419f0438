import { beginExercise, type CannotBegin } from "@/logbook/practice/beginExercise";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { nextRunNumber } from "@/records/run";
import type { ExerciseSpec } from "@/records/exercise";
import { keep } from "../changes";
import { selectPreferences, selectRuns } from "../selectors";
import type { Thunk } from "../store";

/** What comes of beginning an exercise: its id, or why it cannot be. */
type Begun = { id: string } | { cannot: CannotBegin } | { problem: string };

/** Keeps an exercise with its still and its run, in the logbook of the practice. */
export function beginPractice(spec: ExerciseSpec, plant: KnownPlant): Thunk<Begun> {
  return (dispatch, getState, { now }) => {
    const state = getState();
    const { site } = selectPreferences(state);
    const number = nextRunNumber(selectRuns(state));
    const begun = beginExercise(spec, plant, { site, number, now: now() });
    if ("cannot" in begun) return begun;
    const { still, run, record } = begun;
    const kept = dispatch(keep(still, run, record));
    return kept.ok ? { id: record.id } : kept;
  };
}
