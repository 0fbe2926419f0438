import { View } from "react-native";
import { showOil, showVolume, words } from "@/core";
import { lotWords } from "@/words/lotWords";
import { shelved, unbottledMl } from "@/logbook/shelf/shelf";
import { bestByWords } from "@/words/bestByWords";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectBottles, selectLots, selectPreferences, selectUses } from "@/store/selectors";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";

/** What waits to be bottled, and what is to be used soon. */
export function OnTheShelf({ now }: { now: number }) {
  const plantBook = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const bottles = useAppSelector(selectBottles);
  const lots = useAppSelector(selectLots);
  const uses = useAppSelector(selectUses);
  const due = shelved(bottles, lots, uses, new Date(now), plantBook).filter((item) => item.due);
  const open = lots.filter(
    (lot) => unbottledMl(lot, bottles) > 0.05 && !bottles.some(({ lotId }) => lotId === lot.id),
  );
  const amount = (product: string, volumeMl: number) =>
    words(product === "oil" ? showOil(volumeMl) : showVolume(volumeMl, units));
  if (due.length + open.length === 0) return null;
  return (
    <View className="gap-2">
      <Txt variant="heading">On the shelf</Txt>
      {open.map((lot) => (
        <Row
          key={lot.id}
          href={`/shelf/${lot.id}`}
          title={`Bottle the ${plantBook.byId(lot.plantId)?.name.toLowerCase() ?? ""} ${lotWords(lot)}`}
          detail={`${lot.code} · ${amount(lot.product, lot.volumeMl)}`}
        />
      ))}
      {due.map((item) => (
        <Row
          key={item.bottle.id}
          href={`/shelf/${item.lot.id}`}
          title={`${item.plantName} ${item.lot.product}`}
          detail={`${item.bottle.code} · ${amount(item.lot.product, item.leftMl)} left`}
          end={
            <Txt variant="strong" className="text-ember-ink">
              {bestByWords(item)}
            </Txt>
          }
        />
      ))}
    </View>
  );
}
