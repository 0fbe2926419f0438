import type { Still } from "@/records/still";
import { changeRecord, type Kept } from "../changes";
import type { Thunk } from "../store";

/** Notes that a check does not exist on a still, so that no later run asks for it. */
export function leaveOut(still: Still, check: string): Thunk<Kept> {
  return (dispatch) =>
    dispatch(
      changeRecord(still, (current) =>
        current.notHere?.includes(check)
          ? current
          : { ...current, notHere: [...(current.notHere ?? []), check] },
      ),
    );
}

/** Has all the checks of a still asked again that were left out. */
export function askAgain(still: Still): Thunk<Kept> {
  return (dispatch) => dispatch(changeRecord(still, ({ notHere: _, ...current }) => current));
}
