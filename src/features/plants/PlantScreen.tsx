import { useLocalSearchParams, useRouter } from "expo-router";
import { type ReactNode, Suspense } from "react";
import { View } from "react-native";
import { fixed, significant, yieldRange, yieldUnit } from "@/core/units/format";
import { type UnitSystem, fromCanonical, ownUnits, units as unitTable } from "@/core/units/units";
import { plantStates } from "@/core/plant/plant";
import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { markFavourites } from "@/store/acts/severalPlants";
import { beginPlan } from "@/store/beginPlan";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences } from "@/store/selectors";
import { useWithProse } from "@/store/useProse";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Notice } from "@/ui/primitives/Notice";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { wordsOf } from "@/words/glossary";
import { figureWords, figuresOf } from "@/words/figureWords";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { CutAndMakeReady, HowItLetsGo } from "./HowToDistil";
import { markedOwn } from "./markedOwn";
import { PlantProducts } from "./PlantProducts";
import { CareCard } from "./CareCard";
import { inState } from "@/words/stateWords";

/** One plant: when to cut it and how to make it ready, what it holds, what its oil is like. */
export function PlantScreen() {
  const { id = "" } = useLocalSearchParams<{ id: string }>();
  const plant = usePlantBook().byId(id);
  if (!plant) {
    return (
      <Screen title={t`Not here`} back={{ href: "/bench/plants", label: t`Plants` }}>
        <Card>
          <Txt>{t`Sereno knows no plant of that name. It may be your own plant that was deleted.`}</Txt>
        </Card>
      </Screen>
    );
  }
  return <Entry plant={plant} />;
}

function Entry({ plant }: { plant: KnownPlant }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { units, favourites = [] } = preferences;
  const favourite = favourites.includes(plant.id);
  const mine = markedOwn(plant);

  function planIt() {
    dispatch(beginPlan({ plantId: plant.id }));
    router.push("/plan");
  }

  return (
    <Screen
      over={`${plant.botanicalName} · ${plant.part}`}
      title={plant.name}
      back={{ href: "/bench/plants", label: t`Plants` }}
      actions={
        <>
          <Button
            label={favourite ? t`★ Favourite` : t`Make a favourite`}
            hint={favourite ? t`★ Favourite: no more` : undefined}
            look="quiet"
            size="small"
            lit={favourite}
            onPress={() => dispatch(markFavourites([plant.id], !favourite))}
          />
          <Button
            label={plant.ownFigures.length > 0 ? t`My figures` : t`Change figures`}
            look="quiet"
            size="small"
            onPress={() => router.push(`/bench/plants/${plant.id}/figures`)}
          />
        </>
      }
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=Plants"
          figures={figuresOf(["plantOil", "oilDensity", "mostOnSkin"])}
          words={wordsOf([
            "composition",
            "density",
            "dissolved",
            "freeOil",
            "release",
            "moisture",
            "packing",
            "mats",
            "phototoxic",
            "sensitises",
          ])}
        />
      }
      footer={<Button label={t`Plan a charge`} onPress={planIt} />}
      aside={
        <>
          <FromTheBook>
            <PlantProducts plant={plant} />
          </FromTheBook>
          <Card className="gap-1">
            <Suspense>
              <Source plant={plant} />
            </Suspense>
            {plant.ownFigures.length > 0 ? (
              <Txt variant="small" className="text-leaf-ink">
                {plant.origin === "own"
                  ? plant.mixOf
                    ? t`A mixed charge of your own.`
                    : t`A plant of your own.`
                  : t`Figures marked “yours” replace the book's.`}
              </Txt>
            ) : null}
          </Card>
        </>
      }
    >
      {plant.hazards.map((hazard) => (
        <Notice key={hazard} severity="caution" message={mine("hazards", hazard)} />
      ))}
      <CareCard plant={plant} />
      <MixedOf plant={plant} />
      <FromTheBook>
        <CutAndMakeReady plant={plant} />
      </FromTheBook>
      <States plant={plant} units={units} />
      <HowItLetsGo plant={plant} />
    </Screen>
  );
}

/* What the book tells is fetched apart: a plant's cautions and figures do not wait for it. */
function FromTheBook({ children }: { children: ReactNode }) {
  const opening = (
    <Card>
      <Txt variant="small">{t`Opening the book…`}</Txt>
    </Card>
  );
  return <Suspense fallback={opening}>{children}</Suspense>;
}

function Source({ plant }: { plant: KnownPlant }) {
  const { source } = useWithProse(plant);
  return <Txt variant="small">{t`Figures: ${markedOwn(plant)("source", source)}`}</Txt>;
}

/** What a mixed charge was put together of, each with its part of the mass. */
function MixedOf({ plant: { mixOf } }: { plant: KnownPlant }) {
  const book = usePlantBook();
  if (!mixOf) return null;
  const whole = mixOf.reduce((sum, { share }) => sum + share, 0);
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Mixed of`}</Txt>
      <Facts
        facts={mixOf.map(({ plantId, state, share }) => [
          book.byId(plantId)?.name ?? t`A plant that was deleted`,
          t`${fixed((100 * share) / whole, 0)} % of the weight, ${inState[state]}`,
        ])}
      />
    </Card>
  );
}

/** What each state holds, its water and its packing; figures of the person's own stand out. */
function States({ plant, units }: { plant: KnownPlant; units: UnitSystem }) {
  const packing = ownUnits("packing", units)[0]!;
  return (
    <Card className="gap-2">
      <FigureName variant="heading" name={t`What it holds`} about={figureWords.plantOil} />
      <View role="table" aria-label={t`Oil, water and packing by state`}>
        <View role="row" className="flex-row gap-2 pb-1">
          {[
            "",
            t`oil, ${yieldUnit(units)}`,
            t`water`,
            t`packing, ${unitTable[packing].symbol}`,
          ].map((head) => (
            <Txt
              key={head}
              role="columnheader"
              variant="label"
              className={`flex-1 ${head ? "text-right" : ""}`}
            >
              {head}
            </Txt>
          ))}
        </View>
        {plantStates.map((state) => {
          const figures = plant.states[state];
          if (!figures) return null;
          const ink = (name: string) =>
            plant.ownFigures.includes(`${state}.${name}`) ? "text-leaf-ink" : "";
          return (
            <View key={state} role="row" className="flex-row gap-2 border-t border-line py-2">
              <Txt role="cell" className="flex-1">
                {inState[state]}
              </Txt>
              <Txt
                role="cell"
                variant="strong"
                className={`flex-1 text-right ${ink("oilMlPerKg")}`}
              >
                {`${yieldRange(figures.oilMlPerKg.low, figures.oilMlPerKg.high, units)}${ink("oilMlPerKg") ? " ✎" : ""}`}
              </Txt>
              <Txt role="cell" className={`flex-1 text-right ${ink("moisture")}`}>
                {`${fixed(figures.moisture * 100, 0)} %${ink("moisture") ? " ✎" : ""}`}
              </Txt>
              <Txt role="cell" className={`flex-1 text-right ${ink("packingGPerL")}`}>
                {`${significant(fromCanonical(figures.packingGPerL, packing), 3)}${ink("packingGPerL") ? " ✎" : ""}`}
              </Txt>
            </View>
          );
        })}
      </View>
      <Txt variant="small">{t`Eight home charges in ten give that much. ✎ is your own figure.`}</Txt>
    </Card>
  );
}
