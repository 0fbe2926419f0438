import { View } from "react-native";
import { showBottle, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import type { Shelved } from "@/logbook/shelf/shelf";
import { giveNewCode } from "@/store/acts/giveNewCode";
import { openBottle } from "@/store/acts/openBottle";
import { bin } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { CopyButton } from "@/ui/primitives/CopyButton";
import { Card } from "@/ui/primitives/Card";
import { Fold } from "@/ui/primitives/Fold";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { bestByWords, moveWords } from "@/words/bestByWords";
import { inGlass, boardOf, closureInList } from "@/words/bottleWords";
import { addedWords } from "@/words/waterKeepingWords";
import { figureWords } from "@/words/figureWords";

interface Props {
  item: Shelved;
  units: UnitSystem;
  amount: (volumeMl: number) => string;
  /** Its code stands on something else too. */
  twice: boolean;
  onTake: () => void;
  onCheck: () => void;
}

/** A bottle: what is in it, how long it is good, what is done with it next; and, folded, what brings its best-by nearer. */
export function BottleCard({ item, units, amount, twice, onTake, onCheck }: Props) {
  const dispatch = useAppDispatch();
  const { bottle, leftMl, due, moves } = item;
  /* Each comes only where it brings the day nearer: the last one sets it. */
  const latest = moves.at(-1);
  const air = Math.round((1 - leftMl / bottle.sizeMl) * 100);
  return (
    <Card className="gap-2">
      <View className="flex-row items-baseline justify-between gap-3">
        <View className="flex-row items-center">
          <Txt variant="strong">{bottle.code}</Txt>
          <CopyButton text={bottle.code} what={t`the code ${bottle.code}`} />
        </View>
        <FigureName
          variant="strong"
          className="min-w-0 shrink"
          name={bestByWords(item)}
          about={figureWords.bestByDay}
          ink={due ? "text-ember-ink" : ""}
        />
      </View>
      <Level
        share={leftMl / bottle.sizeMl}
        product={item.lot.product}
        inWords={t`${amount(leftMl)} of ${amount(bottle.filledMl)} left`}
      />
      <Txt variant="small">
        {[
          t`${amount(leftMl)} left in ${words(showBottle(bottle.sizeMl, units))} ${inGlass[bottle.glass]} glass`,
          boardOf(bottle),
          bottle.note,
        ]
          .filter(Boolean)
          .join(" · ")}
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        {due ? (
          <Button
            size="small"
            label={t`Check it`}
            hint={t`Check it: ${bottle.code}`}
            opens
            onPress={onCheck}
          />
        ) : null}
        <Button
          look="quiet"
          size="small"
          label={t`Use or loss`}
          hint={t`Use or loss of ${bottle.code}`}
          onPress={onTake}
        />
        {bottle.openedAt === undefined && leftMl > bottle.filledMl * 0.999 ? (
          <Button
            look="plain"
            size="small"
            leaves
            label={t`Opened`}
            hint={t`${bottle.code} is opened`}
            onPress={() => dispatch(openBottle(bottle))}
          />
        ) : null}
        {twice ? (
          <Button
            look="quiet"
            size="small"
            leaves
            label={t`New code`}
            hint={t`A new code for ${bottle.code}`}
            onPress={() => dispatch(giveNewCode(bottle))}
          />
        ) : null}
      </View>
      <Fold
        title={t`What moves its best-by`}
        inside={latest ? moveWords(latest) : t`${air} % air above it, nothing else so far.`}
      >
        <Txt variant="small">
          {[
            t`${air} % air above it`,
            bottle.closure ? closureInList[bottle.closure] : undefined,
            bottle.filling === "hot" || bottle.filling === "boiled"
              ? bottle.filling === "hot"
                ? t`filled into a boiled bottle, hot`
                : t`filled into a boiled bottle`
              : undefined,
            bottle.preserved ? addedWords(bottle.preserved) : undefined,
          ]
            .filter(Boolean)
            .join(" · ")}
        </Txt>
        {moves.map((move) => (
          <Txt key={`${move.reason}${move.on}`} variant="small" className="text-ember-ink">
            {moveWords(move)}
          </Txt>
        ))}
        <View className="flex-row">
          <Button
            look="plain"
            size="small"
            leaves
            label={t`Delete`}
            hint={t`Delete ${bottle.code}`}
            onPress={() => dispatch(bin(t`${bottle.code} deleted.`, [bottle]))}
          />
        </View>
      </Fold>
    </Card>
  );
}

const fills = { oil: "bg-oil", hydrosol: "bg-dew", liquor: "bg-leaf" };

function Level({
  share,
  product,
  inWords,
}: {
  share: number;
  product: keyof typeof fills;
  inWords: string;
}) {
  return (
    <View role="img" aria-label={inWords} className="h-[10px] overflow-hidden rounded-full bg-line">
      <View
        className={`h-full ${fills[product]}`}
        style={{ width: `${Math.min(100, share * 100)}%` }}
      />
    </View>
  );
}
