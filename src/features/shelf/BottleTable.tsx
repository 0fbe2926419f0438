import { noonOf, showDay } from "@/core/units/dates";
import { Link } from "expo-router";
import { Pressable, Text, View } from "react-native";
import { t } from "@/language/t";
import type { Shelved } from "@/logbook/shelf/shelf";
import { Card } from "@/ui/primitives/Card";
import { useMore } from "@/ui/useMore";
import { bestByWords } from "@/words/bestByWords";
import { boardOf } from "@/words/bottleWords";
import { lotWords } from "@/words/lotWords";
import type { ShelfView } from "./findBottles";

interface Props {
  items: readonly Shelved[];
  amount: (product: string, ml: number) => string;
  sort: ShelfView["sort"];
  onSort: (sort: ShelfView["sort"]) => void;
}

const columns: { head: string; flex: string; sort?: ShelfView["sort"] }[] = [
  { head: t`Code`, flex: "flex-[1.3]" },
  { head: t`What`, flex: "flex-[3]", sort: "name" },
  { head: t`Made`, flex: "flex-[1.4]", sort: "made" },
  { head: t`Left`, flex: "flex-[1.2]", sort: "left" },
  { head: t`Where`, flex: "flex-[1.6]" },
  { head: t`Best by`, flex: "flex-[2]", sort: "due" },
];
const step = 60;

/** Bottles as a table; a heading sorts it. */
export function BottleTable({ items, amount, sort, onSort }: Props) {
  const { shown, end, more } = useMore(items, step);
  return (
    <Card className="px-2 py-2">
      <View role="table" aria-label={t`Bottles`}>
        <View role="row" className="flex-row border-b border-line">
          {columns.map(({ head, flex, sort: by }) => (
            <View
              key={head}
              role="columnheader"
              className={flex}
              {...(by && by === sort ? { "aria-sort": "ascending" as const } : {})}
            >
              {by ? (
                <Pressable
                  role="button"
                  aria-label={t`Sort by ${head}`}
                  onPress={() => onSort(by)}
                  className="min-h-[48px] justify-center px-2"
                >
                  <Text className="font-bold text-[14px] text-soft">
                    {head}
                    {by === sort ? " ↑" : ""}
                  </Text>
                </Pressable>
              ) : (
                <View className="min-h-[48px] justify-center px-2">
                  <Text className="font-bold text-[14px] text-soft">{head}</Text>
                </View>
              )}
            </View>
          ))}
        </View>
        {shown.map((item) => (
          <View
            key={item.bottle.id}
            role="row"
            className="min-h-[48px] flex-row items-center border-b border-line"
          >
            {[
              item.bottle.code,
              `${item.name} ${lotWords(item.lot)}`,
              showDay(noonOf(item.lot.madeOn)),
              amount(item.lot.product, item.leftMl),
              boardOf(item.bottle),
              bestByWords(item),
            ].map((text, i) => (
              <View key={columns[i]!.head} role="cell" className={columns[i]!.flex}>
                {i === 1 ? (
                  <Link href={`/shelf/${item.lot.id}`} asChild>
                    <Pressable className="min-h-[48px] justify-center px-2">
                      <Text className="font-bold text-[15px] text-ink underline">{text}</Text>
                    </Pressable>
                  </Link>
                ) : (
                  <Text
                    className={`px-2 text-[15px] ${i === 5 && item.due ? "font-bold text-ember-ink" : "font-body text-ink"}`}
                  >
                    {text}
                  </Text>
                )}
              </View>
            ))}
          </View>
        ))}
      </View>
      {more ? <View ref={end as never} className="h-px" /> : null}
    </Card>
  );
}
