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
      ? `${fixed(fuel.kWh, 2)} kWh`
      : `${words(showMass(fuel.gasKg * 1000, units))} of gas`;
  return (
    <Card className="gap-0 py-1">
      <Figure
        name="First drop"
        value={`after ${showDuration(firstDrop)}`}
        detail={ranges && `likely ${durationRange(ranges.minutesToFirstDrop)}`}
        onPress={() => onOpen("heat")}
      />
      <Figure
        name="Heat off"
        value={`${showDuration(forecast.runMinutes)} later`}
        detail={[
          stoppedByWords(plan, draft.stopBy, units),
          ranges && `likely ${durationRange(ranges.runMinutes)}`,
        ]
          .filter(Boolean)
          .join(", ")}
        onPress={() => onOpen("stop")}
      />
      {kind ? (
        <Figure
          name="Oil layer"
          value={
            receiver && forecast.oilLayer !== "hangs"
              ? words(showLength(receiver.layerMm, units))
              : "hangs in the water"
          }
          detail={`${receiverWords[kind]}${receiver?.suits === false ? ": it loses this oil" : receiver && !receiver.shows && forecast.oilLayer !== "hangs" ? ": too thin to see" : ""}`}
          onPress={() => onOpen("receiver")}
        />
      ) : null}
      <Figure
        name={charges === 1 ? "In all" : charges === 2 ? "Both charges" : `All ${charges} charges`}
        value={`${showDuration(all)} heating, ${energy}`}
        detail={[
          charges > 1
            ? `${words(showOil(oilOfSeries(forecast, charges, plan.request.still.holdUpMl)))} visible oil, ${words(showVolume(forecast.distillateMl * charges, units))} hydrosol`
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
