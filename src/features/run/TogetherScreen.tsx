import { fixed, showClock, showDuration, showVolume, words } from "@/core/units/format";
import { useKeepAwake } from "expo-keep-awake";
import { useRouter } from "expo-router";
import { Pressable, View } from "react-native";
import { latestKnown, liveRun, type LiveRun } from "@/logbook/run/liveRun";
import type { Run } from "@/records/run";
import { useRunsNow } from "@/store/useRunNow";
import type { RunState } from "@/logbook/run/runState";
import type { Still } from "@/records/still";
import { soonestFirst, whatNow } from "@/words/whatNow";
import { useAppSelector, useInstruments, usePlantBook } from "@/store/hooks";
import { selectLitRuns } from "@/store/runsOnTheHeat";
import { selectPreferences } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { useWide } from "@/ui/layout/useWide";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";
import { earlyBy, HeatOffButton } from "./HeatOffButton";
import { Levels } from "./Levels";
import { phaseOf } from "@/words/runWords";
import { Tap } from "./Tap";
import { useLog, type Tapped } from "./useLog";

interface AtTheStill {
  run: Run;
  state: RunState;
  live: LiveRun;
  still?: Still;
  now: number;
}

/** All stills on the heat side by side, what is due of all of them in one order. */
export function TogetherScreen() {
  useKeepAwake();
  const wide = useWide();
  const router = useRouter();
  const lit = useAppSelector(selectLitRuns);
  const { nows } = useRunsNow(
    lit.map(({ run }) => run),
    useNow(),
  );
  const instruments = useInstruments();
  const stills = useAppSelector(({ still }) => still.entities);
  const watched = lit.map(({ run, state }): AtTheStill => {
    const still = stills[run.stillId];
    const now = nows[run.id]!;
    const latest = latestKnown(state, instruments.latest(run.id));
    return { run, state, still, now, live: liveRun(run, state, now, { still, latest }) };
  });
  return (
    <Screen title="All on the heat" back={{ href: "/", label: "Today" }}>
      {watched.length === 0 ? (
        <Card className="gap-3">
          <Txt>No still is heating. Plan a charge and get it ready, and it appears here.</Txt>
          <View className="flex-row">
            <Button label="Plan a charge" size="small" onPress={() => router.push("/plan")} />
          </View>
        </Card>
      ) : (
        <Due watched={watched} />
      )}
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

/** What every still asks for, merged: danger first, then what is wrong or due, then by its time. */
function Due({ watched }: { watched: readonly AtTheStill[] }) {
  const router = useRouter();
  const { units } = useAppSelector(selectPreferences);
  const rows = watched
    .flatMap(({ run, live }) => whatNow(live, units).map((asked) => ({ run, ...asked })))
    .sort(soonestFirst);
  return (
    <View role="list" aria-label="What is due" className="gap-2">
      {rows.map(({ run, say, level }) => (
        <Pressable
          key={run.id + say}
          role="listitem"
          onPress={() => router.push(`/runs/${run.id}/watch`)}
          className={`min-h-[52px] flex-row items-center justify-between gap-3 rounded-card px-4 py-2 ${level === "later" ? "bg-panel" : "bg-ember-wash"}`}
        >
          <Txt variant="strong" className={`flex-1 ${level === "later" ? "" : "text-ember-ink"}`}>
            {say}
          </Txt>
          <Txt variant="label">{run.stillName}</Txt>
        </Pressable>
      ))}
    </View>
  );
}

function SmallCockpit({ run, state, live, still, now }: AtTheStill) {
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
          <Txt variant="label">{`${run.stillName} · ${plant?.name ?? "Plant"}`}</Txt>
          <Txt variant="heading">{phaseOf(state, live)}</Txt>
        </View>
        <Txt variant="clock" className="text-[40px] leading-[44px]">
          {showClock(Math.floor((now - from) / 60000))}
        </Txt>
      </View>
      <Levels run={run} state={state} live={live} since={0} units={units} still={still} />
      {live.live ? (
        <Txt variant="small">{`${words(showVolume(live.live.distillateMl, units))} so far, ${fixed(live.live.rateMlPerMin, 0)} mL a minute, heat off in ${showDuration(Math.max(0, live.live.minutesToHeatOff))}`}</Txt>
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
          label="Open"
          hint={`Open ${run.stillName}`}
          onPress={open}
        />
        <HeatOffButton
          hint={`Heat off: ${run.stillName}`}
          entries={state.entries.length}
          early={() => earlyBy(live)}
          onOff={() => log.tap("heatOff", "Heat off noted.")}
        />
      </View>
    </Card>
  );
}

/** What is most likely noted next. */
function nextTap({ phase, jars }: RunState): { type: Tapped; label: string; noted: string } {
  if (phase === "heating") return { type: "boiling", label: "It boils", noted: "Boiling noted." };
  if (phase === "warming")
    return { type: "firstDrop", label: "First drop", noted: "First drop noted." };
  return { type: "jarSwapped", label: "Change jar", noted: `Jar ${jars} put aside.` };
}
