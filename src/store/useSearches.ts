import { type SavedSearch, mostSearches } from "@/records/setting";
import { changePreferences } from "./changes";
import { useAppDispatch, useAppSelector } from "./hooks";
import { selectPreferences } from "./selectors";

type Search = Omit<SavedSearch, "list">;

/** The saved searches of one list, the latest first, and how to save and to remove one. */
export function useSearches(list: SavedSearch["list"]) {
  const dispatch = useAppDispatch();
  const { searches = [] } = useAppSelector(selectPreferences);
  return {
    full: searches.length >= mostSearches,
    saved: searches.filter((each) => each.list === list),
    onSave: ({ text, filter, sort, down }: Search) =>
      dispatch(
        changePreferences(({ searches: before = [] }) => {
          const search = { list, text: text.trim().slice(0, 200), filter, sort, down };
          /* A second tap saves nothing twice. */
          const known = before.some((each) => isSame(each, search));
          return known || before.length >= mostSearches ? {} : { searches: [search, ...before] };
        }),
      ),
    onForget: (gone: Search) =>
      dispatch(
        changePreferences(({ searches: before = [] }) => {
          /* By what it is: another tab may have brought the same anew. */
          const left = before.filter((each) => !isSame(each, { list, ...gone }));
          return { searches: left.length > 0 ? left : undefined };
        }),
      ),
  };
}

function isSame(a: SavedSearch, b: SavedSearch): boolean {
  return (["list", "text", "filter", "sort", "down"] as const).every((part) => a[part] === b[part]);
}
