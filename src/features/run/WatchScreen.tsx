import { useKeepAwake } from "expo-keep-awake";
import { useRouter } from "expo-router";
import { useMemo, useState } from "react";
import { Pressable, ScrollView, Text, View } from "react-native";
import { showClock, showDuration, showOil, showTemperature, showVolume, words } from "@/core";
import { cueWords, liveRun } from "@/records/liveRun";
import { oilByPlan } from "@/records/oilByPlan";
import type { Run } from "@/records/run";
import { runState } from "@/records/runState";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectPreferences, selectRuns } from "@/store/selectors";
import { useWide } from "@/ui/layout/useWide";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { LiveStill } from "./LiveStill";
import { LogSheet } from "./LogSheet";
import { ReadingSheet } from "./ReadingSheet";
import { phaseWords, timeOf } from "./runWords";
import { useLog } from "./useLog";
import { useNow } from "@/ui/useNow";
import { NoteSheet, WaterSheet } from "./WordsSheet";

/** The still while it runs: one clock, the next cue, the pot's reserve, big buttons. */
export function WatchScreen({ run }: { run: Run }) {
  const plantBook = usePlantBook();
  useKeepAwake();
  const router = useRouter();
  const wide = useWide();
  const now = useNow();
  const { units } = useAppSelector(selectPreferences);
  const still = useAppSelector((root) => root.still.entities[run.stillId]);
  const [sheet, setSheet] = useState<"reading" | "note" | "water" | "log">();
  const { tap, write } = useLog(run);
  const state = useMemo(() => runState(run.entries), [run.entries]);
  const { live, cue } = liveRun(run, state, now);
  const plant = plantBook.byId(run.plantId);
  const oil =
    state.firstDropAt === undefined
      ? undefined
      : oilByPlan(run.plan, ((state.heatOffAt ?? now) - state.firstDropAt) / 60000);
  const clock = clockOf(state, now);
  const said = cue ? cueWords(cue, showDuration(Math.max(0, cue.minutes))) : undefined;
  const urgent = cue && (cue.danger || cue.minutes <= 0);
  const lastReading = state.readings.at(-1);
  const close = () => setSheet(undefined);

  const buttons = (
    <View className="gap-2">
      <View className="flex-row gap-2">
        {state.phase === "heating" ? (
          <Button
            size="cockpit"
            className="flex-1"
            label="It boils"
            onPress={() => tap("boiling", "Boiling noted.")}
          />
        ) : null}
        {state.phase === "heating" || state.phase === "warming" ? (
          <Button
            size="cockpit"
            className="flex-1"
            look={state.phase === "warming" ? "main" : "quiet"}
            label="First drop"
            onPress={() => tap("firstDrop", "First drop noted.")}
          />
        ) : null}
        {state.phase === "distilling" ? (
          <>
            <Button
              size="cockpit"
              className="flex-1"
              look="quiet"
              label="Reading"
              onPress={() => setSheet("reading")}
            />
            <Button
              size="cockpit"
              className="flex-1"
              look="quiet"
              label="Swap jar"
              onPress={() => tap("jarSwapped", `Jar ${state.jars} put aside.`)}
            />
            <Button
              size="cockpit"
              className="flex-1"
              look="quiet"
              label="Water"
              hint="Water added"
              onPress={() => setSheet("water")}
            />
          </>
        ) : null}
        {state.phase === "settling" ? (
          <Button
            size="cockpit"
            className="flex-1"
            label="Separate"
            onPress={() => router.push(`/runs/${run.id}/separate`)}
          />
        ) : null}
        {state.phase === "done" ? (
          <Button
            size="cockpit"
            className="flex-1"
            label="The whole sheet"
            onPress={() => router.push(`/runs/${run.id}`)}
          />
        ) : null}
        {state.phase === "ready" ? (
          <Button
            size="cockpit"
            className="flex-1"
            label="To the checklist"
            onPress={() => router.replace(`/runs/${run.id}/ready`)}
          />
        ) : null}
      </View>
      <View className="flex-row gap-2">
        <Button
          size="cockpit"
          className="flex-1"
          look="quiet"
          label="Log"
          hint={`Log, ${state.entries.length} entries`}
          onPress={() => setSheet("log")}
        />
        <Button
          size="cockpit"
          className="flex-1"
          look="quiet"
          label="Note"
          onPress={() => setSheet("note")}
        />
        {state.litAt !== undefined && state.heatOffAt === undefined ? (
          <Button
            size="cockpit"
            className="flex-1"
            look="danger"
            label="Heat off"
            onPress={() => tap("heatOff", "Heat off noted.")}
          />
        ) : null}
      </View>
    </View>
  );

  return (
    <View role="main" className="flex-1 bg-ground">
      <ScrollView
        {...{ tabIndex: 0 }}
        contentContainerClassName={wide ? "px-8 py-6" : "min-h-full px-4 pb-2 pt-3"}
      >
        <View
          className={`w-full gap-3 self-center ${wide ? "max-w-[1180px]" : "max-w-[620px] flex-1"}`}
        >
          <OtherRuns run={run} now={now} />
          <View className={wide ? "flex-row gap-6" : "flex-1 gap-3"}>
            <View className={`min-w-0 gap-3 ${wide ? "flex-1" : ""}`}>
              <View className="flex-row items-end justify-between gap-3">
                <View className="min-w-0 flex-1">
                  <Txt
                    variant="label"
                    numberOfLines={1}
                  >{`Run ${run.number} · ${plant?.name ?? "Plant"} · ${run.stillName}`}</Txt>
                  <Txt variant="heading" role="heading" aria-level={1}>
                    {phaseWords[state.phase]}
                  </Txt>
                </View>
                {live ? (
                  <View className="items-end">
                    <Txt variant="label">heat off in about</Txt>
                    <Text className="font-bold text-[22px] leading-[26px] text-ember-ink">
                      {showClock(Math.max(0, live.minutesToHeatOff))}
                    </Text>
                  </View>
                ) : null}
              </View>
              <View className="flex-row items-end justify-between gap-3">
                <View>
                  <Txt variant="clock" accessibilityLabel={`${clock.text}, ${clock.since}`}>
                    {clock.text}
                  </Txt>
                  <Txt variant="label">{clock.since}</Txt>
                </View>
                {oil ? (
                  <View className="items-end">
                    <Text className="font-bold text-[26px] leading-[32px] text-oil-ink">
                      {showOil(oil.distilledMl).text} <Text className="text-[15px]">mL oil</Text>
                    </Text>
                    <Txt variant="label">distilled, by the plan</Txt>
                  </View>
                ) : null}
              </View>
              {said ? (
                <Card wash={urgent ? "ember" : "dew"} className="py-3">
                  <Text
                    role={urgent ? "alert" : undefined}
                    className={`font-bold text-[19px] leading-[25px] ${urgent ? "text-ember-ink" : "text-ink"}`}
                  >
                    {said.say}
                  </Text>
                  <Txt variant="small" className="text-ink">
                    {said.because}
                  </Txt>
                </Card>
              ) : state.phase === "settling" ? (
                <Card wash="dew" className="py-3">
                  <Txt variant="strong">Let the still cool before you open it</Txt>
                  <Txt variant="small" className="text-ink">
                    Keep the cooling on until the last drop. Then let the jar stand.
                  </Txt>
                </Card>
              ) : null}
              <View className="flex-row gap-2">
                <Gauge
                  label="Above dry line"
                  value={live ? words(showVolume(Math.max(0, live.aboveDryLineMl), units)) : "–"}
                  detail={
                    live ? showDuration(Math.max(0, live.minutesToDryLine)) : "from first drop on"
                  }
                />
                <Gauge
                  label="A minute"
                  value={live ? `${live.rateMlPerMin.toFixed(0)} mL` : "–"}
                  detail={live?.measured ? "as you read it" : "by the plan"}
                />
                <Gauge
                  label={
                    lastReading?.outletC !== undefined && lastReading.headC === undefined
                      ? "Outlet"
                      : "Head"
                  }
                  value={
                    lastReading?.headC !== undefined
                      ? words(showTemperature(lastReading.headC, units))
                      : lastReading?.outletC !== undefined
                        ? words(showTemperature(lastReading.outletC, units))
                        : "–"
                  }
                  detail={`boils ${words(showTemperature(run.plan.forecast.boilC, units))}`}
                />
              </View>
              {wide ? buttons : null}
            </View>
            <View className={`min-w-0 flex-1 ${wide ? "" : "min-h-[190px]"}`}>
              {still ? (
                <Card className={`px-2 py-1 ${wide ? "" : "flex-1"}`}>
                  <LiveStill
                    run={run}
                    still={still}
                    live={live}
                    oilMl={oil?.visibleMl ?? 0}
                    lit={state.litAt !== undefined && state.heatOffAt === undefined}
                    units={units}
                    fit={!wide}
                  />
                </Card>
              ) : null}
            </View>
          </View>
        </View>
      </ScrollView>
      {wide ? null : <View className="border-t border-line px-4 py-2">{buttons}</View>}
      <ReadingSheet open={sheet === "reading"} onClose={close} onWrite={write} units={units} />
      <NoteSheet open={sheet === "note"} onClose={close} onWrite={write} />
      <WaterSheet open={sheet === "water"} onClose={close} onWrite={write} units={units} />
      <LogSheet run={run} state={state} units={units} open={sheet === "log"} onClose={close} />
    </View>
  );
}

