import { plural, t } from "@/language/t";
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
    if (changed.length === 0) return { ok: false, problem: t`nothing is left of what is ticked` };
    return dispatch(
      keepUndoable(
        t`Nothing more of ${plural(changed.length, { one: "# harvest", other: "# harvests" })}.`,
        changed,
      ),
    );
  };
}

/** Deletes several harvests as one step; they can be brought back for thirty days. */
export function binHarvests(ids: readonly string[]): Thunk<Kept> {
  return (dispatch, getState) => {
    const gone = selectHarvests(getState()).filter(({ id }) => ids.includes(id));
    if (gone.length === 0) return { ok: false, problem: t`no harvest is chosen` };
    return dispatch(
      bin(t`${plural(gone.length, { one: "# harvest", other: "# harvests" })} deleted.`, gone),
    );
  };
}
