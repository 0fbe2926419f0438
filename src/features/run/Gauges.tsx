import { memo } from "react";
import { Pressable, Text, View } from "react-native";
import { type Shown, showDuration, showFlow, showTemperature, words } from "@/core/units/format";
import { safety } from "@/core/safety";
import { t } from "@/language/t";
import type { Latest } from "@/logbook/run/liveRun";
import { Txt } from "@/ui/primitives/Txt";
import type { CockpitFigure } from "./FigureSheet";
import type { CockpitPart } from "./CockpitHead";

/** Drip rate, head and outlet, each against what it should be. */
export const Gauges = memo(function Gauges({
  run,
  live,
  latest,
  units,
  onOpen,
}: CockpitPart & { latest: Latest; onOpen: (figure: CockpitFigure) => void }) {
  const degrees = (value: number | undefined): Shown =>
    value === undefined ? unknown : showTemperature(value, units);
  const now = live.live;
  const warm = live.alarms.some(({ code }) => code === "outletWarm" || code === "outletHot");
  const cold = live.alarms.some(({ code }) => code === "headFell");
  const slow = live.alarms.some(({ code }) => code === "rateFell");
  return (
    <View className="flex-row flex-wrap gap-2">
      <Gauge
        label={t`Flow`}
        onPress={() => onOpen("flow")}
        value={now ? showFlow(now.rateMlPerMin, units) : unknown}
        detail={
          !now
            ? t`no drop yet`
            : Number.isFinite(now.minutesToDryLine)
              ? t`dry in ${showDuration(Math.max(0, now.minutesToDryLine))}`
              : t`the water flows back`
        }
        alarm={slow}
      />
      <Gauge
        label={t`Head`}
        onPress={() => onOpen("headFigure")}
        value={degrees(latest.headC)}
        detail={t`boils ${words(degrees(run.plan.forecast.boilC))}`}
        alarm={cold}
      />
      <Gauge
        label={t`Outlet`}
        onPress={() => onOpen("outletFigure")}
        value={degrees(latest.outletC)}
        detail={warm ? t`cool it` : t`under ${words(degrees(safety.warmOutletC))}`}
        alarm={warm}
      />
    </View>
  );
});

const unknown: Shown = { text: "–", unit: "" };

function Gauge({
  label,
  value,
  detail,
  alarm,
  onPress,
}: {
  onPress: () => void;
  label: string;
  value: Shown;
  detail: string;
  alarm: boolean;
}) {
  return (
    <Pressable
      role="button"
      aria-label={t`${label} ${words(value)}, ${detail}. Readings and corrections`}
      {...{ "aria-haspopup": "dialog" }}
      onPress={onPress}
      className={`min-w-[92px] flex-1 rounded-card px-3 py-1 active:opacity-80 ${alarm ? "bg-ember-wash" : "bg-panel"}`}
    >
      <Txt variant="small" className="leading-[17px]">
        {label}
      </Txt>
      <Text
        className={`font-bold text-[18px] leading-[23px] ${alarm ? "text-ember-ink" : "text-ink"}`}
      >
        {value.text} <Text className="text-[13px]">{value.unit}</Text>
      </Text>
      <Txt variant="small" className={`leading-[17px] ${alarm ? "text-ember-ink" : ""}`}>
        {detail}
      </Txt>
    </Pressable>
  );
}
