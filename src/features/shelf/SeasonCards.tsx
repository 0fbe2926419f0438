import { fixed, showMass, showOil, showVolume, showYield, words } from "@/core/units/format";
import { noonOf, showMonth } from "@/core/units/dates";
import { showMoney } from "@/core/units/money";
import { View } from "react-native";
import { plural, t } from "@/language/t";
import type { PlantYear, Season } from "@/logbook/shelf/season";
import { useUnits } from "@/store/hooks";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { figureWords } from "@/words/figureWords";

/** What was made in a year, and what became of it. */
export function MadeUsedLost({ season }: { season: Season }) {
  const units = useUnits();
  const oil = (ml: number) => words(showOil(ml));
  const volume = (ml: number) => words(showVolume(ml, units));
  return (
    <Card className="gap-2">
      <FigureName variant="heading" name={t`Made, used, lost`} about={figureWords.seasonSum} />
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
  );
}

/** What a year cost and what it made is worth, by the person's own prices. */
export function YearsMoney({ season, currency }: { season: Season; currency: string }) {
  return season.cost > 0 || season.worth > 0 ? (
    <Card className="gap-2">
      <FigureName variant="heading" name={t`Money`} about={figureWords.costOf} />
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
  );
}

/** How many bottles come to their best-by, month by month. */
export function BestByAhead({ ahead }: Pick<Season, "ahead">) {
  const most = Math.max(1, ...ahead.map(({ bottles }) => bottles));
  return (
    <Card className="gap-2">
      <Txt variant="heading">{t`Best-by ahead`}</Txt>
      <View
        role="img"
        aria-label={t`Bottles whose best-by falls in each month: ${ahead.map(({ month, bottles }) => `${month} ${bottles}`).join(", ")}`}
        className="gap-1"
      >
        {ahead.map(({ month, bottles }) => (
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
  );
}

/** What each plant gave in a year, and whether that was more than the year before. */
export function PlantByPlant({ plants }: Pick<Season, "plants">) {
  const units = useUnits();
  const oil = (ml: number) => words(showOil(ml));
  const volume = (ml: number) => words(showVolume(ml, units));
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Plant by plant`}</Txt>
      {plants.length === 0 ? (
        <Txt>{t`Nothing was distilled in this year.`}</Txt>
      ) : (
        plants.map((plant) => (
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
