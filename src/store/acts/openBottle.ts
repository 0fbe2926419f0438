import { t } from "@/language/t";
import type { Bottle } from "@/records/bottle";
import { changeRecord, type Kept } from "../changes";
import type { Thunk } from "../store";

/** Notes that a bottle was opened; one that is open already stays opened when it was. */
export function openBottle({ kind, id, code }: Bottle): Thunk<Kept> {
  return (dispatch, getState, { now }) => {
    const bottle = getState().bottle.entities[id];
    if (!bottle) return { ok: false, problem: t`this ${kind} is not in this logbook any more` };
    const at = now().toISOString();
    return dispatch(
      changeRecord(
        bottle,
        (current) => (current.openedAt === undefined ? { ...current, openedAt: at } : current),
        t`${code} is opened.`,
      ),
    );
  };
}
