import { showDuration } from "@/core/units/format";
import { heatSources } from "@/core/still/heatSources";
import { minutesToHeat } from "@/core/still/heatUp";
import { lossWPerK, vesselJPerK } from "@/core/still/stillFigures";
import { unitsFor } from "@/core/units/units";
import { pressureAtAltitudePa } from "@/core/water/atmosphere";
import { waterHeatCapacity } from "@/core/water/properties";
import { boilingPointC } from "@/core/water/saturation";
import { t } from "@/language/t";
import { stillFigures } from "@/logbook/still/stillFigures";
import { Question, useAsked, type Asking } from "./Question";
import { figureWords } from "@/words/figureWords";

/* Without a still: an insulated pot of some 3 kg of steel. */
const plainLossWPerK = 2;
const plainVesselJPerK = 1500;

/** How long so much water takes to boil on so much heat. */
export function HeatUp({ units, site, still }: Asking) {
  const boilC = boilingPointC(pressureAtAltitudePa(site.altitudeM));
  const { fields, values } = useAsked({
    water: {
      label: t`Water`,
      name: t`Water`,
      min: 0,
      max: 1e6,
      above: true,
      choices: unitsFor("volume", units),
      start: 3000,
    },
    power: {
      label: t`Power`,
      name: t`Power`,
      min: 0,
      max: 1e5,
      above: true,
      choices: ["W", "kW"],
      start: still?.heat.powerW ?? 2000,
    },
    reaches: {
      label: t`Reaches the pot`,
      name: t`The share`,
      min: 1,
      max: 100,
      choices: [],
      suffix: "%",
      start:
        100 * (still?.heat.efficiency ?? heatSources[still?.heat.kind ?? "plate"].usualEfficiency),
    },
    start: {
      label: t`From`,
      name: t`The start`,
      min: 0,
      max: 90,
      choices: unitsFor("temperature", units),
      start: site.waterC,
    },
  });
  const figures = still && stillFigures(still);
  const minutes =
    values &&
    minutesToHeat(
      {
        powerW: (values.power * values.reaches) / 100,
        lossWPerK: figures ? lossWPerK(figures, boilC, site.airC) : plainLossWPerK,
        capacityJPerK:
          values.water * waterHeatCapacity + (figures ? vesselJPerK(figures) : plainVesselJPerK),
        airC: site.airC,
      },
      values.start,
      boilC,
    );
  return (
    <Question
      title={t`How long until it boils?`}
      about={figureWords.heatIn}
      answer={
        minutes === undefined
          ? undefined
          : Number.isFinite(minutes)
            ? showDuration(minutes)
            : t`Never: the pot loses what this heat gives`
      }
      detail={still ? t`In ${still.name}, with its metal and its loss.` : t`In a plain steel pot.`}
    >
      {fields}
    </Question>
  );
}
