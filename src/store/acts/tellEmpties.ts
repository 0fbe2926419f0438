import { emptiesChanged, emptiesMore } from "@/logbook/shelf/empties";
import { newRecord } from "@/records/base";
import type { Empty } from "@/records/empty";
import { changeRecord, keep, type Kept } from "../changes";
import type { Thunk } from "../store";

/**
 * Tells of empty bottles of one sort, or corrects what was told. How many more or fewer there are than stood on the
 * screen is noted as a change of its own: what was filled meanwhile stays filled.
 * @param shown the sort as it was on the screen; absent for a new one
 */
export function tellEmpties(
  shown: Empty | undefined,
  sort: Pick<Empty, "sizeMl" | "glass" | "closure">,
  count: number,
): Thunk<Kept> {
  return (dispatch, _getState, { now }) => {
    const at = now();
    if (!shown) return dispatch(keep({ ...newRecord("empty", at), ...sort, count, changes: [] }));
    const more = emptiesMore(shown, count);
    const why = more > 0 ? "bought" : "counted";
    return dispatch(
      changeRecord(shown, (current) => ({ ...emptiesChanged(current, more, why, at), ...sort })),
    );
  };
}
