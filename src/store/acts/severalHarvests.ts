import { counted } from "@/core/units/format";
import { allUsed, harvestLeftG } from "@/logbook/harvest/harvestLeft";
import { bin, keepUndoable, type Kept } from "../changes";
import { selectHarvests, selectRuns } from "../selectors";
import type { Thunk } from "../store";

/** Sets aside what is left of several harvests, as one step: nothing more of them will be distilled. */
export function nothingMoreOfThese(ids: readonly string[]): Thunk<Kept> {
  return (dispatch, getState) => {
    const runs = selectRuns(getState());
    const changed = selectHarvests(getState())
      .filter((harvest) => ids.includes(harvest.id) && harvestLeftG(harvest, runs) > 0)
      .map((harvest) => allUsed(harvest, runs));
    if (changed.length === 0) return { ok: false, problem: "nothing is left of what is ticked" };
    return dispatch(
      keepUndoable(`Nothing more of ${counted(changed.length, "harvest")}.`, changed),
    );
  };
}

/** Deletes several harvests as one step; they can be brought back for thirty days. */
export function binHarvests(ids: readonly string[]): Thunk<Kept> {
  return (dispatch, getState) => {
    const gone = selectHarvests(getState()).filter(({ id }) => ids.includes(id));
    if (gone.length === 0) return { ok: false, problem: "no harvest is chosen" };
    return dispatch(bin(`${counted(gone.length, "harvest")} deleted.`, gone));
  };
}
