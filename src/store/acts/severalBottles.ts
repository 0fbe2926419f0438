import { plural, t } from "@/language/t";
import { leftInBottle } from "@/logbook/shelf/bottleLevel";
import { newRecord } from "@/records/base";
import type { Bottle, Use, UseWay } from "@/records/bottle";
import { keepUndoable, type Kept } from "../changes";
import { selectBottles, selectUses } from "../selectors";
import type { Thunk } from "../store";

/** Puts several bottles where they stand now, as one step. */
export function moveBottles(
  ids: readonly string[],
  { storage, place }: Pick<Bottle, "storage" | "place">,
): Thunk<Kept> {
  return (dispatch, getState) => {
    const moved = selectBottles(getState())
      .filter(({ id }) => ids.includes(id))
      .map((bottle): Bottle => ({ ...bottle, storage, place: place?.trim() || undefined }));
    if (moved.length === 0) return { ok: false, problem: t`no bottle is chosen` };
    return dispatch(
      keepUndoable(
        t`${plural(moved.length, { one: "# bottle", other: "# bottles" })} moved.`,
        moved,
      ),
    );
  };
}

/** Takes all that is left out of several bottles, as one step: used up, given away, thrown away. */
export function emptyBottles(
  ids: readonly string[],
  { way, purpose }: { way: UseWay; purpose: string },
): Thunk<Kept> {
  return (dispatch, getState, { now }) => {
    const at = now();
    const uses = selectUses(getState());
    const taken = selectBottles(getState())
      .filter(({ id }) => ids.includes(id))
      .flatMap((bottle): Use[] => {
        const amountMl = leftInBottle(bottle, uses);
        if (!(amountMl > 1e-9)) return [];
        return [
          {
            ...newRecord("use", at),
            bottleId: bottle.id,
            at: at.toISOString(),
            amountMl,
            purpose,
            ...(way === "used" ? {} : { way }),
          },
        ];
      });
    if (taken.length === 0) return { ok: false, problem: t`nothing is left in what is chosen` };
    return dispatch(
      keepUndoable(
        t`${plural(taken.length, { one: "# bottle", other: "# bottles" })} emptied.`,
        taken,
      ),
    );
  };
}