function clockOf(state: ReturnType<typeof runState>, now: number): { text: string; since: string } {
  const [from, word] =
    state.heatOffAt !== undefined
      ? [state.heatOffAt, "heat off"]
      : state.firstDropAt !== undefined
        ? [state.firstDropAt, "first drop"]
        : [state.litAt, "heat on"];
  if (from === undefined) return { text: "0:00", since: "the heat is not on" };
  const end = state.separatedAt ?? now;
  return {
    text: showClock(Math.floor(Math.max(0, end - from) / 60000)),
    since: `since ${word}, ${timeOf(from, now)}`,
  };
}

function Gauge({ label, value, detail }: { label: string; value: string; detail: string }) {
  return (
    <Card className="flex-1 px-3 py-2">
      <Txt variant="small">{label}</Txt>
      <Text className="font-bold text-[18px] leading-[24px] text-ink">{value}</Text>
      <Txt variant="small" numberOfLines={1}>
        {detail}
      </Txt>
    </Card>
  );
}

/** The other stills that are on the heat, one tap away. */
function OtherRuns({ run, now }: { run: Run; now: number }) {
  const router = useRouter();
  const runs = useAppSelector(selectRuns);
  const others = runs
    .filter(({ id }) => id !== run.id)
    .map((other) => ({ other, state: runState(other.entries) }))
    .filter(({ state }) => state.litAt !== undefined && state.heatOffAt === undefined);
  if (others.length === 0) return null;
  return (
    <View className="gap-2">
      {others.map(({ other, state }) => {
        const { cue } = liveRun(other, state, now);
        return (
          <Pressable
            key={other.id}
            role="link"
            onPress={() => router.replace(`/runs/${other.id}/watch`)}
            className={`min-h-[48px] flex-row items-center justify-between rounded-[14px] px-4 ${cue && cue.minutes <= 0 ? "bg-ember-wash" : "bg-panel"}`}
          >
            <Txt variant="strong">{other.stillName}</Txt>
            <Txt variant="label">
              {cue
                ? cueWords(cue, showDuration(Math.max(0, cue.minutes))).say
                : phaseWords[state.phase]}
            </Txt>
          </Pressable>
        );
      })}
    </View>
  );
}
