import { View } from "react-native";
import { usualCoolingOutC } from "@/core/cooling/duty";
import { warmFeed } from "@/core/forecast/warmFeed";
import type { ChargePlan } from "@/core/plan/chargePlan";
import {
  plainNumber,
  showDuration,
  showIce,
  showTemperature,
  showVolume,
  significant,
  words,
} from "@/core/units/format";
import { type UnitName, fromCanonical, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { Steps } from "@/ui/charts/Steps";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import type { DoorProps } from "./doorProps";

/** What carries the heat away: the tap's flow, or the tub's temperature over the run and the ice it takes. */
export function CoolingDoor({ plan, work }: DoorProps) {
  const { draft, read, units, change, preferences } = work;
  const condenser = read.still?.condenser;
  const iceUnit = draft.iceUnit as UnitName;
  const coolingUnit = draft.coolingUnit as UnitName;
  const ice = condenser && condenser.kind !== "tap" ? condenser.iceKg * 1000 : 0;
  return (
    <>
      {plan ? <Carried plan={plan} work={work} /> : null}
      <View className="flex-row gap-3">
        {condenser && condenser.kind !== "tap" ? (
          <NumberField
            heavy
            label={condenser.kind === "iceLid" ? t`Ice on the lid` : t`Ice in the tub`}
            value={{ text: draft.iceText, unit: iceUnit }}
            choices={unitsFor("iceMass", units)}
            placeholder={plainNumber(Number(fromCanonical(ice, iceUnit).toPrecision(3)))}
            problem={read.problems.ice}
            onChange={({ text, unit }) => change({ iceText: text, iceUnit: unit })}
          />
        ) : null}
        <NumberField
          heavy
          label={t`Cooling water`}
          value={{ text: draft.coolingText, unit: coolingUnit }}
          choices={unitsFor("temperature", units)}
          placeholder={plainNumber(
            Math.round(fromCanonical(preferences.site.coolingInC, coolingUnit)),
          )}
          problem={read.problems.cooling}
          onChange={({ text, unit }) => change({ coolingText: text, coolingUnit: unit })}
        />
      </View>
    </>
  );
}

function Carried({ plan, work: { units } }: { plan: ChargePlan; work: DoorProps["work"] }) {
  const { cooling, charges, forecast } = plan;
  const volume = (litres: number) => words(showVolume(litres * 1000, units));
  const warmth = (celsius: number) => words(showTemperature(celsius, units));
  const ice = (kg: number) => words(showIce(kg, units));
  if (!cooling)
    return (
      <>
        <Txt>{t`Each charge warms about ${volume(forecast.cooling.litres ?? 0)} of water to ${warmth(usualCoolingOutC)}, or melts ${ice(forecast.cooling.iceKg)} of ice.`}</Txt>
        <Txt variant="small">{t`Say on the still's page what cools it, and Sereno calculates its tub or tap.`}</Txt>
      </>
    );
  const { tap, tub } = cooling;
  const feed = warmFeed(plan.request, tap?.outC ?? tub?.endC ?? 0);
  return (
    <>
      {tap ? (
        <Txt>{t`The tap runs at ${volume(tap.litresPerMin)} a minute, ${volume(tap.litres * charges)} in all. The water leaves at ${warmth(tap.outC)}.`}</Txt>
      ) : null}
      {tub ? (
        <Txt>
          {tub.minutesToLimit === null
            ? t`The tub ends at ${warmth(tub.endC)}, below its limit of ${warmth(tub.limitC)}.`
            : t`The tub gets warmer than ${warmth(tub.limitC)} ${showDuration(tub.minutesToLimit)} after the first drop.`}
        </Txt>
      ) : null}
      {cooling.kind === "iceLid" ? (
        <Txt>{t`The lid melts ${ice(cooling.iceKg)} of ice each charge.`}</Txt>
      ) : null}
      {cooling.iceKg > 0 ? (
        <Txt variant="strong">
          {charges > 1
            ? t`Ice to make the night before: ${ice(cooling.iceKg * charges)}, ${ice(cooling.iceKg)} a charge`
            : t`Ice to make the night before: ${ice(cooling.iceKg)}`}
        </Txt>
      ) : null}
      {tub ? (
        <Steps
          points={tub.curve.map(({ minutes, temperatureC }) => ({
            minutes,
            value: fromCanonical(temperatureC, units === "metric" ? "C" : "F"),
          }))}
          limit={fromCanonical(tub.limitC, units === "metric" ? "C" : "F")}
          unit={units === "metric" ? "°C" : "°F"}
          inWords={t`Tub temperature over ${showDuration(forecast.runMinutes)}: from ${warmth(tub.curve[0]?.temperatureC ?? tub.endC)} to ${warmth(tub.endC)}, limit ${warmth(tub.limitC)}.`}
        />
      ) : null}
      {feed ? (
        <Txt variant="small">
          {t`Fill the next pot with the warm water that leaves, ${warmth(feed.feedC)}: it saves ${significant(feed.kWh, 2)} kWh and ${showDuration(feed.minutes)}. Only where water, hose and tub are clean enough to drink from.`}
        </Txt>
      ) : null}
    </>
  );
}
