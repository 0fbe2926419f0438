import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { View } from "react-native";
import { showOil, showVolume, words, isoDay } from "@/core";
import { lotWords } from "@/words/lotWords";
import { bottlesCsv } from "@/exchange/csv";
import { download } from "@/exchange/download";
import { shelved, unbottledMl, type Shelved } from "@/logbook/shelf/shelf";
import { bestByWords } from "@/words/bestByWords";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectBottles, selectLots, selectPreferences, selectUses } from "@/store/selectors";
import { ShelfDrawing } from "@/ui/drawings/ShelfDrawing";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";

type Filter = "all" | "oil" | "hydrosol" | "due";

const matches: Record<Filter, (item: Shelved) => boolean> = {
  all: () => true,
  oil: ({ lot }) => lot.product === "oil",
  hydrosol: ({ lot }) => lot.product === "hydrosol",
  due: ({ due }) => due,
};

/** Every bottle at its fill, and what to do about it. */
export function ShelfScreen() {
  const plantBook = usePlantBook();
  const router = useRouter();
  const { units } = useAppSelector(selectPreferences);
  const bottles = useAppSelector(selectBottles);
  const lots = useAppSelector(selectLots);
  const uses = useAppSelector(selectUses);
  const [filter, setFilter] = useState<Filter>("all");
  const items = useMemo(
    () => shelved(bottles, lots, uses, new Date(), plantBook),
    [bottles, lots, uses, plantBook],
  );
  const shown = items.filter(matches[filter]);
  const open = lots.filter(
    (lot) => unbottledMl(lot, bottles) > 0.05 && !bottles.some(({ lotId }) => lotId === lot.id),
  );
  const amount = ({ lot, leftMl }: Shelved) =>
    words(lot.product === "oil" ? showOil(leftMl) : showVolume(leftMl, units));

  if (items.length === 0 && open.length === 0) {
    return (
      <Screen
        title="Shelf"
        footer={<Button label="Plan a run" onPress={() => router.push("/plan")} />}
      >
        <Card className="gap-2">
          <Txt variant="heading">An empty shelf</Txt>
          <Txt>
            Once a run is separated and measured, its oil and its hydrosol come here: bottled,
            labelled with a code, and drawn at their fill.
          </Txt>
        </Card>
      </Screen>
    );
  }
  const options = [
    { value: "all" as const, label: `All ${items.length}` },
    { value: "oil" as const, label: "Oils" },
    { value: "hydrosol" as const, label: "Hydrosols" },
    { value: "due" as const, label: `Due ${items.filter(({ due }) => due).length}` },
  ];
  return (
    <Screen
      title="Shelf"
      actions={
        <Button
          label="Save as CSV"
          look="quiet"
          size="small"
          onPress={() =>
            void download(
              `sereno-bottles-${isoDay(new Date())}.csv`,
              bottlesCsv(bottles, lots, uses, plantBook),
              "text/csv",
            )
          }
        />
      }
    >
      <Choice label="Show" options={options} value={filter} onChange={setFilter} />
      {open.map((lot) => (
        <Row
          key={lot.id}
          href={`/shelf/${lot.id}`}
          title={`${plantBook.byId(lot.plantId)?.name ?? lot.plantId} ${lotWords(lot)}: not bottled yet`}
          detail={`${lot.code} · ${words(lot.product === "oil" ? showOil(lot.volumeMl) : showVolume(lot.volumeMl, units))}`}
        />
      ))}
      {shown.length > 0 ? (
        <Card className="px-0 pb-3">
          <ShelfDrawing
            bottles={shown.map((item) => ({
              id: item.bottle.id,
              sizeMl: item.bottle.sizeMl,
              leftMl: item.leftMl,
              product: item.lot.product,
              glass: item.bottle.glass,
              label: item.plantName,
              amount: amount(item),
              due: item.due,
              inWords: `${item.plantName} ${item.lot.product}, ${amount(item)} left, ${bestByWords(item)}`,
            }))}
            onOpen={(id) => {
              const item = items.find(({ bottle }) => bottle.id === id);
              if (item) router.push(`/shelf/${item.lot.id}`);
            }}
          />
        </Card>
      ) : (
        <Card>
          <Txt>Nothing here is of that kind.</Txt>
        </Card>
      )}
      <View className="gap-2">
        {shown.map((item) => (
          <Row
            key={item.bottle.id}
            href={`/shelf/${item.lot.id}`}
            title={`${item.plantName} ${lotWords(item.lot)}`}
            detail={`${item.bottle.code} · ${amount(item)} of ${words(showVolume(item.bottle.filledMl, units))} · ${item.bottle.place ?? item.bottle.storage}`}
            more={item.due ? dueAdvice(item) : undefined}
            end={
              <Txt variant="strong" className={item.due ? "text-ember-ink" : ""}>
                {bestByWords(item)}
              </Txt>
            }
          />
        ))}
      </View>
    </Screen>
  );
}

function dueAdvice({ lot }: Shelved): string {
  return lot.product === "oil"
    ? "Smell it: sharp or like varnish means it has taken up oxygen. Keep such oil off the skin."
    : "Smell it and hold it to the light: sour, musty or cloudy means let it go.";
}
