import textOf from "fast-json-stable-stringify";
import { useState } from "react";
import { View } from "react-native";
import type { HeldAgainst } from "@/core/care/identity";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import { identityOf, measuredOf } from "@/logbook/shelf/measuredOil";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import type { Check } from "@/records/check";
import type { Lot } from "@/records/lot";
import { changeFigures } from "@/store/acts/changeFigures";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import {
  couldBeWords,
  heldWords,
  roomWords,
  identityFigureWords,
  shareOffWords,
  verdictOfIdentity,
} from "@/words/identityWords";
import { IdentitySheet } from "./IdentitySheet";

interface Props {
  lot: Lot;
  plant: KnownPlant;
  checks: readonly Check[];
}

/** Whether an oil is what it should be: what was measured of it, held against its plant's bands. */
export function IdentityCard({ lot, plant, checks }: Props) {
  const dispatch = useAppDispatch();
  const book = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const [measuring, setMeasuring] = useState(false);
  const identity = identityOf(lot, checks, book);
  const shares = measuredOf(lot.id, checks)?.shares;
  const taught = shares !== undefined && textOf(shares) === textOf(plant.composition);
  return (
    <Card className="gap-3">
      <View className="flex-row items-center justify-between gap-3">
        <Txt variant="heading" className="min-w-0 flex-1">{t`Is it what it should be?`}</Txt>
        <Button
          look="quiet"
          size="small"
          label={t`Measure it`}
          opens
          onPress={() => setMeasuring(true)}
        />
      </View>
      {identity ? (
        <>
          <Notice
            severity={identity.verdict === "out" ? "caution" : "note"}
            message={verdictOfIdentity[identity.verdict]}
          />
          {identity.held.map((each) => (
            <Held key={each.figure} held={each} units={units} />
          ))}
          {identity.sharesOff.map((each) => (
            <Txt key={each.compound}>{shareOffWords(each)}</Txt>
          ))}
          {identity.could.length > 0 ? <Txt variant="label">{t`It could be`}</Txt> : null}
          {identity.could.map((each) => (
            <Txt key={each}>{couldBeWords(each, units)}</Txt>
          ))}
          {shares && !taught && lot.origin === undefined ? (
            <View className="flex-row">
              <Button
                look="quiet"
                size="small"
                label={t`Plan ${plant.name} with this make-up`}
                onPress={() =>
                  dispatch(
                    changeFigures(
                      {
                        id: plant.id,
                        ...(plant.materialId ? { materialId: plant.materialId } : {}),
                      },
                      (own) => ({ ...own, composition: shares }),
                      t`${plant.name} is planned with the make-up of ${lot.code}.`,
                    ),
                  )
                }
              />
            </View>
          ) : null}
          {taught ? (
            <Txt variant="small">{t`Your ${plant.name} is planned with this make-up.`}</Txt>
          ) : null}
          <Txt variant="small">{t`At ${roomWords(units)}. Bands follow from the book’s make-up of this plant and from standards of the trade: usual limits, check yours. What it could be is a hint, no proof.`}</Txt>
        </>
      ) : (
        <Txt variant="small">{t`Density, refractive index, rotation or a laboratory’s chromatogram tell whether it is this plant’s oil, old, or let down.`}</Txt>
      )}
      {measuring ? (
        <IdentitySheet lot={lot} plant={plant} onClose={() => setMeasuring(false)} />
      ) : null}
    </Card>
  );
}

/** A measured figure as a mark on the line of what is usual. */
function Held({ held, units }: { held: HeldAgainst; units: UnitSystem }) {
  const { figure, value, band, lies } = held;
  const [low, high] = band;
  const reach = (high - low) * 1.5;
  const from = Math.min(low - reach, value);
  const to = Math.max(high + reach, value);
  const at = (x: number) => `${(100 * (x - from)) / (to - from)}%` as const;
  return (
    <View className="gap-1">
      <Txt variant="label">{identityFigureWords[figure]}</Txt>
      <View
        role="img"
        aria-label={`${identityFigureWords[figure]}: ${heldWords(held, units)}`}
        className="h-4 justify-center"
      >
        <View className="h-[6px] rounded-full bg-line" />
        <View
          className="absolute h-[6px] rounded-full bg-leaf"
          style={{ left: at(low), width: `${(100 * (high - low)) / (to - from)}%` }}
        />
        <View
          className={`absolute h-4 w-[4px] rounded-full ${lies === "in" ? "bg-ink" : "bg-ember"}`}
          style={{ left: at(value), transform: [{ translateX: -2 }] }}
        />
      </View>
      <Txt className={lies === "in" ? "" : "text-ember-ink"}>{heldWords(held, units)}</Txt>
    </View>
  );
}
