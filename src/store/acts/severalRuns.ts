import { plural, t } from "@/language/t";
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
      return {
        ok: false,
        problem: out ? t`they are left out already` : t`none of them is left out`,
      };
    const said = out ? t`left out of learning` : t`counted in again`;
    return dispatch(
      keepUndoable(
        `${plural(changed.length, { one: "# run", other: "# runs" })} ${said}.`,
        changed,
      ),
    );
  };
}

/** Deletes several runs as one step; they can be brought back for thirty days. */
export function binRuns(ids: readonly string[]): Thunk<Kept> {
  return (dispatch, getState) => {
    const gone = selectRuns(getState()).filter(({ id }) => ids.includes(id));
    if (gone.length === 0) return { ok: false, problem: t`no run is chosen` };
    /* With the run its alarms would go. */
    const hot = gone.find(({ entries }) => runState(entries).heatOn);
    if (hot) return { ok: false, problem: t`run ${hot.number} is on the heat` };
    return dispatch(
      bin(t`${plural(gone.length, { one: "# run", other: "# runs" })} deleted.`, gone),
    );
  };
}
