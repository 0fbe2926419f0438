import { View } from "react-native";
import {
  showClock,
  showDuration,
  showLength,
  showMass,
  showOil,
  showRange,
  showVolume,
  words,
  type ChargePlan,
  type Percentiles,
  type Plant,
  type UnitSystem,
} from "@/core";
import { lastWord } from "@/records/lastWord";
import type { Still } from "@/records/still";
import { stillShape } from "@/records/stillFigures";
import { StillDrawing } from "@/ui/drawings/StillDrawing";
import { Card } from "@/ui/primitives/Card";
import { Tile } from "@/ui/primitives/Tile";
import { Txt } from "@/ui/primitives/Txt";
import type { ForecastRanges } from "@/workers/forecastMessages";

interface Props {
  plan: ChargePlan;
  ranges: ForecastRanges | undefined;
  plant: Plant;
  still: Still;
  units: UnitSystem;
}

/** What the plan comes to: the still with its levels, and the numbers with their ranges. */
export function PlanResult({ plan, ranges, plant, still, units }: Props) {
  const { forecast, levels, charges } = plan;
  const hydro = plan.request.method === "hydro";
  const oil = ranges?.oil.visibleMl;
  const each = charges > 1 ? `, ${charges} charges` : "";
  const firstDrop = forecast.minutesToFirstDrop ?? 0;
  const heatOff = firstDrop + forecast.runMinutes;
  return (
    <>
      <Card className="px-2">
        <StillDrawing
          shape={stillShape(still)}
          levels={levels}
          hydro={hydro}
          heatKind={still.heat.kind}
          jar={{
            sizeMl: still.jarMl,
            hydrosolMl: Math.min(still.jarMl * 0.9, forecast.distillateMl),
            oilMl: oil?.p50 ?? 0,
          }}
          labels={{
            headspace: { shown: showLength(levels.headspaceMm, units), what: "headspace" },
            charge: {
              shown: showMass(plan.chargeG, units),
              what: lastWord(plant.part),
            },
            water: { shown: showVolume(plan.waterMl, units), what: "water" },
            dryLine: { shown: showVolume(still.dryLineMl, units), what: "dry line" },
            hydrosol: { shown: showVolume(forecast.distillateMl, units), what: "hydrosol" },
          }}
          inWords={`${still.name} with ${words(showMass(plan.chargeG, units))} of ${plant.name} ${hydro ? "in" : "above"} ${words(showVolume(plan.waterMl, units))} of water; ${words(showLength(levels.headspaceMm, units))} of headspace; dry line at ${words(showVolume(still.dryLineMl, units))}.`}
        />
      </Card>
      <View className="flex-row flex-wrap gap-3">
        <Tile
          wash="oil"
          label={`Oil to see${each}`}
          value={oil ? showOil(oil.p50 * charges) : { text: "…", unit: "" }}
          detail={oil ? eightInTen(oil, charges, "mL") : "playing a thousand runs"}
        />
        <Tile
          wash="dew"
          label={`Hydrosol${each}`}
          value={showVolume(forecast.distillateMl * charges, units)}
          detail={
            ranges
              ? hydrosolRange(ranges.ranges.distillateMl, charges, units)
              : `at ${showVolume(forecast.rateMlPerMin, units).text} ${showVolume(1, units).unit} a minute`
          }
        />
        <Tile
          wash="ember"
          label="First drop · heat off"
          value={{ text: `${showClock(firstDrop)} · ${showClock(heatOff)}`, unit: "h" }}
          detail={`each charge; boils at ${forecast.boilC.toFixed(1)} °C`}
        />
        <Tile
          label={charges > 1 ? "Charges" : "Pot at the end"}
          value={
            charges > 1
              ? {
                  text: `${charges} × ${showMass(plan.chargeG, units).text}`,
                  unit: showMass(plan.chargeG, units).unit,
                }
              : showVolume(forecast.potLeftMl, units)
          }
          detail={
            charges > 1
              ? `${showDuration(heatOff * charges)} on the heat in all`
              : `dry line at ${words(showVolume(still.dryLineMl, units))}`
          }
        />
      </View>
      <Txt variant="small">
        {`Yield to expect: ${eightInTenYield(ranges, plan)} of ${plant.name.toLowerCase()} distilled, of which the hydrosol keeps about ${forecast.oil.dissolvedG.p50.toFixed(2)} g a charge.`}
      </Txt>
    </>
  );
}

function eightInTen({ p10, p90 }: Percentiles, times: number, unit: string): string {
  return p90 * times < 0.005
    ? "none that shows"
    : `8 in 10: ${showRange(p10 * times, p90 * times)} ${unit}`;
}

function hydrosolRange({ p10, p90 }: Percentiles, times: number, units: UnitSystem): string {
  const [low, high] = [showVolume(p10 * times, units), showVolume(p90 * times, units)];
  return low.text === high.text && low.unit === high.unit
    ? "held by the stop rule"
    : `8 in 10: ${words(low)} to ${words(high)}`;
}

function eightInTenYield(ranges: ForecastRanges | undefined, plan: ChargePlan): string {
  if (!ranges) return "…";
  const { p10, p90 } = ranges.oil.distilledMl;
  const kg = plan.chargeG / 1000;
  return `${showRange(p10 / kg, p90 / kg)} mL/kg`;
}
