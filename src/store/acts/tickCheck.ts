import { changeRun, type Kept } from "../changes";
import type { Thunk } from "../store";

/** Ticks a check of a run, or takes the tick back. */
export function tickCheck(runId: string, check: string, on: boolean): Thunk<Kept> {
  return (dispatch) =>
    dispatch(
      changeRun(runId, (run) => {
        const others = run.checked.filter((other) => other !== check);
        return { ...run, checked: on ? [...others, check] : others };
      }),
    );
}
