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
    saved: searches.filter((each) => each.list === list),
    onSave: ({ text, filter, sort, down }: Search) =>
      dispatch(
        changePreferences(({ searches: before = [] }) => ({
          searches: [
            { list, text: text.trim().slice(0, 200), filter, sort, down },
            ...before,
          ].slice(0, mostSearches),
        })),
      ),
    onForget: (gone: Search) =>
      dispatch(
        changePreferences(({ searches: before = [] }) => {
          const left = before.filter((each) => each !== gone);
          return { searches: left.length > 0 ? left : undefined };
        }),
      ),
  };
}
