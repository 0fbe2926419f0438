import { showDuration } from "@/core/units/format";
import { heatSources } from "@/core/still/heatSources";
import { minutesToHeat } from "@/core/still/heatUp";
import { lossWPerK, vesselJPerK } from "@/core/still/stillFigures";
import { unitsFor } from "@/core/units/units";
import { pressureAtAltitudePa } from "@/core/water/atmosphere";
import { waterHeatCapacity } from "@/core/water/properties";
import { boilingPointC } from "@/core/water/saturation";
import { stillFigures } from "@/logbook/still/stillFigures";
import { Question, useAsked, type Asking } from "./Question";

/* Without a still: an insulated pot of some 3 kg of steel. */
const plainLossWPerK = 2;
const plainVesselJPerK = 1500;

/** How long so much water takes to boil on so much heat. */
export function HeatUp({ units, site, still }: Asking) {
  const boilC = boilingPointC(pressureAtAltitudePa(site.altitudeM));
  const { fields, values } = useAsked({
    water: {
      label: "Water",
      name: "Water",
      min: 0,
      max: 1e6,
      above: true,
      choices: unitsFor("volume", units),
      start: 3000,
    },
    power: {
      label: "Power",
      name: "Power",
      min: 0,
      max: 1e5,
      above: true,
      choices: ["W", "kW"],
      start: still?.heat.powerW ?? 2000,
    },
    reaches: {
      label: "Reaches the pot",
      name: "The share",
      min: 1,
      max: 100,
      choices: [],
      suffix: "%",
      start:
        100 * (still?.heat.efficiency ?? heatSources[still?.heat.kind ?? "plate"].usualEfficiency),
    },
    start: {
      label: "From",
      name: "The start",
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
      title="How long until it boils?"
      answer={
        minutes === undefined
          ? undefined
          : Number.isFinite(minutes)
            ? showDuration(minutes)
            : "Never: the pot loses what this heat gives"
      }
      detail={still ? `In ${still.name}, with its metal and its loss.` : "In a plain steel pot."}
    >
      {fields}
    </Question>
  );
}
