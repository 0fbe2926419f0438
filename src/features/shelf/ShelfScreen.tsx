import { isoDay } from "@/core/units/dates";
import { useRouter } from "expo-router";
import { memo, useCallback, useDeferredValue, useEffect, useMemo, useState } from "react";
import { View } from "react-native";
import { bottlesCsv } from "@/exchange/csv";
import { download } from "@/exchange/download";
import { plural, t } from "@/language/t";
import { codesTwice, notBottled } from "@/logbook/shelf/shelf";
import { lotName } from "@/logbook/shelf/lotName";
import { readCode } from "@/records/codes";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { selectStock, useShelved } from "@/store/stock";
import { useKept } from "@/store/useKept";
import { useSearches } from "@/store/useSearches";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { figuresOf } from "@/words/figureWords";
import { wordsOf } from "@/words/glossary";
import { Screen } from "@/ui/layout/Screen";
import { useWide } from "@/ui/layout/useWide";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { MoreActions, type Action } from "@/ui/primitives/MoreActions";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { SavedSearches } from "@/ui/primitives/SavedSearches";
import { pick } from "@/ui/primitives/options";
import { Select } from "@/ui/primitives/Select";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { lotWords } from "@/words/lotWords";
import { AddLotSheet } from "./AddLotSheet";
import { amountOf } from "./amountOf";
import { BottleRows } from "./BottleRows";
import { BottleTable } from "./BottleTable";
import { Boards } from "./Boards";
import { filters, findBottles, sorts, type ShelfView } from "./findBottles";
import { SeveralSheet } from "./SeveralSheet";
import { ScanSheet } from "./ScanSheet";

const views = [
  { value: "boards", label: t`Places` },
  { value: "cards", label: t`Cards` },
  { value: "table", label: t`Table` },
] as const;

