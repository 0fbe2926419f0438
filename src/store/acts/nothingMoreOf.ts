import { allUsed } from "@/logbook/harvest/harvestLeft";
import type { Harvest } from "@/records/harvest";
import { changeRecord, type Kept } from "../changes";
import { selectRuns } from "../selectors";
import type { Thunk } from "../store";

/** Notes that nothing more of a harvest will be distilled: what is left of it by now is set aside. */
export function nothingMoreOf(harvest: Harvest, label: string): Thunk<Kept> {
  return (dispatch, getState) =>
    dispatch(changeRecord(harvest, (current) => allUsed(current, selectRuns(getState())), label));
}
