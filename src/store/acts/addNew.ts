import { t } from "@/language/t";
import type { AnyRecord } from "@/records/record";
import { keep, keepUndoable, type Kept } from "../changes";
import { entitiesOf } from "../selectors";
import type { Thunk } from "../store";

/** Adds records that are not in the logbook yet, as one step; with a label it can be taken back. */
export function addNew(records: AnyRecord[], label?: string): Thunk<Kept> {
  return (dispatch, getState) => {
    const state = getState();
    if (records.some(({ kind, id }) => entitiesOf(state, kind)[id]))
      return { ok: false, problem: t`this is in the logbook already` };
    return dispatch(label === undefined ? keep(...records) : keepUndoable(label, records));
  };
}