/** Every bottle on its board at its fill; found by code, name or place. */
export function ShelfScreen() {
  const router = useRouter();
  const book = usePlantBook();
  const wide = useWide();
  const { units } = useAppSelector(selectPreferences);
  const stock = useAppSelector(selectStock);
  const items = useShelved(new Date());
  const [view, change] = useKept<ShelfView>("shelf/view", {
    text: "",
    filter: "all",
    sort: "due",
    as: "boards",
  });
  const allRead = useAppSelector(({ keeping }) => keeping.later === 0);
  const searches = useSearches("shelf");
  /* The search's field begins anew with a search that was saved. */
  const [applied, setApplied] = useState(0);
  const [sheet, setSheet] = useState<"scan" | "add" | "several">();
  const find = useCallback((next: string) => change({ text: next }), [change]);
  /* Typing is answered first, the shelf follows. */
  const text = useDeferredValue(view.text);
  const { filter, sort } = view;
  const shown = useMemo(
    () => findBottles(items, { text, filter, sort }),
    [items, text, filter, sort],
  );
  const open = useMemo(() => notBottled(stock), [stock]);
  const twice = useMemo(() => codesTwice(stock), [stock]);
  const amount = useCallback(
    (product: string, ml: number) => amountOf(product, ml, units),
    [units],
  );

  const addBought: Action = {
    label: t`Add something bought`,
    opens: true,
    act: () => setSheet("add"),
  };
  const shownAs = (
    <Choice
      label={t`Shown as`}
      shown={!wide}
      options={[...views]}
      value={view.as}
      onChange={(as) => change({ as })}
    />
  );
  /* Its key keeps it where it stands, should the first bottles be read while it is open. */
  const adding =
    sheet === "add" ? <AddLotSheet key="add" onClose={() => setSheet(undefined)} /> : null;

  if (allRead && stock.lots.length === 0 && items.length === 0 && open.length === 0) {
    return (
      <Screen
        title={t`Shelf`}
        footer={<Button label={t`Plan a run`} onPress={() => router.push("/plan")} />}
      >
        <Card className="gap-2">
          <Txt variant="heading">{t`An empty shelf`}</Txt>
          <Txt>{t`Once a run is separated and measured, its oil and its hydrosol come here: bottled, labelled with a code, and drawn at their fill.`}</Txt>
        </Card>
        <View className="flex-row">
          <Button look="quiet" size="small" label={addBought.label} opens onPress={addBought.act} />
        </View>
        {adding}
      </Screen>
    );
  }
  return (
    <Screen
      title={t`Shelf`}
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=Keep"
          figures={figuresOf(["bestByDay", "leftInBottle"])}
          words={wordsOf(["lot", "bestBy"])}
        />
      }
      actions={
        <>
          <Button
            label={t`Scan`}
            look="quiet"
            size="small"
            opens
            onPress={() => setSheet("scan")}
          />
          <MoreActions
            title={t`More of the shelf`}
            actions={[
              { label: t`Labels`, act: () => router.push("/shelf/labels") },
              { label: t`Season`, act: () => router.push("/shelf/season") },
              addBought,
              { label: t`Several at once`, opens: true, act: () => setSheet("several") },
              {
                label: t`Save as CSV`,
                act: () =>
                  void download(
                    `sereno-bottles-${isoDay(new Date())}.csv`,
                    bottlesCsv(stock.bottles, stock.lots, stock.uses, book),
                    "text/csv",
                  ),
              },
            ]}
          >
            {shownAs}
          </MoreActions>
        </>
      }
    >
      {twice.map((those) => (
        <Notice
          key={those[0]!.code}
          severity="caution"
          message={t`The code ${those[0]!.code} is on ${those.length} things. Two devices gave it.`}
          remedy={t`Open one of them and give it a new code.`}
          action={{
            label: t`Open one`,
            onPress: () => {
              const last = those.at(-1)!;
              router.push(`/shelf/${last.kind === "lot" ? last.id : last.lotId}`);
            },
          }}
        />
      ))}
      <View className="flex-row items-end gap-3">
        <View className="min-w-0 flex-[3]">
          <FindField key={applied} start={view.text} onChange={find} />
        </View>
        <View className="min-w-0 flex-[2]">
          <Select
            label={t`Sort by`}
            options={[...sorts]}
            value={view.sort}
            onChange={(sort) => change({ sort })}
          />
        </View>
      </View>
      <CodeHint typed={text} />
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
          onChange={(filter) => change({ filter })}
        />
        {wide ? shownAs : null}
      </View>
      <SavedSearches
        {...searches}
        now={{ text: view.text, filter: view.filter, sort: view.sort, down: false }}
        first={{ text: "", filter: "all", sort: "due", down: false }}
        filters={filters}
        sorts={sorts}
        onApply={(search) => {
          setApplied(applied + 1);
          change({
            text: search.text,
            filter: pick(search.filter, filters),
            sort: pick(search.sort, sorts),
          });
        }}
      />
      {open.map(({ lot, openMl }) => (
        <Row
          key={lot.id}
          href={`/shelf/${lot.id}`}
          title={t`${lotName(lot, book)} ${lotWords(lot)}: not bottled yet`}
          detail={`${lot.code} · ${amount(lot.product, openMl)}`}
        />
      ))}
      {shown.length === 0 ? (
        <Card>
          <Txt>{t`Nothing here is of that kind.`}</Txt>
        </Card>
      ) : view.as === "boards" ? (
        <Boards items={shown} amount={amount} />
      ) : view.as === "cards" || !wide ? (
        <BottleRows items={shown} amount={amount} />
      ) : (
        <BottleTable
          items={shown}
          amount={amount}
          sort={view.sort}
          onSort={(sort) => change({ sort })}
        />
      )}
      {sheet === "several" ? (
        <SeveralSheet items={shown} amount={amount} onClose={() => setSheet(undefined)} />
      ) : null}
      {sheet === "scan" ? <ScanSheet onClose={() => setSheet(undefined)} /> : null}
      {adding}
    </Screen>
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
