import { View } from "react-native";
import { t } from "@/language/t";
import type { Shelved } from "@/logbook/shelf/shelf";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { useMore } from "@/ui/useMore";
import { bestByWords } from "@/words/bestByWords";
import { boardOf } from "@/words/bottleWords";
import { lotWords } from "@/words/lotWords";

const step = 40;

/** Bottles as cards, one below the other. */
export function BottleRows({
  items,
  amount,
}: {
  items: readonly Shelved[];
  amount: (product: string, ml: number) => string;
}) {
  const { shown, end, more } = useMore(items, step);
  return (
    <View className="gap-2">
      {shown.map((item) => (
        <Row
          key={item.bottle.id}
          href={`/shelf/${item.lot.id}`}
          title={`${item.name} ${lotWords(item.lot)}`}
          detail={t`${item.bottle.code} · ${amount(item.lot.product, item.leftMl)} of ${amount(item.lot.product, item.bottle.filledMl)} · ${boardOf(item.bottle)}`}
          more={item.due ? dueAdvice(item) : undefined}
          end={
            <Txt variant="strong" className={item.due ? "text-ember-ink" : ""}>
              {bestByWords(item)}
            </Txt>
          }
        />
      ))}
      {more ? <View ref={end as never} className="h-px" /> : null}
    </View>
  );
}

function dueAdvice({ lot }: Shelved): string {
  return lot.product === "oil"
    ? t`Smell it: sharp or like varnish means it has taken up oxygen. Keep such oil off the skin.`
    : t`Smell it and hold it to the light: sour, musty or cloudy means let it go.`;
}
