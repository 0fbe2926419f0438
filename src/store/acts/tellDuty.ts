import { newRecord } from "@/records/base";
import type { Duty } from "@/records/duty";
import { keepUndoable, type Kept } from "../changes";
import { selectDuties } from "../selectors";
import type { Thunk } from "../store";

/** Notes what was done of something due, or until when it is put off. */
export function tellDuty(
  of: string,
  told: Partial<Pick<Duty, "doneAt" | "putOffUntil">>,
  label: string,
): Thunk<Kept> {
  return (dispatch, getState, { now }) => {
    const before = selectDuties(getState()).find((duty) => duty.of === of);
    return dispatch(
      keepUndoable(label, [{ ...(before ?? newRecord("duty", now())), of, ...told }]),
    );
  };
}
