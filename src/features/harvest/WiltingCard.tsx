import { View } from "react-native";
import { fixed, showDuration, showMass, words } from "@/core/units/format";
import { dryingRate, hoursUntil, moistureAfter } from "@/core/plant/wilting";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import type { HarvestNow } from "@/logbook/harvest/harvestNow";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import type { Harvest } from "@/records/harvest";
import { WiltingChart } from "@/ui/charts/WiltingChart";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { figureWords } from "@/words/figureWords";

interface Props {
  harvest: Harvest;
  lies: HarvestNow;
  plant: KnownPlant | undefined;
  units: UnitSystem;
  /** Some of it still lies here. */
  here: boolean;
  onStrike: (weighing: NonNullable<Harvest["weighings"]>[number]) => void;
}

const points = 20;

/** How it dried, how it will go on, and what that changes. */
export function WiltingCard({ harvest, lies, plant, units, here, onStrike }: Props) {
  const { curve, firstMoisture, moisture, state, dry } = lies;
  const aim = plant?.states.wilted?.moisture;
  const rate = dryingRate(curve, aim);
  const usualRate = dryingRate(curve.slice(0, 1), aim);
  const wiltedIn = aim === undefined ? null : hoursUntil(moisture, rate, aim);
  const last = curve.at(-1)!;
  const end = Math.max(
    last.hours + (here ? (wiltedIn ?? 0) * 1.15 : 0),
    last.hours + 2,
    usualRate > 0 ? 14 : 0,
  );
  const from = (moistureThen: number, by: number, start: number) =>
    by > 0
      ? Array.from({ length: points + 1 }, (_, i) => {
          const hours = ((end - start) * i) / points;
          return {
            hours: start + hours,
            percent: 100 * moistureAfter(moistureThen, by, hours),
          };
        })
      : [];
  const mass = (g: number) => words(showMass(g, units));
  if (harvest.state === "dried") return null;
  return (
    <Card className="gap-2">
      <FigureName variant="heading" name={t`As it lies`} about={figureWords.waterInPlant} />
      <WiltingChart
        weighed={curve.map(({ hours, moisture: share }) => ({ hours, percent: 100 * share }))}
        ahead={here && state !== "dried" ? from(moisture, rate, last.hours) : []}
        usual={from(firstMoisture, usualRate, 0)}
        aim={aim === undefined ? undefined : 100 * aim}
        inWords={t`Water in it over the hours: ${curve.map((point) => t`${fixed(100 * point.moisture, 0)} % after ${showDuration(point.hours * 60)}`).join(", ")}.`}
      />
      {here ? <Txt>{aheadSentence({ wiltedIn, aim, weighed: curve.length > 1 })}</Txt> : null}
      {here && aim !== undefined && moisture > aim && dry.leftG > 0 ? (
        <Txt variant="small">
          {t`Wilted, what lies here will weigh ${mass(dry.leftG / (1 - aim))} instead of ${mass(lies.massG)}: less to heat, and more fits into a charge.`}{" "}
          {oilSentence(plant!)}
        </Txt>
      ) : null}
      {(harvest.weighings ?? []).map((weighing) => {
        const point = curve.find(({ at }) => at === weighing.at);
        return (
          <View key={weighing.at} className="flex-row items-center justify-between gap-3">
            <Txt>{t`${mass(weighing.massG)} after ${showDuration((point?.hours ?? 0) * 60)}`}</Txt>
            <Button
              look="plain"
              size="small"
              leaves
              label={t`Leave out`}
              hint={t`Leave out ${mass(weighing.massG)}`}
              onPress={() => onStrike(weighing)}
            />
          </View>
        );
      })}
    </Card>
  );
}

function aheadSentence({
  wiltedIn,
  aim,
  weighed,
}: {
  wiltedIn: number | null;
  aim: number | undefined;
  weighed: boolean;
}): string {
  if (aim === undefined)
    return t`Nobody has figures for this plant wilted: distil it as it is, or note how it goes.`;
  const share = `${fixed(100 * aim, 0)} %`;
  if (wiltedIn === 0)
    return t`It has wilted: at ${share} of water such a plant is usually distilled.`;
  if (wiltedIn === null) return t`It dries no more as it lies: it stays above ${share}.`;
  const when = showDuration(wiltedIn * 60);
  return weighed
    ? t`If it goes on so it has wilted in ${when}, at ${share} of water.`
    : t`It usually wilts in ${when} spread thin in the shade, to ${share} of water. Weigh it again to see.`;
}

/** What wilting does to the oil of this plant, by the book or one's own figures, on the same dry matter. */
function oilSentence({ states }: KnownPlant): string {
  const { fresh, wilted } = states;
  if (!fresh || !wilted) return "";
  const perDry = ({ oilMlPerKg, moisture }: typeof fresh) =>
    Math.sqrt(oilMlPerKg.low * oilMlPerKg.high) / (1 - moisture);
  const change = perDry(wilted) / perDry(fresh) - 1;
  if (Math.abs(change) < 0.03) return t`Its oil stays about the same.`;
  return change > 0
    ? t`Of its oil it has then about ${fixed(Math.abs(change) * 100, 0)} % more.`
    : t`Of its oil it has then about ${fixed(Math.abs(change) * 100, 0)} % less.`;
}
