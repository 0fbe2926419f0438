import { showMass, showOil, showVolume, words } from "@/core/units/format";
import { useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { seasonOf, yearsOf } from "@/logbook/shelf/season";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectPreferences, selectRuns } from "@/store/selectors";
import { selectStock } from "@/store/stock";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { figuresOf } from "@/words/figureWords";
import { wordsOf } from "@/words/glossary";
import { BestByAhead, MadeUsedLost, PlantByPlant, YearsMoney } from "./SeasonCards";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";
import { Tile } from "@/ui/primitives/Tile";

/** A year at a glance, and on paper: cut, distilled, made, used, lost, what it cost. */
export function SeasonScreen() {
  const book = usePlantBook();
  const preferences = useAppSelector(selectPreferences);
  const { units, prices } = preferences;
  const stock = useAppSelector(selectStock);
  const runs = useAppSelector(selectRuns);
  const harvests = useAppSelector(selectHarvests);
  const stills = useAppSelector((state) => state.still.entities);
  const [now] = useState(() => new Date());
  const years = yearsOf({ runs, harvests });
  const [chosen, setChosen] = useState<number>();
  const year = chosen ?? years[0] ?? now.getFullYear();
  const season = seasonOf(
    year,
    { ...stock, runs, harvests, stillOf: (id) => stills[id], preferences },
    now,
    book,
  );
  return (
    <Screen
      title={t`Season ${year}`}
      oneSheet
      back={{ href: "/shelf", label: t`Shelf` }}
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=Keep"
          figures={figuresOf(["seasonSum", "costOf", "yieldOf"])}
          words={wordsOf(["lot", "yield"])}
        />
      }
      actions={<Button look="quiet" size="small" label={t`Print`} onPress={() => window.print()} />}
      aside={
        <>
          <MadeUsedLost season={season} />
          <YearsMoney season={season} currency={prices?.currency ?? ""} />
          <BestByAhead ahead={season.ahead} />
        </>
      }
    >
      {years.length > 1 ? (
        <Choice
          label={t`Year`}
          options={years.slice(0, 6).map((each) => ({ value: String(each), label: String(each) }))}
          value={String(year)}
          onChange={(next) => setChosen(Number(next))}
        />
      ) : null}
      <View className="flex-row flex-wrap gap-3">
        <Tile
          wash="leaf"
          label={t`Distilled`}
          value={showMass(season.distilledG, units)}
          detail={t`${season.runs} runs; ${words(showMass(season.harvestedG, units))} harvested`}
        />
        <Tile wash="oil" label={t`Oil`} value={showOil(season.madeMl.oil)} />
        <Tile wash="dew" label={t`Hydrosol`} value={showVolume(season.madeMl.hydrosol, units)} />
      </View>
      <PlantByPlant plants={season.plants} />
    </Screen>
  );
}
