import { counted } from "@/core/units/format";
import { runState } from "@/logbook/run/runState";
import type { Run } from "@/records/run";
import { bin, keepUndoable, type Kept } from "../changes";
import { selectRuns } from "../selectors";
import type { Thunk } from "../store";

/** Leaves several runs out of what own runs teach, or counts them in again, as one step. */
export function leaveRunsOut(ids: readonly string[], out: boolean): Thunk<Kept> {
  return (dispatch, getState) => {
    const changed = selectRuns(getState())
      .filter(({ id, notToLearn = false }) => ids.includes(id) && notToLearn !== out)
      .map((run): Run => ({ ...run, notToLearn: out ? true : undefined }));
    if (changed.length === 0)
      return { ok: false, problem: out ? "they are left out already" : "none of them is left out" };
    const said = out ? "left out of learning" : "counted in again";
    return dispatch(keepUndoable(`${counted(changed.length, "run")} ${said}.`, changed));
  };
}

/** Deletes several runs as one step; they can be brought back for thirty days. */
export function binRuns(ids: readonly string[]): Thunk<Kept> {
  return (dispatch, getState) => {
    const gone = selectRuns(getState()).filter(({ id }) => ids.includes(id));
    if (gone.length === 0) return { ok: false, problem: "no run is chosen" };
    /* With the run its alarms would go. */
    const hot = gone.find(({ entries }) => runState(entries).heatOn);
    if (hot) return { ok: false, problem: `run ${hot.number} is on the heat` };
    return dispatch(bin(`${counted(gone.length, "run")} deleted.`, gone));
  };
}
