import { useLocalSearchParams, useRouter } from "expo-router";
import { View } from "react-native";
import {
  fixed,
  showDensity,
  showDissolved,
  showDuration,
  showTemperature,
  significant,
  words,
  yieldRange,
  yieldUnit,
} from "@/core/units/format";
import { type UnitSystem, fromCanonical, ownUnits, units as unitTable } from "@/core/units/units";
import { boilingTogether, oilProperties } from "@/core/plant/oil";
import { plantStates } from "@/core/plant/plant";
import { preparationsOf } from "@/core/plant/preparation";
import { pressureAtAltitudePa } from "@/core/water/atmosphere";
import { methodWords } from "@/words/methodWords";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { markFavourites } from "@/store/acts/severalPlants";
import { beginPlan } from "@/store/beginPlan";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Notice } from "@/ui/primitives/Notice";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { wordsOf } from "@/words/glossary";
import { figuresOf } from "@/words/figureWords";
import { Txt } from "@/ui/primitives/Txt";
import { OilMix } from "./OilMix";
import { CareCard } from "./CareCard";
import { stateWords } from "@/words/stateWords";
import { oilKeepingWords, phWords, tissueWords, waterKeepingWords } from "@/words/plantWords";

/** One plant: when to cut it and how to make it ready, what it holds, what its oil is like. */
export function PlantScreen() {
  const { id = "" } = useLocalSearchParams<{ id: string }>();
  const plant = usePlantBook().byId(id);
  if (!plant) {
    return (
      <Screen title="Not here" back={{ href: "/bench/plants", label: "Plants" }}>
        <Card>
          <Txt>Sereno knows no plant of that name. It may be your own plant that was deleted.</Txt>
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
  const { units, site, favourites = [] } = preferences;
  const favourite = favourites.includes(plant.id);
  const oil = oilProperties(plant.composition);
  const together = boilingTogether(plant.composition, pressureAtAltitudePa(site.altitudeM));
  const own = (name: string) => plant.ownFigures.includes(name);
  const mine = (name: string, text: string) =>
    own(name) && !plant.mixOf ? `${text} (yours)` : text;

  function planIt() {
    dispatch(beginPlan({ plantId: plant.id }));
    router.push("/plan");
  }

  return (
    <Screen
      over={`${plant.botanicalName} · ${plant.part}`}
      title={plant.name}
      back={{ href: "/bench/plants", label: "Plants" }}
      actions={
        <>
          <Button
            label={favourite ? "★ Favourite" : "Make a favourite"}
            hint={favourite ? "★ Favourite: no more" : undefined}
            look="quiet"
            size="small"
            lit={favourite}
            onPress={() => dispatch(markFavourites([plant.id], !favourite))}
          />
          <Button
            label={plant.ownFigures.length > 0 ? "My figures" : "Change figures"}
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
      footer={<Button label="Plan a charge" onPress={planIt} />}
      aside={
        <>
          <Card className="gap-3">
            <Txt variant="heading">{mine("composition", "Its oil")}</Txt>
            <OilMix composition={plant.composition} />
            <Facts
              facts={[
                ["Density", `${words(showDensity(oil.densityGPerMl, units))}: it ${oil.layer}`],
                [
                  "In the hydrosol",
                  `dissolves up to ${words(showDissolved(Math.max(0.1, oil.solubilityGPerL), units))}`,
                ],
                [
                  "With water",
                  `boils at ${words(showTemperature(together.temperatureC, units))}; distillate carries ${words(showDissolved(together.saturationRatio * 1000, units))} of it at most`,
                ],
                [
                  "Sets below",
                  plant.setsBelowC === undefined
                    ? own("setsBelowC")
                      ? "does not set (yours)"
                      : undefined
                    : mine("setsBelowC", words(showTemperature(plant.setsBelowC, units))),
                ],
                ["Look and smell", mine("oilLook", plant.oilLook)],
                ["Keeps", mine("keeping", oilKeepingWords(plant))],
              ]}
            />
          </Card>
          <Card className="gap-3">
            <Txt variant="heading">Its hydrosol</Txt>
            <Facts
              facts={[
                ["Look and smell", mine("hydrosolLook", plant.hydrosolLook)],
                ["Worth", mine("hydrosolWorth", plant.hydrosolWorth)],
                ["Usual pH", phWords(plant)],
                ["Keeps", waterKeepingWords(plant)],
              ]}
            />
          </Card>
          <Card className="gap-1">
            <Txt variant="small">{`Figures: ${mine("source", plant.source)}`}</Txt>
            {plant.ownFigures.length > 0 ? (
              <Txt variant="small" className="text-leaf-ink">
                {plant.origin === "own"
                  ? plant.mixOf
                    ? "A mixed charge of your own."
                    : "A plant of your own."
                  : "Figures marked “yours” replace the book's."}
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
      <Card className="gap-3">
        <Txt variant="heading">Cut and make ready</Txt>
        <Facts
          facts={[
            ["Best moment", mine("moment", plant.moment)],
            ["Preparation", mine("preparation", plant.preparation)],
            [
              "Method",
              `${mine("preferredMethod", methodWords[plant.preferredMethod])}. ${mine("methodReason", plant.methodReason)}`,
            ],
            [
              "Plant in the water",
              mine(
                "waterMlPerG",
                `${plant.waterMlPerG.fresh} times its weight of water fresh, ${plant.waterMlPerG.dried} times dried`,
              ),
            ],
            ["Usual time", mine("usualMinutes", showDuration(plant.usualMinutes))],
            [
              "In water",
              mine("froths", plant.froths ? "froths: fill a fifth less" : "does not froth"),
            ],
            [
              "Over steam",
              plant.mats
                ? mine("mats", "soft parts mat: keep some stem")
                : own("mats")
                  ? "does not mat (yours)"
                  : undefined,
            ],
          ]}
        />
      </Card>
      <States plant={plant} units={units} />
      <Card className="gap-2">
        <Txt variant="heading">How it lets go of its oil</Txt>
        <Txt>{mine("tissue", tissueWords[plant.tissue])}</Txt>
        <Txt variant="small">
          {`${mine("freeShare", `${fixed(plant.freeShare * 100, 0)} %`)} lies free for the first steam; of the rest ${mine("releasePerMinute", `${fixed(plant.releasePerMinute * 100, 1)} %`)} comes out each minute.`}
        </Txt>
        {preparationsOf(plant).map(({ id, label, effect, packing, oil: share }) => (
          <View key={id}>
            <Txt variant="strong">{label}</Txt>
            <Txt variant="small">
              {`${effect} ${factor(packing, "fits")}${factor(share, "oil for its weight")}`}
            </Txt>
          </View>
        ))}
      </Card>
    </Screen>
  );
}

/** What a mixed charge was put together of, each with its part of the mass. */
function MixedOf({ plant: { mixOf } }: { plant: KnownPlant }) {
  const book = usePlantBook();
  if (!mixOf) return null;
  const whole = mixOf.reduce((sum, { share }) => sum + share, 0);
  return (
    <Card className="gap-3">
      <Txt variant="heading">Mixed of</Txt>
      <Facts
        facts={mixOf.map(({ plantId, state, share }) => [
          book.byId(plantId)?.name ?? "A plant that was deleted",
          `${fixed((100 * share) / whole, 0)} % of the weight, ${stateWords[state].toLowerCase()}`,
        ])}
      />
    </Card>
  );
}

function factor(value: number, what: string): string {
  if (value === 1) return "";
  return `${Math.abs(Math.round((value - 1) * 100))} % ${value > 1 ? "more" : "less"} ${what}. `;
}

/** What each state holds, its water and its packing; figures of the person's own stand out. */
function States({ plant, units }: { plant: KnownPlant; units: UnitSystem }) {
  const packing = ownUnits("packing", units)[0]!;
  return (
    <Card className="gap-2">
      <Txt variant="heading">What it holds</Txt>
      <View role="table" aria-label="Oil, water and packing by state">
        <View role="row" className="flex-row gap-2 pb-1">
          {["", `oil, ${yieldUnit(units)}`, "water", `packing, ${unitTable[packing].symbol}`].map(
            (head) => (
              <Txt
                key={head}
                role="columnheader"
                variant="label"
                className={`flex-1 ${head ? "text-right" : ""}`}
              >
                {head}
              </Txt>
            ),
          )}
        </View>
        {plantStates.map((state) => {
          const figures = plant.states[state];
          if (!figures) return null;
          const ink = (name: string) =>
            plant.ownFigures.includes(`${state}.${name}`) ? "text-leaf-ink" : "";
          return (
            <View key={state} role="row" className="flex-row gap-2 border-t border-line py-2">
              <Txt role="cell" className="flex-1">
                {state}
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
      <Txt variant="small">Eight home charges in ten give that much. ✎ is your own figure.</Txt>
    </Card>
  );
}
