import { memo } from "react";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { fullShare } from "@/core/run/liveEstimate";
import { catchesIn } from "@/core/still/methods";
import {
  showIce,
  showLength,
  showMass,
  showOil,
  showRange,
  showTemperature,
  showVolume,
  words,
} from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import { catchMl } from "@/logbook/still/catchMl";
import { stillShape } from "@/logbook/still/stillFigures";
import type { Still } from "@/records/still";
import { StillDrawing } from "@/ui/drawings/StillDrawing";
import { Card } from "@/ui/primitives/Card";
import { lastWord } from "@/words/lastWord";
import type { Door } from "./doors";
import type { RangesState } from "./useForecastRanges";
import type { PlanWork } from "./usePlanDraft";

interface Props {
  plan: ChargePlan;
  state: RangesState;
  work: PlanWork;
  still: Still;
  onOpen: (door: Door) => void;
}

/** The answer in the still's own drawing: what goes in and comes out of one charge, each figure a door. */
export const PlanDrawing = memo(function PlanDrawing({ plan, state, work, still, onOpen }: Props) {
  const { units, read } = work;
  const { forecast, levels, charges } = plan;
  const swims = plan.method !== "steam";
  const oil = state.ranges?.oil.visibleMl;
  /* The middle run, as every choice is compared by; the range is that of a thousand. */
  const middleMl = forecast.oil.visibleMl.p50;
  const charge = showMass(plan.chargeG, units);
  const part = lastWord(read.plant.part);
  const door = (name: Door) => () => onOpen(name);
  return (
    <Card className="p-2">
      <StillDrawing
        shape={stillShape(still)}
        levels={levels}
        hydro={swims}
        heatKind={still.heat.kind}
        condenser={still.condenser?.kind}
        head={still.head}
        trapKeeps={still.trapKeeps}
        jar={{
          sizeMl: catchMl(still),
          hydrosolMl: Math.min(
            catchMl(still) * Math.min(1, fullShare[catchesIn(plan.method)]),
            forecast.distillateMl,
          ),
          oilMl: middleMl,
          oilSinks: forecast.oilLayer === "sinks",
        }}
        labels={{
          headspace: {
            shown: showLength(levels.headspaceMm, units),
            what: plan.method === "bowl" ? t`under bowl` : t`headspace`,
            onPress: door("charge"),
          },
          charge: {
            shown: charge,
            what: charges > 1 ? t`× ${charges} charges` : part,
            onPress: door("charge"),
          },
          water: {
            shown: showVolume(plan.waterMl, units),
            what: t`water`,
            onPress: door("water"),
          },
          dryLine: {
            shown: showVolume(still.dryLineMl, units),
            what: t`dry line`,
            onPress: door("water"),
          },
          cooling: { ...coolingLabel(plan, units), onPress: door("cooling") },
          oil: {
            shown: { ...showOil(middleMl), unit: t`mL oil` },
            what: oil ? likelyOil(oil.p10, oil.p90) : t`likely …`,
            spoken: oil
              ? t`${showOil(middleMl).text} mL oil, ${likelyOil(oil.p10, oil.p90)}`
              : t`${showOil(middleMl).text} mL oil, likely …`,
            onPress: door("oil"),
          },
          hydrosol: {
            shown: showVolume(forecast.distillateMl, units),
            what: plan.method === "cohobation" ? t`flows back` : t`hydrosol`,
            onPress: door("hydrosol"),
          },
        }}
        inWords={
          swims
            ? t`${still.name} with ${words(charge)} of ${read.plant.name} in ${words(showVolume(plan.waterMl, units))} of water; ${words(showLength(levels.headspaceMm, units))} of headspace; dry line at ${words(showVolume(still.dryLineMl, units))}.`
            : t`${still.name} with ${words(charge)} of ${read.plant.name} above ${words(showVolume(plan.waterMl, units))} of water; ${words(showLength(levels.headspaceMm, units))} of headspace; dry line at ${words(showVolume(still.dryLineMl, units))}.`
        }
      />
    </Card>
  );
});

function likelyOil(low: number, high: number): string {
  return high < 0.005 ? t`none visible` : t`likely ${showRange(low, high)}`;
}

/** How the cooling ends, in the two lines there is room for. */
function coolingLabel({ cooling, forecast }: ChargePlan, units: UnitSystem) {
  if (!cooling)
    return {
      shown: showVolume((forecast.cooling.litres ?? 0) * 1000, units),
      what: t`cooling`,
    };
  if (cooling.tap)
    return {
      shown: { ...showVolume(cooling.tap.litresPerMin * 1000, units) },
      what: t`tap, a minute`,
    };
  if (cooling.tub) {
    const { text, unit } = showTemperature(cooling.tub.endC, units);
    return { shown: { text, unit }, what: t`tub at the end` };
  }
  return { shown: showIce(cooling.iceKg, units), what: t`ice` };
}
