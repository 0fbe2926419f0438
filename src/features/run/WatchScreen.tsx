import { useKeepAwake } from "expo-keep-awake";
import { useCallback, useDeferredValue, useMemo, useState } from "react";
import { ScrollView, View } from "react-native";
import { latestOf, liveRun } from "@/records/liveRun";
import type { Run } from "@/records/run";
import { runNow } from "@/records/runClock";
import { runState } from "@/records/runState";
import { whatNow } from "@/records/whatNow";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useWide } from "@/ui/layout/useWide";
import { useNow } from "@/ui/useNow";
import { AddSheet } from "./AddSheet";
import { AfterHeatOff } from "./AfterHeatOff";
import { AskSound } from "./AskSound";
import { CockpitButtons, type SheetName } from "./CockpitButtons";
import { ClockRow, CockpitHead, CueCard } from "./CockpitHead";
import { DripSheet } from "./DripSheet";
import { FanCard } from "./FanCard";
import { ForecastSheet } from "./ForecastSheet";
import { Gauges } from "./Gauges";
import { HeatSheet } from "./HeatSheet";
import { Levels } from "./Levels";
import { LiveStill } from "./LiveStill";
import { LogSheet } from "./LogSheet";
import { NoteSheet } from "./NoteSheet";
import { OtherRuns } from "./OtherRuns";
import { ReadingSheet } from "./ReadingSheet";
import { TroubleSheet } from "./TroubleSheet";
import { InstrumentSheet } from "./instrument/InstrumentSheet";
import { TracesOf } from "./instrument/TracesOf";
import { useInstrument, type Instrument } from "./instrument/useInstrument";
import { useCueSounds } from "./useCueSounds";
import { useLog } from "./useLog";
import { useWatched } from "./useWatched";

const stepMs = 5000;

