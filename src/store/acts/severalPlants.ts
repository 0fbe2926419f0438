import { plural, t } from "@/language/t";
import { mostFavourites } from "@/records/setting";
import { bin, changePreferences, type Kept } from "../changes";
import { selectPreferences } from "../selectors";
import type { Thunk } from "../store";

/** Puts plants first in every list of plants, or no more. */
export function markFavourites(ids: readonly string[], on: boolean): Thunk<Kept> {
  return (dispatch, getState) => {
    const { favourites = [] } = selectPreferences(getState());
    const others = favourites.filter((id) => !ids.includes(id));
    const next = on ? [...ids, ...others] : others;
    if (next.length > mostFavourites)
      return { ok: false, problem: t`there is room for ${mostFavourites} favourites` };
    return dispatch(changePreferences({ favourites: next.length > 0 ? next : undefined }));
  };
}

/**
 * Deletes the own figures of several plants of the book, as one step; they can be brought back for thirty days.
 * @param materialIds the records of own figures
 */
export function binOwnFigures(materialIds: readonly string[]): Thunk<Kept> {
  return (dispatch, getState) => {
    const { entities } = getState().material;
    const gone = materialIds.flatMap((id) => entities[id] ?? []);
    if (gone.length === 0) return { ok: false, problem: t`none of them has figures of your own` };
    return dispatch(
      bin(
        t`Own figures of ${plural(gone.length, { one: "# plant", other: "# plants" })} deleted.`,
        gone,
      ),
    );
  };
}
