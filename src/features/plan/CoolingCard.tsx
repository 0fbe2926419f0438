import { memo } from "react";
import { View } from "react-native";
import {
  fixed,
  showDuration,
  showTemperature,
  showVolume,
  significant,
  words,
} from "@/core/units/format";
import { usualCoolingOutC } from "@/core/cooling/duty";
import { warmFeed } from "@/core/cooling/warmFeed";
import type { ChargePlan } from "@/core/plan/chargePlan";
import type { UnitSystem } from "@/core/units/units";
import { Steps } from "@/ui/charts/Steps";
import { Card } from "@/ui/primitives/Card";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import type { PlanWork } from "./usePlanDraft";

/** What carries the heat away: the tap's flow, or the tub's temperature over the run and the ice it takes. */
export const CoolingCard = memo(function CoolingCard({
  plan,
  work,
}: {
  plan: ChargePlan;
  work: PlanWork;
}) {
  const { cooling, charges, forecast } = plan;
  const { draft, read, units, change } = work;
  if (!cooling) {
    return (
      <Card className="gap-1">
        <Txt variant="heading">Cooling</Txt>
        <Txt>{withoutCondenser(forecast, units)}</Txt>
        <Txt variant="small">
          Say on the Bench what cools this still, and its tub or tap is reckoned here.
        </Txt>
      </Card>
    );
  }
  const { tap, tub } = cooling;
  const feed = warmFeed(plan.request, tap?.outC ?? tub?.endC ?? 0);
  return (
    <Card className="gap-3">
      <View className="gap-1">
        <Txt variant="heading">Cooling</Txt>
        {tap ? (
          <Txt>{`${fixed(tap.litresPerMin, 1)} L of tap water a minute, ${words(showVolume(tap.litres * 1000 * charges, units))} in all, leaving at ${words(showTemperature(tap.outC, units))}.`}</Txt>
        ) : null}
        {tub ? (
          <Txt>
            {tub.minutesToLimit === null
              ? `The tub ends at ${words(showTemperature(tub.endC, units))}, under its limit of ${words(showTemperature(tub.limitC, units))}.`
              : `The tub passes ${words(showTemperature(tub.limitC, units))} ${showDuration(tub.minutesToLimit)} after the first drop.`}
          </Txt>
        ) : null}
        {cooling.kind === "iceLid" ? (
          <Txt>{`The lid melts ${fixed(cooling.iceKg, 1)} kg of ice each charge.`}</Txt>
        ) : null}
        {cooling.iceKg > 0 ? (
          <Txt variant="strong">{`Ice to make the night before: ${fixed(cooling.iceKg * charges, 1)} kg${charges > 1 ? `, ${fixed(cooling.iceKg, 1)} kg a charge` : ""}`}</Txt>
        ) : null}
        {feed ? (
          <Txt variant="small">
            {`Filled with what leaves it warm, ${words(showTemperature(feed.feedC, units))}, the next pot saves ${significant(feed.kWh, 2)} kWh and ${showDuration(feed.minutes)}. Only where that water is fit to drink, hose and tub too.`}
          </Txt>
        ) : null}
      </View>
      {tub ? (
        <Steps
          points={tub.curve.map(({ minutes, temperatureC }) => ({ minutes, value: temperatureC }))}
          limit={tub.limitC}
          unit="°C"
          inWords={`Tub temperature over ${showDuration(forecast.runMinutes)}: from ${fixed(tub.curve[0]?.temperatureC, 0)} to ${fixed(tub.endC, 0)} °C, limit ${tub.limitC} °C.`}
        />
      ) : null}
      <View className="flex-row gap-3">
        {cooling.kind === "tap" ? null : (
          <NumberField
            heavy
            label={cooling.kind === "iceLid" ? "Ice on the lid" : "Ice in the tub"}
            value={{ text: draft.iceText, unit: "one" }}
            choices={[]}
            suffix="kg"
            placeholder={iceAtHand(work)}
            problem={read.problems.ice}
            onChange={({ text }) => change({ iceText: text })}
          />
        )}
        <NumberField
          heavy
          label="Cooling water"
          value={{ text: draft.coolingText, unit: "C" }}
          choices={["C"]}
          placeholder={String(work.preferences.site.coolingInC)}
          problem={read.problems.cooling}
          onChange={({ text }) => change({ coolingText: text })}
        />
      </View>
    </Card>
  );
});

function iceAtHand({ read }: PlanWork): string {
  const condenser = read.still?.condenser;
  return condenser && condenser.kind !== "tap" ? String(condenser.iceKg) : "0";
}

function withoutCondenser({ cooling }: ChargePlan["forecast"], units: UnitSystem): string {
  return `About ${words(showVolume((cooling.litres ?? 0) * 1000, units))} of water warmed to ${words(showTemperature(usualCoolingOutC, units))} a charge, or ${fixed(cooling.iceKg, 1)} kg of ice.`;
}
