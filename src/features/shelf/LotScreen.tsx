import { useLocalSearchParams } from "expo-router";
import { useState, type ReactNode } from "react";
import { View } from "react-native";
import {
  showOil,
  showVolume,
  words,
  type UnitSystem,
  fixed,
  noonOf,
  showDay,
  showDayLong,
} from "@/core";
import { lotNotes } from "@/logbook/shelf/lotNotes";
import { noteWords } from "@/words/noteWords";
import { lotWords } from "@/words/lotWords";
import type { Bottle } from "@/records/bottle";
import type { Lot } from "@/records/lot";
import { overdrawn, shelved, unbottledMl, type Shelved } from "@/logbook/shelf/shelf";
import { bestByWords } from "@/words/bestByWords";
import { cautionWords } from "@/words/cautionWords";
import { skinWords } from "@/words/plantWords";
import { bin } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import {
  selectBottles,
  selectLots,
  selectPreferences,
  selectRuns,
  selectUses,
} from "@/store/selectors";
import { NotHere } from "@/ui/layout/NotHere";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { BottleSheet } from "./BottleSheet";
import { TakeSheet } from "./TakeSheet";

/** A product of a run: what it is, its bottles, what was taken from them. */
export function LotScreen({ elsewhere }: { elsewhere?: (id: string) => ReactNode }) {
  const { id } = useLocalSearchParams<{ id: string }>();
  const lot = useAppSelector((state) => state.lot.entities[id ?? ""]);
  if (!lot || lot.deletedAt)
    return (
      <NotHere what="This lot" back={{ href: "/shelf", label: "Shelf" }}>
        {elsewhere?.(id ?? "")}
      </NotHere>
    );
  return <OneLot key={lot.id} lot={lot} />;
}

function OneLot({ lot }: { lot: Lot }) {
  const dispatch = useAppDispatch();
  const plantBook = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const lots = useAppSelector(selectLots);
  const bottles = useAppSelector(selectBottles);
  const uses = useAppSelector(selectUses);
  const runs = useAppSelector(selectRuns);
  const [bottling, setBottling] = useState(false);
  const [taking, setTaking] = useState<Shelved>();
  const plant = plantBook.byId(lot.plantId);
  const own = bottles.filter(({ lotId }) => lotId === lot.id);
  const full = shelved(own, [lot], uses, new Date(), plantBook);
  const empty = own.filter(({ id }) => !full.some(({ bottle }) => bottle.id === id));
  const open = unbottledMl(lot, bottles);
  const amount = (volumeMl: number) =>
    words(lot.product === "oil" ? showOil(volumeMl) : showVolume(volumeMl, units));
  const siblings = lots.filter(
    (other) => other.id !== lot.id && other.runIds.some((runId) => lot.runIds.includes(runId)),
  );
  const taken = uses
    .filter(({ bottleId }) => own.some(({ id }) => id === bottleId))
    .sort((a, b) => b.at.localeCompare(a.at));
  const run = runs.find(({ id }) => lot.runIds.includes(id));
  const jarsMl = Math.max(0, ...siblings.map(({ jar }) => jar?.toMl ?? 0), lot.jar?.toMl ?? 0);
  const over = overdrawn(own, uses);
  const bottledMl = own.reduce((sum, { filledMl }) => sum + filledMl, 0);

  return (
    <Screen
      title={`${plant?.name ?? lot.plantId} ${lotWords(lot)}`}
      pageTitle={`${plant?.name ?? lot.plantId} ${lotWords(lot)}, ${lot.code}`}
      over={lot.code}
      back={{ href: "/shelf", label: "Shelf" }}
      footer={
        open > 0.05 ? (
          <Button label={`Bottle ${amount(open)}`} onPress={() => setBottling(true)} />
        ) : undefined
      }
      aside={
        <>
          <Card>
            <Facts
              facts={[
                ["Made", showDayLong(noonOf(lot.madeOn))],
                ["In all", amount(lot.volumeMl)],
                ["Look", lot.look],
                ["Smell", lot.smell],
                [
                  "Holds most of",
                  lotNotes(lot, run, jarsMl)
                    .map((family) => noteWords[family])
                    .join(", ") || undefined,
                ],
                ["pH", lot.ph === undefined ? undefined : fixed(lot.ph, 1)],
              ]}
            />
          </Card>
          {run ? (
            <Row
              href={`/runs/${run.id}`}
              title={`Run ${run.number}`}
              detail={`${showDay(new Date(run.createdAt))} · ${run.stillName}`}
            />
          ) : null}
          {siblings.map((other) => (
            <Row
              key={other.id}
              href={`/shelf/${other.id}`}
              title={`Also from this run: ${lotWords(other)}`}
              detail={`${other.code}${bottles.some(({ lotId }) => lotId === other.id) ? "" : " · not bottled yet"}`}
            />
          ))}
          {lot.product === "oil" ? (
            <>
              {plant?.hazards.map((hazard) => (
                <Notice key={hazard} severity="note" message={hazard} />
              ))}
              {plant?.cautions.map((caution) => (
                <Txt key={caution} variant="small">
                  {cautionWords[caution]}
                </Txt>
              ))}
              {plant ? <Txt variant="small">{skinWords(plant)}</Txt> : null}
              <Txt variant="small">
                Not to be swallowed, not undiluted on skin. Keep from children, pets and flame. In
                pregnancy ask someone qualified.
              </Txt>
            </>
          ) : (
            <Txt variant="small">
              A hydrosol has no preservative. Keep it cold and dark, and let it go when it smells
              sour or turns cloudy.
            </Txt>
          )}
        </>
      }
    >
      {over.map(({ bottle, takenMl }) => (
        <Notice
          key={bottle.id}
          severity="caution"
          message={`${amount(takenMl)} was taken out of ${bottle.code}, and ${amount(bottle.filledMl)} was in it.`}
          remedy="Two people, or two devices, may have written down one use: bin the one that is too much."
        />
      ))}
      {bottledMl > lot.volumeMl * 1.001 + 0.01 ? (
        <Notice
          severity="caution"
          message={`${amount(bottledMl)} are bottled, and the measures now say ${amount(lot.volumeMl)}: ${amount(bottledMl - lot.volumeMl)} more than there was.`}
          remedy="The bottles stand as they are, and the difference is told. Correct the measures, or bin a bottle."
        />
      ) : null}
      {own.length === 0 ? (
        <Card>
          <Txt>{`Not bottled yet: ${amount(open)}. Dark glass, filled to the shoulder, keeps it longest.`}</Txt>
        </Card>
      ) : null}
      <View className="gap-2">
        {full.map((item) => (
          <BottleCard
            key={item.bottle.id}
            item={item}
            units={units}
            amount={amount}
            onTake={() => setTaking(item)}
          />
        ))}
        {empty.map((bottle) => (
          <Row
            key={bottle.id}
            title={`${bottle.code}: empty`}
            detail={`${words(showVolume(bottle.sizeMl, units))} ${bottle.glass} glass`}
          />
        ))}
      </View>
      {taken.length > 0 ? (
        <Card className="gap-2">
          <Txt variant="heading">Taken out</Txt>
          {taken.map((use) => (
            <View key={use.id} className="flex-row items-center gap-3">
              <Txt variant="label" className="w-[86px]">
                {showDay(new Date(use.at))}
              </Txt>
              <Txt className="min-w-0 flex-1">{use.purpose}</Txt>
              <Txt variant="strong">{amount(use.amountMl)}</Txt>
              <Button
                look="plain"
                size="small"
                label="Bin"
                hint={`Bin the use for ${use.purpose}`}
                onPress={() => dispatch(bin("That use is in the bin.", [use]))}
              />
            </View>
          ))}
        </Card>
      ) : null}
      {bottling ? <BottleSheet lot={lot} openMl={open} onClose={() => setBottling(false)} /> : null}
      {taking ? <TakeSheet item={taking} onClose={() => setTaking(undefined)} /> : null}
    </Screen>
  );
}

