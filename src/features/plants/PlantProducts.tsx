import { showDensity, showDissolved, showTemperature, words } from "@/core/units/format";
import { boilingTogether, oilProperties } from "@/core/plant/oil";
import { pressureAtAltitudePa } from "@/core/water/atmosphere";
import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useWithProse } from "@/store/useProse";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Txt } from "@/ui/primitives/Txt";
import { markedOwn } from "./markedOwn";
import { OilMix } from "./OilMix";
import { layerWords, oilKeepingWords, phWords, waterKeepingWords } from "@/words/plantWords";
import { figureWords } from "@/words/figureWords";

/** What a plant's oil is like, and its hydrosol. */
export function PlantProducts({ plant: known }: { plant: KnownPlant }) {
  const plant = useWithProse(known);
  const { units, site } = useAppSelector(selectPreferences);
  const oil = oilProperties(plant.composition);
  const together = boilingTogether(plant.composition, pressureAtAltitudePa(site.altitudeM));
  const mine = markedOwn(plant);
  return (
    <>
      <Card className="gap-3">
        <Txt variant="heading">{mine("composition", t`Its oil`)}</Txt>
        <OilMix composition={plant.composition} />
        <Facts
          facts={[
            [
              t`Density`,
              t`${words(showDensity(oil.densityGPerMl, units))}: ${layerWords[oil.layer]}`,
              figureWords.oilDensity,
            ],
            [
              t`In the hydrosol`,
              t`dissolves up to ${words(showDissolved(Math.max(0.1, oil.solubilityGPerL), units))}`,
              figureWords.oilDensity,
            ],
            [
              t`With water`,
              t`boils at ${words(showTemperature(together.temperatureC, units))}; distillate carries ${words(showDissolved(together.saturationRatio * 1000, units))} of it at most`,
            ],
            [
              t`Sets below`,
              plant.setsBelowC === undefined
                ? plant.ownFigures.includes("setsBelowC")
                  ? t`does not set (yours)`
                  : undefined
                : mine("setsBelowC", words(showTemperature(plant.setsBelowC, units))),
            ],
            [t`Look and smell`, mine("oilLook", plant.oilLook)],
            [t`Keeps`, mine("keeping", oilKeepingWords(plant))],
          ]}
        />
      </Card>
      <Card className="gap-3">
        <Txt variant="heading">{t`Its hydrosol`}</Txt>
        <Facts
          facts={[
            [t`Look and smell`, mine("hydrosolLook", plant.hydrosolLook)],
            [t`Worth`, mine("hydrosolWorth", plant.hydrosolWorth)],
            [t`Usual pH`, phWords(plant)],
            [t`Keeps`, waterKeepingWords(plant)],
          ]}
        />
      </Card>
    </>
  );
}
