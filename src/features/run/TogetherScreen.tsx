import { showClock, showDuration, showFlow, showVolume, words } from "@/core/units/format";
import { isoDay, showTime } from "@/core/units/dates";
import { useScreenAwake } from "@/ui/useScreenAwake";
import { useRouter } from "expo-router";
import { View } from "react-native";
import { t } from "@/language/t";
import type { RunState } from "@/logbook/run/runState";
import { comingOfDay } from "@/logbook/day/comingOfDay";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { useDueNow, useLitNow, type DueNow, type LitNow } from "@/store/useLitNow";
import { selectDays, selectPreferences, selectRuns } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { useWide } from "@/ui/layout/useWide";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { DueRow } from "@/ui/primitives/DueRow";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";
import { earlyBy, HeatOffButton } from "./HeatOffButton";
import { Levels } from "./Levels";
import { dayActInList } from "@/words/dayLayoutWords";
import { phaseOf } from "@/words/runWords";
import { Tap } from "./Tap";
import { useLog, type Tapped } from "./useLog";

/** All stills on the heat side by side, what is due of all of them in one order. */
export function TogetherScreen() {
  useScreenAwake();
  const wide = useWide();
  const router = useRouter();
  const watched = useLitNow(useNow());
  return (
    <Screen title={t`All on the heat`} back={{ href: "/", label: t`Today` }}>
      {watched.length === 0 ? (
        <Card className="gap-3">
          <Txt>{t`No still is heating. Plan a charge and get it ready, and it appears here.`}</Txt>
          <View className="flex-row">
            <Button label={t`Plan a charge`} size="small" onPress={() => router.push("/plan")} />
          </View>
        </Card>
      ) : null}
      <Due watched={watched} />
      <View className={wide ? "flex-row flex-wrap gap-4" : "gap-4"}>
        {watched.map((each) => (
          <View key={each.run.id} className={wide ? "min-w-[46%] flex-1" : ""}>
            <SmallCockpit {...each} />
          </View>
        ))}
      </View>
    </Screen>
  );
}

/** What every still asks for, and what a day that is laid out has for hands besides, in one list. */
function Due({ watched }: { watched: readonly LitNow[] }) {
  const due = [...useDueNow(watched), ...useDayRows()];
  if (due.length === 0) return null;
  return (
    <View role="list" aria-label={t`What is due`} className="gap-2">
      {due.map(({ id, ...row }) => (
        <DueRow key={id} {...row} />
      ))}
    </View>
  );
}

/* So many of what a day still has for hands stand below what is due at the stills. */
const mostOfDay = 3;

function useDayRows(): DueNow[] {
  const now = useNow(30_000);
  const days = useAppSelector(selectDays);
  const runs = useAppSelector(selectRuns);
  const stills = useAppSelector(({ still }) => still.entities);
  const book = usePlantBook();
  return days
    .filter(({ on }) => on === isoDay(now))
    .flatMap((day) =>
      /* What a lit charge needs its own cockpit tells, but for the emptying after it. */
      comingOfDay(day, runs, now)
        .filter(({ act, lit }) => act === "load" || act === "close" || (act === "lit" && !lit))
        .slice(0, mostOfDay)
        .map(({ act, at, plantId, charge }) => ({
          id: `${charge.id} ${act}`,
          say: t`${showTime(at)} ${dayActInList[act]}: ${book.byId(plantId ?? "")?.name ?? t`Plant`}`,
          of: stills[charge.still]?.name ?? t`A still`,
          pressing: false,
          href: `/plan/day/${day.id}` as const,
        })),
    );
}

function SmallCockpit({ run, state, live, still, now }: LitNow) {
  const router = useRouter();
  const plant = usePlantBook().byId(run.plantId);
  const { units } = useAppSelector(selectPreferences);
  const log = useLog(run.id);
  const from = state.firstDropAt ?? state.litAt ?? now;
  const open = () => router.push(`/runs/${run.id}/watch`);
  const next = nextTap(state);
  return (
    <Card className="gap-2">
      <View className="flex-row items-end justify-between gap-3">
        <View className="min-w-0 flex-1">
          <Txt variant="label">{`${run.stillName} · ${plant?.name ?? t`Plant`}`}</Txt>
          <Txt variant="heading">{phaseOf(state, live)}</Txt>
        </View>
        <Txt variant="clock" className="text-[40px] leading-[44px]">
          {showClock(Math.floor((now - from) / 60000))}
        </Txt>
      </View>
      <Levels run={run} state={state} live={live} since={0} units={units} still={still} />
      {live.live ? (
        <Txt variant="small">{t`${words(showVolume(live.live.distillateMl, units))} so far, ${words(showFlow(live.live.rateMlPerMin, units))}, heat off in ${showDuration(Math.max(0, live.live.minutesToHeatOff))}`}</Txt>
      ) : null}
      <View className="flex-row gap-2">
        <Tap
          key={next.type}
          className="flex-1"
          look={next.type === "jarSwapped" ? "quiet" : "main"}
          label={next.label}
          hint={`${next.label}: ${run.stillName}`}
          entries={state.entries.length}
          onTap={() => log.tap(next.type, next.noted)}
        />
        <Button
          size="cockpit"
          className="flex-1"
          look="quiet"
          label={t`Open`}
          hint={t`Open ${run.stillName}`}
          onPress={open}
        />
        <HeatOffButton
          hint={t`Heat off: ${run.stillName}`}
          entries={state.entries.length}
          early={() => earlyBy(live)}
          onOff={() => log.tap("heatOff", t`Heat off noted.`)}
        />
      </View>
    </Card>
  );
}

/** What is most likely noted next. */
function nextTap({ phase, jars }: RunState): { type: Tapped; label: string; noted: string } {
  if (phase === "heating") return { type: "boiling", label: t`It boils`, noted: t`Boiling noted.` };
  if (phase === "warming")
    return { type: "firstDrop", label: t`First drop`, noted: t`First drop noted.` };
  return { type: "jarSwapped", label: t`Change jar`, noted: t`Jar ${jars} put aside.` };
}
