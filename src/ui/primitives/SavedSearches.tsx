import { View } from "react-native";
import { Button } from "./Button";

/** How a list is searched: what is typed, which part of it is shown, by what it is sorted. */
export interface ListSearch {
  text: string;
  filter: string;
  sort: string;
  down: boolean;
}

interface Props {
  saved: readonly ListSearch[];
  /** As the list is searched now, and as it is before anybody searched it. */
  now: ListSearch;
  first: ListSearch;
  nameOf: (search: ListSearch) => string;
  onApply: (search: ListSearch) => void;
  onSave: (search: ListSearch) => void;
  onForget: (search: ListSearch) => void;
}

const same = (a: ListSearch, b: ListSearch) =>
  a.text.trim().toLowerCase() === b.text.trim().toLowerCase() &&
  a.filter === b.filter &&
  a.sort === b.sort &&
  a.down === b.down;

/** The searches of a list that somebody saved, each one tap away; and a button for the one that stands there now. */
export function SavedSearches({ saved, now, first, nameOf, onApply, onSave, onForget }: Props) {
  const chosen = saved.find((each) => same(each, now));
  const isFirst = same(now, first);
  if (saved.length === 0 && isFirst) return null;
  return (
    <View role="group" aria-label="Saved searches" className="flex-row flex-wrap gap-2">
      {saved.map((each) => (
        <Button
          key={JSON.stringify(each)}
          label={nameOf(each)}
          hint={each === chosen ? `${nameOf(each)}: shown now. Show the whole list` : undefined}
          look="quiet"
          size="small"
          lit={each === chosen}
          onPress={() => onApply(each === chosen ? first : each)}
        />
      ))}
      {chosen ? (
        <Button
          label="Remove this search"
          look="plain"
          size="small"
          onPress={() => onForget(chosen)}
        />
      ) : isFirst ? null : (
        <Button label="Save this search" look="plain" size="small" onPress={() => onSave(now)} />
      )}
    </View>
  );
}