/** The still while it runs: one clock, the next cue, levels, forecast, big buttons. */
export function WatchScreen({ run }: { run: Run }) {
  useKeepAwake();
  const wide = useWide();
  const wallNow = useNow();
  const now = runNow(run, wallNow);
  const preferences = useAppSelector(selectPreferences);
  const { units } = preferences;
  const still = useAppSelector((root) => root.still.entities[run.stillId]);
  const plant = usePlantBook().byId(run.plantId);
  const [sheet, setSheet] = useState<SheetName>();
  const log = useLog(run);
  const state = useMemo(() => runState(run.entries), [run.entries]);
  const instrument = useInstrument(run, state, still);
  const latest = useMemo(() => latestOf(state, instrument.latest), [state, instrument.latest]);
  /* The clock ticks every second; levels, cues and forecast every few, so that a tap finds the page idle. */
  const step = Math.floor(now / stepMs) * stepMs;
  const since =
    state.firstDropAt === undefined ? 0 : Math.max(0, (step - state.firstDropAt) / 60000);
  const first = useMemo(
    () => liveRun(run, state, step, { still, latest }),
    [run, state, step, still, latest],
  );
  const end = first.live ? since + first.live.minutesToHeatOff : run.plan.forecast.runMinutes;
  const watched = useWatched(run, state, latest, step, end);
  const notExplained = Boolean(watched?.doubts.length);
  const live = useMemo(
    () => (notExplained ? liveRun(run, state, step, { still, latest, notExplained }) : first),
    [notExplained, first, run, state, step, still, latest],
  );
  useCueSounds(useMemo(() => whatNow(live), [live])[0], preferences, wallNow);
  const close = useCallback(() => setSheet(undefined), []);
  const openForecast = useCallback(() => setSheet("forecast"), []);
  const openTrouble = useCallback(() => setSheet("trouble"), []);
  const openProbe = useCallback(() => setSheet("instrument"), []);
  const heatOn = state.litAt !== undefined && state.heatOffAt === undefined;
  const heatOff = () => log.tap("heatOff", "Heat off noted.");
  const parts = useMemo(
    () => ({ run, state, live, watched, since, units }),
    [run, state, live, watched, since, units],
  );
  /* A tap is answered first; what is drawn from it follows when the page has a moment. */
  const drawn = useDeferredValue(parts);

  const buttons = <CockpitButtons run={run} state={state} log={log} onOpen={setSheet} />;
  const after = state.phase === "settling";
  const levels = heatOn ? <Levels {...drawn} still={still} /> : null;
  const fan = heatOn ? <FanCard {...drawn} onOpen={openForecast} /> : null;
  const gauges = heatOn ? <Gauges {...drawn} latest={latest} /> : null;

  return (
    <View role="main" className="flex-1 bg-ground">
      <ScrollView {...{ tabIndex: 0 }} contentContainerClassName={wide ? "px-8 py-6" : "px-4 py-1"}>
        <View
          className={`w-full gap-[6px] self-center ${wide ? "max-w-[1180px]" : "max-w-[620px]"}`}
        >
          <OtherRuns run={run} wallNow={wallNow} />
          <View className={wide ? "flex-row gap-6" : "gap-[6px]"}>
            <View className={`min-w-0 ${wide ? "flex-1 gap-3" : "gap-[6px]"}`}>
              <CockpitHead
                {...parts}
                plantName={plant?.name ?? "Plant"}
                probe={probeHealth(run, instrument)}
                onProbe={openProbe}
              />
              <ClockRow {...parts} now={now} />
              <CueCard {...parts} onTrouble={openTrouble} />
              {heatOn && !first.live ? <AskSound preferences={preferences} /> : null}
              {wide ? null : (
                <>
                  {levels}
                  {fan}
                  {gauges}
                </>
              )}
              {after ? <AfterHeatOff run={run} state={state} log={log} units={units} /> : null}
              {wide ? (
                <>
                  {buttons}
                  {fan}
                  {gauges}
                </>
              ) : null}
            </View>
            {wide ? (
              <View className="min-w-0 flex-1 gap-3">
                {still ? (
                  <LiveStill
                    run={drawn.run}
                    still={still}
                    live={drawn.live.live}
                    oilMl={drawn.watched?.now.visibleMl.p50 ?? 0}
                    lit={heatOn}
                    units={units}
                  />
                ) : null}
                {levels}
                <TracesOf feed={instrument.feed} version={instrument.version} />
              </View>
            ) : null}
          </View>
        </View>
      </ScrollView>
      {wide ? null : <View className="border-t border-line px-3 py-2">{buttons}</View>}
      {sheet === "reading" ? <ReadingSheet open onClose={close} log={log} units={units} /> : null}
      {sheet === "drips" ? <DripSheet open onClose={close} log={log} /> : null}
      {sheet === "add" ? <AddSheet open onClose={close} log={log} units={units} /> : null}
      {sheet === "heat" ? (
        <HeatSheet open onClose={close} log={log} plan={run.plan} powerW={live.powerW} />
      ) : null}
      {sheet === "trouble" ? (
        <TroubleSheet open onClose={close} log={log} onHeatOff={heatOff} heatOn={heatOn} />
      ) : null}
      {sheet === "note" ? <NoteSheet open onClose={close} log={log} /> : null}
      {sheet === "log" ? (
        <LogSheet run={run} state={state} units={units} open onClose={close} />
      ) : null}
      {sheet === "instrument" ? (
        <InstrumentSheet open onClose={close} run={run} instrument={instrument} lit={heatOn} />
      ) : null}
      {sheet === "forecast" ? (
        <ForecastSheet
          {...parts}
          open
          onClose={close}
          still={still}
          prices={preferences.prices}
          log={log}
        />
      ) : null}
    </View>
  );
}

/** The probe's health in a word; undefined where none is connected. */
function probeHealth(run: Run, { status, unstored }: Instrument): string | undefined {
  if (!run.instrument) return undefined;
  return unstored ? "not stored" : status;
}
