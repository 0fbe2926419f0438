import { showMoney } from "@/core/units/money";
import { oilOfSeries } from "@/core/plan/oilOfSeries";
import { memo } from "react";
import { Pressable, View } from "react-native";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { fuelFor } from "@/core/plan/fuel";
import {
  fixed,
  showDuration,
  showLength,
  showMass,
  showOil,
  showVolume,
  words,
} from "@/core/units/format";
import { t } from "@/language/t";
import type { Still } from "@/records/still";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { receiverWords } from "@/words/receiverWords";
import { stoppedByWords } from "@/words/stopRuleWords";
import type { Door } from "./doors";
import { durationRange } from "./planRanges";
import type { RangesState } from "./useForecastRanges";
import type { PlanWork } from "./usePlanDraft";

interface Props {
  plan: ChargePlan;
  state: RangesState;
  work: PlanWork;
  still: Still;
  onOpen: (door: Door) => void;
}

/** The answer's times, the layer that will be seen and what it takes, each a door. */
export const PlanFigures = memo(function PlanFigures({ plan, state, work, still, onOpen }: Props) {
  const { forecast, charges, receiver } = plan;
  const { units, preferences, read, draft } = work;
  const ranges = state.ranges?.ranges;
  const firstDrop = forecast.minutesToFirstDrop ?? 0;
  const all = (firstDrop + forecast.runMinutes) * charges;
  const fuel = fuelFor(forecast.energyKWh * charges, still.heat.kind, preferences.prices);
  const kind = read.receivers[read.receiverAt]?.kind;
  const energy =
    fuel.gasKg === undefined
      ? t`${fixed(fuel.kWh, 2)} kWh`
      : t`${words(showMass(fuel.gasKg * 1000, units))} of gas`;
  return (
    <Card className="gap-0 py-1">
      <Figure
        name={t`First drop`}
        value={t`after ${showDuration(firstDrop)}`}
        detail={ranges && t`likely ${durationRange(ranges.minutesToFirstDrop)}`}
        onPress={() => onOpen("heat")}
      />
      <Figure
        name={t`Heat off`}
        value={t`${showDuration(forecast.runMinutes)} later`}
        detail={[
          stoppedByWords(plan, draft.stopBy, units),
          ranges && t`likely ${durationRange(ranges.runMinutes)}`,
        ]
          .filter(Boolean)
          .join(", ")}
        onPress={() => onOpen("stop")}
      />
      {kind ? (
        <Figure
          name={t`Oil layer`}
          value={
            receiver && forecast.oilLayer !== "hangs"
              ? words(showLength(receiver.layerMm, units))
              : t`hangs in the water`
          }
          detail={
            receiver?.suits === false
              ? t`${receiverWords[kind]}: it loses this oil`
              : receiver && !receiver.shows && forecast.oilLayer !== "hangs"
                ? t`${receiverWords[kind]}: too thin to see`
                : receiverWords[kind]
          }
          onPress={() => onOpen("receiver")}
        />
      ) : null}
      <Figure
        name={
          charges === 1 ? t`In all` : charges === 2 ? t`Both charges` : t`All ${charges} charges`
        }
        value={t`${showDuration(all)} heating, ${energy}`}
        detail={[
          charges > 1
            ? t`${words(showOil(oilOfSeries(forecast, charges, plan.request.still.holdUpMl)))} visible oil, ${words(showVolume(forecast.distillateMl * charges, units))} hydrosol`
            : undefined,
          fuel.cost === undefined ? undefined : showMoney(fuel.cost, preferences.prices?.currency),
        ]
          .filter(Boolean)
          .join(", ")}
        onPress={() => onOpen("heat")}
      />
    </Card>
  );
});

function Figure({
  name,
  value,
  detail,
  onPress,
}: {
  name: string;
  value: string;
  detail?: string;
  onPress: () => void;
}) {
  return (
    <Pressable
      role="button"
      {...{ "aria-haspopup": "dialog" }}
      onPress={onPress}
      className="min-h-[48px] justify-center py-[6px] active:opacity-60"
    >
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Txt variant="strong">{name}</Txt>
        <Txt variant="strong" className="underline decoration-dotted underline-offset-4">
          {value}
        </Txt>
      </View>
      {detail ? <Txt variant="small">{detail}</Txt> : null}
    </Pressable>
  );
}
