import { View } from "react-native";
import { t } from "@/language/t";
import { Button } from "./Button";
import { labelOf, type Option } from "./options";
import { Txt } from "./Txt";

/** How a list is searched: what is typed, which part of it is shown, by what it is sorted. */
export interface ListSearch {
  text: string;
  filter: string;
  sort: string;
  down: boolean;
}

interface Props {
  saved: readonly ListSearch[];
  /** There is no room for another. */
  full: boolean;
  /** As the list is searched now, and as it is before anybody searched it. */
  now: ListSearch;
  first: ListSearch;
  filters: readonly Option<string>[];
  sorts: readonly Option<string>[];
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
export function SavedSearches({
  saved,
  full,
  now,
  first,
  onApply,
  onSave,
  onForget,
  ...names
}: Props) {
  const chosen = saved.find((each) => same(each, now));
  const isFirst = same(now, first);
  if (saved.length === 0 && (isFirst || full)) return null;
  return (
    <View role="group" aria-label={t`Saved searches`} className="flex-row flex-wrap gap-2">
      {saved.map((each) => {
        const name = nameOf(each, first, names);
        return (
          <Button
            key={JSON.stringify(each)}
            label={name}
            hint={each === chosen ? t`${name}: shown now. Show the whole list` : undefined}
            look="quiet"
            size="small"
            lit={each === chosen}
            onPress={() => onApply(each === chosen ? first : each)}
          />
        );
      })}
      {chosen ? (
        <Button
          label={t`Remove this search`}
          look="plain"
          size="small"
          onPress={() => onForget(chosen)}
        />
      ) : isFirst ? null : full ? (
        <Txt variant="small">{t`No more searches can be saved. Remove one first.`}</Txt>
      ) : (
        <Button label={t`Save this search`} look="plain" size="small" onPress={() => onSave(now)} />
      )}
    </View>
  );
}

function orderWords(by: string, down: boolean): string {
  return down ? t`${by}, highest first` : t`${by}, lowest first`;
}

/** What of a search differs from the whole list: “juniper” · Oils · Least left. */
function nameOf(
  { text, filter, sort, down }: ListSearch,
  first: ListSearch,
  { filters, sorts }: Pick<Props, "filters" | "sorts">,
): string {
  const typed = text.trim();
  const turned = down !== first.down;
  return [
    typed && `“${typed}”`,
    filter !== first.filter && labelOf(filter, filters),
    turned ? orderWords(labelOf(sort, sorts), down) : sort !== first.sort && labelOf(sort, sorts),
  ]
    .filter(Boolean)
    .join(" · ");
}
