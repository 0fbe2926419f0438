import { memo, type ReactNode, useCallback, useEffect, useState } from "react";
import { View } from "react-native";
import { plural, t } from "@/language/t";
import { type Shelved } from "@/logbook/shelf/shelf";
import { lotName } from "@/logbook/shelf/lotName";
import { readCode } from "@/records/codes";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectStock } from "@/store/stock";
import { useSearches } from "@/store/useSearches";
import { Choice } from "@/ui/primitives/Choice";
import { Row } from "@/ui/primitives/Row";
import { SavedSearches } from "@/ui/primitives/SavedSearches";
import { pick } from "@/ui/primitives/options";
import { Select } from "@/ui/primitives/Select";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { lotWords } from "@/words/lotWords";
import { filters, sorts, type ShelfView } from "./findBottles";

/** Finds, sorts and filters what stands on the shelf, and keeps searches by name. */
export function ShelfSearch({
  view,
  searched,
  items,
  onChange,
  children,
}: {
  view: ShelfView;
  /** What the shelf is searched for by now: typing is answered first. */
  searched: string;
  items: readonly Shelved[];
  onChange: (change: Partial<ShelfView>) => void;
  children?: ReactNode;
}) {
  const searches = useSearches("shelf");
  /* The search's field begins anew with a search that was saved. */
  const [applied, setApplied] = useState(0);
  const find = useCallback((next: string) => onChange({ text: next }), [onChange]);
  return (
    <>
      <View className="flex-row items-end gap-3">
        <View className="min-w-0 flex-[3]">
          <FindField key={applied} start={view.text} onChange={find} />
        </View>
        <View className="min-w-0 flex-[2]">
          <Select
            label={t`Sort by`}
            options={[...sorts]}
            value={view.sort}
            onChange={(sort) => onChange({ sort })}
          />
        </View>
      </View>
      <CodeHint typed={searched} />
      <View className="flex-row flex-wrap gap-x-6 gap-y-2">
        <Choice
          label={t`Show`}
          options={filters.map(({ value, label }) => ({
            value,
            label:
              value === "all"
                ? `${label} ${items.length}`
                : value === "due"
                  ? `${label} ${items.filter(({ due }) => due).length}`
                  : label,
          }))}
          value={view.filter}
          onChange={(filter) => onChange({ filter })}
        />
        {children}
      </View>
      <SavedSearches
        {...searches}
        now={{ text: view.text, filter: view.filter, sort: view.sort, down: false }}
        first={{ text: "", filter: "all", sort: "due", down: false }}
        filters={filters}
        sorts={sorts}
        onApply={(search) => {
          setApplied(applied + 1);
          onChange({
            text: search.text,
            filter: pick(search.filter, filters),
            sort: pick(search.sort, sorts),
          });
        }}
      />
    </>
  );
}

/* A thumb is slower than this; a shelf of thousands is not asked for each letter of a word. */
const restMs = 120;

/** The search's field: it answers at once by itself, and tells what was typed when the typing rests. */
function FindField({ start, onChange }: { start: string; onChange: (text: string) => void }) {
  const [typed, setTyped] = useState(start);
  useEffect(() => {
    if (typed === start) return;
    const rest = setTimeout(() => onChange(typed), restMs);
    return () => clearTimeout(rest);
  }, [typed, start, onChange]);
  return (
    <TextField
      label={t`Find`}
      placeholder={t`code, name, place`}
      value={typed}
      onChange={setTyped}
      shortcut="/"
    />
  );
}

/** A typed code opens what it stands on; a wrong one says what is near. */
const CodeHint = memo(function CodeHint({ typed }: { typed: string }) {
  const book = usePlantBook();
  const { bottles, lots } = useAppSelector(selectStock);
  if (!/\d|-/.test(typed) || typed.replace(/\W/g, "").length < 5) return null;
  const all = [...bottles, ...lots];
  const read = readCode(
    typed,
    all.map(({ code }) => code),
  );
  const codes = "found" in read ? [read.found] : read.near;
  if (codes.length === 0) return null;
  return (
    <View className="gap-2" role="status">
      {"found" in read ? null : (
        <Txt variant="small">{t`No bottle has that code. ${plural(codes.length, { one: "This one is", other: "These are" })} a slip away:`}</Txt>
      )}
      {codes.map((code) => {
        const those = all.find((each) => each.code === code)!;
        const lot = those.kind === "lot" ? those : lots.find(({ id }) => id === those.lotId);
        return lot ? (
          <Row
            key={code}
            href={`/shelf/${lot.id}`}
            title={code}
            detail={`${lotName(lot, book)} ${lotWords(lot)}`}
          />
        ) : null;
      })}
    </View>
  );
});
