import { Link, type Href } from "expo-router";
import ChevronLeft from "lucide-react-native/icons/chevron-left";
import Thermometer from "lucide-react-native/icons/thermometer";
import { memo } from "react";
import { Pressable, Text, View } from "react-native";
import { showClock, showOil, showRange } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import type { LiveRun } from "@/logbook/run/liveRun";
import type { Run } from "@/records/run";
import type { RunState } from "@/logbook/run/runState";
import { oilNow } from "@/logbook/run/oilNow";
import { whatNow } from "@/words/whatNow";
import { useRunNow } from "@/store/useRunNow";
import { useNow } from "@/ui/useNow";
import { Txt } from "@/ui/primitives/Txt";
import type { WatchAnswer } from "@/messages/watchMessages";
import { QuietBell } from "./QuietBell";
import { phaseOf, timeOf } from "@/words/runWords";
import { probeWords, type ProbeHealth } from "./instrument/probeHealth";

/** What every part of the cockpit is told. */
export interface CockpitPart {
  run: Run;
  state: RunState;
  live: LiveRun;
  watched?: WatchAnswer;
  /** Minutes since the first drop. */
  since: number;
  units: UnitSystem;
}

interface HeadProps extends CockpitPart {
  plantName: string;
  /** The instrument's health; absent where none is connected. */
  probe?: ProbeHealth;
  onProbe: () => void;
  /** Where the way back leads; Today where absent. */
  back?: { href: Href; label: string };
}

/** Whose run it is, its phase, and when the heat goes off. */
export const CockpitHead = memo(function CockpitHead({
  run,
  state,
  live,
  plantName,
  probe,
  onProbe,
  back = { href: "/", label: t`Today` },
}: HeadProps) {
  return (
    <View className="flex-row flex-wrap items-center justify-end gap-x-2">
      <View className="min-w-[150px] flex-1 flex-row items-center">
        <Link href={back.href} asChild>
          <Pressable
            aria-label={back.label}
            className="-ml-4 min-h-[64px] min-w-[64px] items-center justify-center"
          >
            <ChevronLeft size={22} color="var(--soft)" />
          </Pressable>
        </Link>
        <View className="min-w-0 flex-1">
          <Txt variant="label">{t`Run ${run.number} · ${plantName}`}</Txt>
          <Txt variant="heading" role="heading" aria-level={1} {...{ tabIndex: -1 }}>
            {phaseOf(state, live)}
          </Txt>
        </View>
      </View>
      <Pressable
        role="button"
        aria-label={probe ? t`Probe and scale: ${probeWords[probe]}` : t`Connect a probe and scale`}
        onPress={onProbe}
        className="-mx-2 min-h-[64px] min-w-[64px] items-center justify-center rounded-[14px] active:opacity-80"
      >
        <Thermometer
          size={22}
          color={
            probe === "live" ? "var(--leaf)" : probe === undefined ? "var(--soft)" : "var(--ember)"
          }
        />
        {probe && probe !== "live" ? (
          <Text className="font-bold text-[12px] text-ember-ink">{probeWords[probe]}</Text>
        ) : null}
      </Pressable>
      {live.live ? (
        <View className="items-end">
          <Txt variant="label">{t`heat off in about`}</Txt>
          <Text className="font-bold text-[22px] leading-[26px] text-ember-ink">
            {showClock(Math.max(0, live.live.minutesToHeatOff))}
          </Text>
        </View>
      ) : null}
    </View>
  );
});

/** The one large clock, and the oil so far. */
export const ClockRow = memo(function ClockRow({ state, watched, live, run }: CockpitPart) {
  const { now, wallNow } = useRunNow(run, useNow());
  const clock = clockOf(state, now);
  const oil = watched && oilNow(run, watched.now);
  return (
    <View className="flex-row items-end justify-between gap-3">
      <View className="min-w-0 shrink">
        <Txt
          variant="clock"
          style={{ lineHeight: 50 }}
          accessibilityLabel={`${clock.text}, ${clock.since}`}
        >
          {clock.text}
        </Txt>
        <Txt variant="label">
          {run.clock && run.clock.speed > 1
            ? t`${clock.since} · ${run.clock.speed} times as fast`
            : clock.since}
        </Txt>
      </View>
      <QuietBell minute={Math.floor(wallNow / 60000) * 60000} />
      {live.live && watched && oil ? (
        <View className="items-end">
          <Text className="font-bold text-[26px] leading-[32px] text-oil-ink">
            {showOil(oil.p50).text} <Text className="text-[15px]">{t`mL oil`}</Text>
          </Text>
          <Txt variant="label">{t`at the end ${showRange(watched.end.visibleMl.p10, watched.end.visibleMl.p90)}`}</Txt>
        </View>
      ) : null}
    </View>
  );
});

/** What is wrong before what is next; the one after it in small. */
export const CueCard = memo(function CueCard({
  live,
  units,
  onTrouble,
}: CockpitPart & { onTrouble: () => void }) {
  const [first, next] = whatNow(live, units);
  if (!first) return null;
  const urgent = first.level !== "later";
  const look = `rounded-card px-4 py-2 ${first.level === "danger" ? "border-2 border-ember bg-ember-wash" : urgent ? "bg-ember-wash" : "bg-dew-wash"}`;
  const words = (
    <>
      <Text
        role={urgent ? "alert" : undefined}
        className={`font-bold text-[19px] leading-[24px] ${urgent ? "text-ember-ink" : "text-ink"}`}
      >
        {first.say}
      </Text>
      <Txt variant="small" className="text-ink">
        {first.because}
      </Txt>
      {next ? <Txt variant="small" className="text-ink">{t`Next: ${next.say}`}</Txt> : null}
    </>
  );
  if (!first.alarm || !urgent) return <View className={look}>{words}</View>;
  /* What is wrong is read out by itself; the button over it is named by all of it. */
  return (
    <View className={look}>
      {words}
      <Pressable
        role="button"
        aria-label={t`What to do: ${first.say}. ${first.because}`}
        onPress={onTrouble}
        className="absolute inset-0 rounded-card active:bg-ember-wash active:opacity-40"
      />
    </View>
  );
});

function clockOf(state: RunState, now: number): { text: string; since: string } {
  const [from, word] =
    state.heatOffAt !== undefined
      ? [state.heatOffAt, t`heat off`]
      : state.firstDropAt !== undefined
        ? [state.firstDropAt, t`first drop`]
        : [state.litAt, t`heat on`];
  if (from === undefined) return { text: "0:00", since: t`the heat is not on` };
  const end = state.separatedAt ?? now;
  return {
    text: showClock(Math.floor(Math.max(0, end - from) / 60000)),
    since: t`since ${word}, ${timeOf(from, now)}`,
  };
}
