import { t } from "@/language/t";
import type { Bottle } from "@/records/bottle";
import { newCode } from "@/records/codes";
import type { Lot } from "@/records/lot";
import { changeRecord, type Kept } from "../changes";
import { selectBottles, selectLots } from "../selectors";
import type { Thunk } from "../store";

/** A code that nothing else has, for a bottle or a lot whose own stands twice. */
export function giveNewCode(of: Bottle | Lot): Thunk<Kept> {
  return (dispatch, getState) => {
    const root = getState();
    const code = newCode([...selectBottles(root), ...selectLots(root)].map((each) => each.code));
    return dispatch(
      changeRecord(of, (current) => ({ ...current, code }), t`${of.code} is ${code} now.`),
    );
  };
}
