import { fixed, showMass, showOil, showVolume, showYield, words } from "@/core/units/format";
import { noonOf, showMonth } from "@/core/units/dates";
import { useState } from "react";
import { View } from "react-native";
import { plural, t } from "@/language/t";
import { seasonOf, yearsOf, type PlantYear } from "@/logbook/shelf/season";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectHarvests, selectPreferences, selectRuns } from "@/store/selectors";
import { selectStock } from "@/store/stock";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { aboutFigure, figuresOf } from "@/words/figureWords";
import { wordsOf } from "@/words/glossary";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Facts } from "@/ui/primitives/Facts";
import { Tile } from "@/ui/primitives/Tile";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { showMoney } from "@/core/units/money";

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
  const oil = (ml: number) => words(showOil(ml));
  const volume = (ml: number) => words(showVolume(ml, units));
  const currency = prices?.currency ?? "";
  const most = Math.max(1, ...season.ahead.map(({ bottles }) => bottles));
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
          <Card className="gap-2">
            <FigureName
              variant="heading"
              name={t`Made, used, lost`}
              about={aboutFigure("seasonSum")}
            />
            <Facts
              facts={[
                [t`Oil made`, oil(season.madeMl.oil)],
                [t`Oil used`, oil(season.usedMl.oil)],
                [t`Oil lost`, oil(season.lostMl.oil)],
                [t`Hydrosol made`, volume(season.madeMl.hydrosol)],
                [t`Hydrosol used`, volume(season.usedMl.hydrosol)],
                [t`Hydrosol lost`, volume(season.lostMl.hydrosol)],
              ]}
            />
          </Card>
          {season.cost > 0 || season.worth > 0 ? (
            <Card className="gap-2">
              <FigureName variant="heading" name={t`Money`} about={aboutFigure("costOf")} />
              <Facts
                facts={[
                  [t`Runs cost`, showMoney(season.cost, currency)],
                  [
                    t`Worth of what was made`,
                    season.worth > 0 ? showMoney(season.worth, currency) : undefined,
                  ],
                ]}
              />
            </Card>
          ) : (
            <Txt variant="small">{t`Tell on the bench what plant, energy and your hours cost, and the year is reckoned here.`}</Txt>
          )}
          <Card className="gap-2">
            <Txt variant="heading">{t`Best-by ahead`}</Txt>
            <View
              role="img"
              aria-label={t`Bottles whose best-by falls in each month: ${season.ahead.map(({ month, bottles }) => `${month} ${bottles}`).join(", ")}`}
              className="gap-1"
            >
              {season.ahead.map(({ month, bottles }) => (
                <View key={month} className="flex-row items-center gap-2">
                  <Txt variant="small" className="w-[78px]">
                    {showMonth(noonOf(`${month}-15`))}
                  </Txt>
                  <View
                    className="h-[12px] rounded-full bg-ember"
                    style={{ width: `${(bottles / most) * 60}%` }}
                  />
                  <Txt variant="small">{String(bottles)}</Txt>
                </View>
              ))}
            </View>
          </Card>
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
      <Card className="gap-3">
        <Txt variant="heading">{t`Plant by plant`}</Txt>
        {season.plants.length === 0 ? (
          <Txt>{t`Nothing was distilled in this year.`}</Txt>
        ) : (
          season.plants.map((plant) => (
            <View key={plant.plantId} className="border-b border-line pb-2">
              <View className="flex-row items-baseline justify-between gap-3">
                <Txt variant="strong">{plant.name}</Txt>
                <Txt variant="strong">
                  {plant.mlPerKg === undefined
                    ? t`not measured`
                    : words(showYield(plant.mlPerKg, units))}
                </Txt>
              </View>
              <Txt variant="small">
                {[
                  `${plural(plant.runs, { one: "# run", other: "# runs" })}, ${words(showMass(plant.chargedG, units))}`,
                  t`${oil(plant.oilMl)} oil`,
                  t`${volume(plant.hydrosolMl)} hydrosol`,
                  against(plant),
                ]
                  .filter(Boolean)
                  .join(" · ")}
              </Txt>
            </View>
          ))
        )}
      </Card>
    </Screen>
  );
}

/** A plant's yield against the year before. */
function against({ mlPerKg, before }: PlantYear): string | undefined {
  if (mlPerKg === undefined || before === undefined || before === 0) return undefined;
  const change = (mlPerKg / before - 1) * 100;
  if (Math.abs(change) < 0.5) return t`as the year before`;
  return change > 0
    ? t`${fixed(Math.abs(change), 0)} % more than the year before`
    : t`${fixed(Math.abs(change), 0)} % less than the year before`;
}
