import { memo, useMemo } from "react";
import { Pressable, View } from "react-native";
import { fixed, showDuration, showOil, showVolume, words } from "@/core/units/format";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { type Prices, fuelFor } from "@/core/plan/fuel";
import { hydrosolToKeep, worthShareOf } from "@/core/plan/hydrosolToKeep";
import { type StopChoice, stopChoices, tenMoreMinutes } from "@/core/plan/stopChoices";
import { usualWorthMl } from "@/core/plan/usualWorth";
import type { Plant, PlantState } from "@/core/plant/plant";
import type { HeatKind } from "@/core/still/heatSources";
import type { UnitSystem } from "@/core/units/units";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import type { PlanDraft } from "@/records/planDraft";
import { stopRuleWords } from "@/words/stopRuleWords";

interface Props {
  plan: ChargePlan;
  plant: Plant;
  state: PlantState;
  heat: HeatKind;
  units: UnitSystem;
  money?: Partial<Prices> & { currency: string };
  onTake: (change: Partial<PlanDraft>, label: string) => void;
}

const ruleDraft: Partial<Record<StopChoice["rule"], PlanDraft["stopBy"]>> = {
  perKg: "ratio",
  worthMlPer10Min: "worth",
  minutes: "clock",
};

/** When each rule would stop this charge, and what ten minutes more would bring and cost. */
export const StopTable = memo(function StopTable({
  plan,
  plant,
  state,
  heat,
  units,
  money,
  onTake,
}: Props) {
  const { request, forecast } = plan;
  const choices = useMemo(
    () =>
      stopChoices(request, {
        perKg: request.stop.perKg ?? hydrosolToKeep(plant.tissue, state),
        worthMlPer10Min:
          request.stop.worthMlPer10Min ??
          usualWorthMl(request, plan.figures.oilMlPerKg, worthShareOf(plant.tissue)),
        minutes: request.stop.minutes ?? plant.usualMinutes,
      }),
    [request, plan.figures.oilMlPerKg, plant, state],
  );
  const keep = choices.find(({ rule }) => rule === "perKg");
  const more = useMemo(() => tenMoreMinutes(request, forecast), [request, forecast]);
  const fuel = fuelFor(more.energyKWh, heat, money);
  const worth = money?.oilPerMl === undefined ? undefined : more.oilMl * money.oilPerMl;
  return (
    <Card className="gap-1">
      <Txt variant="heading">What to keep, and when to stop</Txt>
      {keep && !keep.dryFirst ? (
        <View className="gap-1 pb-1">
          <Txt>{`Hydrosol worth keeping: the first ${words(showVolume(keep.distillateMl, units))}, until ${showDuration(keep.minutes)} after the first drop.`}</Txt>
          <Txt>{tailOf(keep, forecast.runMinutes, forecast.oil.visibleMl.p50)}</Txt>
        </View>
      ) : null}
      {choices.map(({ rule, minutes, distillateMl, oilMl, dryFirst }) => {
        const ends = rule === forecast.stoppedBy;
        const stopBy = ruleDraft[rule];
        const words_ = `${showDuration(minutes)} after the first drop · ${words(showVolume(distillateMl, units))} · ${words(showOil(oilMl))} oil to see${dryFirst ? " · the dry line comes first" : ""}`;
        return (
          <Pressable
            key={rule}
            role={stopBy ? "button" : undefined}
            disabled={!stopBy}
            onPress={() =>
              stopBy &&
              onTake({ stopBy, minutesText: "" }, `Stop by: ${stopRuleWords[rule].toLowerCase()}`)
            }
            className={`min-h-[48px] justify-center rounded-[12px] px-2 ${ends ? "bg-leaf-wash" : ""}`}
          >
            <Txt variant="strong">{stopRuleWords[rule] + (ends ? ", ends this plan" : "")}</Txt>
            <Txt variant="small" className="text-ink">
              {words_}
            </Txt>
          </Pressable>
        );
      })}
      <View className="pt-1">
        <Txt variant="small" className="text-ink">
          {more.dry
            ? "Ten more minutes would boil the pot to its dry line."
            : `Ten more minutes earn ${words(showOil(more.oilMl))} of oil${worth === undefined ? "" : ` (${fixed(worth, 2)} ${money?.currency ?? ""})`} and ${words(showVolume(more.distillateMl, units))} of hydrosol for ${fixed(more.energyKWh, 2)} kWh${fuel.cost === undefined ? "" : ` (${fixed(fuel.cost, 2)} ${money?.currency ?? ""})`}.`}
        </Txt>
      </View>
    </Card>
  );
});

/** What the run does beyond the hydrosol, for its oil. */
function tailOf(keep: StopChoice, runMinutes: number, oilMl: number): string {
  const tail = runMinutes - keep.minutes;
  if (tail < -1) return "This plan stops before it is all in.";
  if (tail <= 1) return "No tail: from there on the oil is not worth the heat.";
  return `Then the tail, for the oil: ${showDuration(tail)} more bring ${words(showOil(Math.max(0, oilMl - keep.oilMl)))} to see.`;
}
