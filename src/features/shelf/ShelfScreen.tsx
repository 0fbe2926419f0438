import { isoDay } from "@/core/units/dates";
import { useRouter } from "expo-router";
import { type ReactNode, useCallback, useDeferredValue, useMemo, useState } from "react";
import { View } from "react-native";
import { bottlesCsv } from "@/exchange/csv";
import { download } from "@/exchange/download";
import { t } from "@/language/t";
import { codesTwice, notBottled, type Shelved, type Stock } from "@/logbook/shelf/shelf";
import { lotName } from "@/logbook/shelf/lotName";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences } from "@/store/selectors";
import { selectStock, useShelved } from "@/store/stock";
import { useKept } from "@/store/useKept";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { figuresOf } from "@/words/figureWords";
import { wordsOf } from "@/words/glossary";
import { Screen } from "@/ui/layout/Screen";
import { useWide } from "@/ui/layout/useWide";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { MoreActions } from "@/ui/primitives/MoreActions";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { lotWords } from "@/words/lotWords";
import { AddLotSheet } from "./AddLotSheet";
import { amountOf } from "./amountOf";
import { BottleRows } from "./BottleRows";
import { BottleTable } from "./BottleTable";
import { Boards } from "./Boards";
import { findBottles, type ShelfView } from "./findBottles";
import { ShelfSearch } from "./ShelfSearch";
import { SeveralSheet } from "./SeveralSheet";
import { ScanSheet } from "./ScanSheet";
import { useToday } from "@/ui/useToday";

const views = [
  { value: "boards", label: t`Places` },
  { value: "cards", label: t`Cards` },
  { value: "table", label: t`Table` },
] as const;

/** Every bottle on its board at its fill; found by code, name or place. */
export function ShelfScreen() {
  const book = usePlantBook();
  const wide = useWide();
  const { units } = useAppSelector(selectPreferences);
  const stock = useAppSelector(selectStock);
  const items = useShelved(useToday());
  const [view, change] = useKept<ShelfView>("shelf/view", {
    text: "",
    filter: "all",
    sort: "due",
    as: "boards",
  });
  const allRead = useAppSelector(({ keeping }) => keeping.later === 0);
  const [sheet, setSheet] = useState<"scan" | "add" | "several">();
  /* Typing is answered first, the shelf follows. */
  const text = useDeferredValue(view.text);
  const { filter, sort } = view;
  const shown = useMemo(
    () => findBottles(items, { text, filter, sort }),
    [items, text, filter, sort],
  );
  const open = useMemo(() => notBottled(stock), [stock]);
  const amount = useCallback(
    (product: string, ml: number) => amountOf(product, ml, units),
    [units],
  );

  const shownAs = (
    <Choice
      label={t`Shown as`}
      shown={!wide}
      options={[...views]}
      value={view.as}
      onChange={(as) => change({ as })}
    />
  );
  const isEmpty = allRead && stock.lots.length === 0 && items.length === 0 && open.length === 0;
  return (
    <>
      {isEmpty ? (
        <EmptyShelf onAdd={() => setSheet("add")} />
      ) : (
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
              <ShelfMenu onSeveral={() => setSheet("several")} onAdd={() => setSheet("add")}>
                {shownAs}
              </ShelfMenu>
            </>
          }
        >
          <CodesTwice stock={stock} />
          <ShelfSearch view={view} searched={text} items={items} onChange={change}>
            {wide ? shownAs : null}
          </ShelfSearch>
          {open.map(({ lot, openMl }) => (
            <Row
              key={lot.id}
              href={`/shelf/${lot.id}`}
              title={t`${lotName(lot, book)} ${lotWords(lot)}: not bottled yet`}
              detail={`${lot.code} · ${amount(lot.product, openMl)}`}
            />
          ))}
          <BottlesShown view={view} items={shown} amount={amount} onChange={change} />
          {sheet === "several" ? (
            <SeveralSheet items={shown} amount={amount} onClose={() => setSheet(undefined)} />
          ) : null}
          {sheet === "scan" ? <ScanSheet onClose={() => setSheet(undefined)} /> : null}
        </Screen>
      )}
      {/* It stays open should the first bottles be read meanwhile. */}
      {sheet === "add" ? <AddLotSheet onClose={() => setSheet(undefined)} /> : null}
    </>
  );
}

/** The bottles that are looked for: on their boards, as cards or as a table. */
function BottlesShown({
  view,
  items,
  amount,
  onChange,
}: {
  view: ShelfView;
  items: readonly Shelved[];
  amount: (product: string, ml: number) => string;
  onChange: (part: Partial<ShelfView>) => void;
}) {
  const wide = useWide();
  if (items.length === 0)
    return (
      <Card>
        <Txt>{t`Nothing here is of that kind.`}</Txt>
      </Card>
    );
  if (view.as === "boards") return <Boards items={items} amount={amount} />;
  if (view.as === "cards" || !wide) return <BottleRows items={items} amount={amount} />;
  return (
    <BottleTable
      items={items}
      amount={amount}
      sort={view.sort}
      onSort={(sort) => onChange({ sort })}
    />
  );
}

function EmptyShelf({ onAdd }: { onAdd: () => void }) {
  const router = useRouter();
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
        <Button look="quiet" size="small" label={t`Add something bought`} opens onPress={onAdd} />
      </View>
    </Screen>
  );
}

/** What else the shelf can do, and how it is shown on a narrow screen. */
function ShelfMenu({
  onSeveral,
  onAdd,
  children,
}: {
  onSeveral: () => void;
  onAdd: () => void;
  children: ReactNode;
}) {
  const router = useRouter();
  const book = usePlantBook();
  const stock = useAppSelector(selectStock);
  return (
    <MoreActions
      title={t`More of the shelf`}
      actions={[
        { label: t`Labels`, act: () => router.push("/shelf/labels") },
        { label: t`Season`, act: () => router.push("/shelf/season") },
        { label: t`Add something bought`, opens: true, act: onAdd },
        { label: t`Several at once`, opens: true, act: onSeveral },
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
      {children}
    </MoreActions>
  );
}

/** A code that two devices gave away from the network. */
function CodesTwice({ stock }: { stock: Stock }) {
  const router = useRouter();
  const twice = useMemo(() => codesTwice(stock), [stock]);
  return (
    <>
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
    </>
  );
}
