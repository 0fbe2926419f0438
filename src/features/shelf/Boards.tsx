import { useRouter } from "expo-router";
import { memo, useMemo } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { groupBy, type Shelved } from "@/logbook/shelf/shelf";
import { usePlantBook } from "@/store/plants";
import { ShelfDrawing } from "@/ui/drawings/ShelfDrawing";
import { markOf } from "@/core/plant/plantMarks";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { useMore } from "@/ui/useMore";
import { bestByWords } from "@/words/bestByWords";
import { boardOf } from "@/words/bottleWords";
import { lotWords } from "@/words/lotWords";

/* As many as fill a screen. */
const step = 24;

/** The shelf as it stands: a board a place, the bottles on it to scale. */
export const Boards = memo(function Boards({
  items,
  amount,
}: {
  items: readonly Shelved[];
  amount: (product: string, ml: number) => string;
}) {
  const router = useRouter();
  const book = usePlantBook();
  const inOrder = useMemo(() => {
    const boards = groupBy(items, ({ bottle }) => boardOf(bottle));
    return [...boards].sort(([a], [b]) => a.localeCompare(b)).flatMap(([, those]) => those);
  }, [items]);
  const counts = useMemo(() => {
    const boards = groupBy(items, ({ bottle }) => boardOf(bottle));
    return new Map([...boards].map(([board, those]) => [board, those.length]));
  }, [items]);
  const { shown, end, more } = useMore(inOrder, step);
  const boards = [...groupBy(shown, ({ bottle }) => boardOf(bottle))];
  return (
    <View className="gap-4">
      {boards.map(([board, those]) => (
        <Card key={board} className="gap-2 px-3 pb-2">
          <Txt variant="heading" className="px-1">{`${board} · ${counts.get(board)}`}</Txt>
          <ShelfDrawing
            board={board}
            bottles={those.map((item) => ({
              id: item.bottle.id,
              sizeMl: item.bottle.sizeMl,
              leftMl: item.leftMl,
              product: item.lot.product,
              glass: item.bottle.glass,
              mark: markOf(book.byId(item.lot.plantId)),
              label: item.name,
              amount: amount(item.lot.product, item.leftMl),
              due: item.due,
              inWords: t`${item.name} ${lotWords(item.lot)}, ${item.bottle.code}, ${amount(item.lot.product, item.leftMl)} left, ${bestByWords(item)}`,
            }))}
            onOpen={(id) => {
              const item = items.find(({ bottle }) => bottle.id === id);
              if (item) router.push(`/shelf/${item.lot.id}`);
            }}
          />
        </Card>
      ))}
      {more ? <View ref={end as never} className="h-px" /> : null}
    </View>
  );
});