interface CardProps {
  item: Shelved;
  units: UnitSystem;
  amount: (volumeMl: number) => string;
  onTake: () => void;
}

function BottleCard({ item, units, amount, onTake }: CardProps) {
  const dispatch = useAppDispatch();
  const { bottle, leftMl, due } = item;
  return (
    <Card className="gap-2">
      <View className="flex-row items-baseline justify-between gap-3">
        <Txt variant="strong">{bottle.code}</Txt>
        <Txt variant="strong" className={due ? "text-ember-ink" : ""}>
          {bestByWords(item)}
        </Txt>
      </View>
      <Level
        share={leftMl / bottle.sizeMl}
        product={item.lot.product}
        inWords={`${amount(leftMl)} of ${amount(bottle.filledMl)} left`}
      />
      <Txt variant="small">
        {describe(bottle, amount(leftMl), words(showVolume(bottle.sizeMl, units)))}
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button
          look="quiet"
          size="small"
          label="Take some out"
          hint={`Take some out of ${bottle.code}`}
          onPress={onTake}
        />
        <Button
          look="plain"
          size="small"
          label="Bin"
          hint={`Bin ${bottle.code}`}
          onPress={() => dispatch(bin(`${bottle.code} is in the bin.`, [bottle]))}
        />
      </View>
    </Card>
  );
}

function describe(bottle: Bottle, left: string, size: string): string {
  return [
    `${left} left in ${size} ${bottle.glass} glass`,
    bottle.place ?? bottle.storage,
    bottle.note,
  ]
    .filter(Boolean)
    .join(" · ");
}

function Level({
  share,
  product,
  inWords,
}: {
  share: number;
  product: "oil" | "hydrosol";
  inWords: string;
}) {
  return (
    <View role="img" aria-label={inWords} className="h-[10px] overflow-hidden rounded-full bg-line">
      <View
        className={`h-full ${product === "oil" ? "bg-oil" : "bg-dew"}`}
        style={{ width: `${Math.min(100, share * 100)}%` }}
      />
    </View>
  );
}
