import { useKeepAwake } from "expo-keep-awake";
import type { Href } from "expo-router";
import {
  memo,
  useCallback,
  useDeferredValue,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from "react";
import { ScrollView, View } from "react-native";
import { catchesIn } from "@/core/still/methods";
import { t } from "@/language/t";
import type { Run } from "@/records/run";
import { oilNow } from "@/logbook/run/oilNow";
import { runState } from "@/logbook/run/runState";
import { dueSound, soundOn } from "@/logbook/run/soundOn";
import { whatNow } from "@/words/whatNow";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { usePageTitle } from "@/ui/layout/usePageTitle";
import { useShort, useWide } from "@/ui/layout/useWide";
import { useCueSound } from "@/ui/useCueSound";
import { useRingsHere } from "@/store/useRingsHere";
import { useRunNow } from "@/store/useRunNow";
import { useNow } from "@/ui/useNow";
import { AfterHeatOff } from "./AfterHeatOff";
import { AskSound } from "./AskSound";
import { CockpitButtons, type SheetName } from "./CockpitButtons";
import { AlarmBar } from "./AlarmBar";
import { CockpitSheets } from "./CockpitSheets";
import { ComingNow } from "./ComingNow";
import { RingsOn } from "./RingsOn";
import { ClockRow, CockpitHead, CueCard } from "./CockpitHead";
import { FanCard } from "./FanCard";
import { Gauges } from "./Gauges";
import { earlyBy } from "./HeatOffButton";
import { Levels } from "./Levels";
import { LiveStill } from "./LiveStill";
import { OtherRuns } from "./OtherRuns";
import { TracesOf } from "./instrument/TracesOf";
import { probeHealth } from "./instrument/probeHealth";
import { useInstrument } from "./instrument/useInstrument";
import { TrialCard } from "./TrialCard";
import { stepMs, useLive } from "./useLive";
import { useLog } from "./useLog";

/** What stands round the cockpit of a still to practise on. */
export interface Practised {
  /** Above all: that nothing is real, and how fast time goes. */
  top: ReactNode;
  /** Senses and hands. */
  hands: ReactNode;
  /** The outlet with its drops. */
  outlet: ReactNode;
  /** Once the heat is off, in the place of the way to the separation. */
  after: ReactNode;
  back: { href: Href; label: string };
  /** An alarm of danger has begun to ring. */
  onDanger: () => void;
}

/**
 * The still while it runs: one clock, the next cue, levels, forecast, big buttons. A tap is in the
 * log at once; what is drawn from it follows when the page has a moment.
 */
export default function WatchScreen({ run, practice }: { run: Run; practice?: Practised }) {
  useKeepAwake();
  return <Cockpit run={useDeferredValue(run)} practice={practice} />;
}

const Cockpit = memo(function Cockpit({
  run,
  practice,
}: {
  run: Run;
  practice: Practised | undefined;
}) {
  const short = useShort();
  const wide = useWide() && !short;
  /* The clock ticks every second; levels, cues and forecast every few, so that a tap finds the page idle. */
  const { wallNow, now } = useRunNow(run, useNow(run.clock && run.clock.speed > 1 ? 1000 : stepMs));
  const preferences = useAppSelector(selectPreferences);
  const { units } = preferences;
  const still = useAppSelector((root) => root.still.entities[run.stillId]);
  const plant = usePlantBook().byId(run.plantId);
  const [sheet, setSheet] = useState<SheetName>();
  const log = useLog(run.id);
  const state = useMemo(() => runState(run.entries), [run.entries]);
  const instrument = useInstrument(run, state, still);
  const { latest, step, since, live, watched, hasForecast } = useLive(
    run,
    now,
    state,
    still,
    instrument.latest,
    plant,
  );
  const asked = useMemo(() => whatNow(live, units)[0], [live, units]);
  const danger = asked?.level === "danger";
  const onDanger = practice?.onDanger;
  useEffect(() => {
    if (danger) onDanger?.();
  }, [danger, onDanger]);
  const ringing = useRingsHere(run, danger);
  useCueSound(run.id, {
    due: dueSound(asked),
    danger,
    now: step,
    on: soundOn(preferences, wallNow) && ringing,
  });
  const close = useCallback(() => setSheet(undefined), []);
  const openForecast = useCallback(() => setSheet("forecast"), []);
  const openLevels = useCallback(() => setSheet("levels"), []);
  const openTrouble = useCallback(() => setSheet("trouble"), []);
  const openProbe = useCallback(() => setSheet("instrument"), []);
  const latestLive = useRef(live);
  useEffect(() => {
    latestLive.current = live;
  });
  const early = useCallback(() => earlyBy(latestLive.current), []);
  const { heatOn } = state;
  usePageTitle(t`${plant?.name ?? t`Plant`}, run ${run.number}, at the still`);
  const parts = useMemo(
    () => ({ run, state, live, watched, since, units }),
    [run, state, live, watched, since, units],
  );

  const buttons = (
    <CockpitButtons
      runId={run.id}
      phase={state.phase}
      catches={catchesIn(run.plan.method)}
      jars={state.jars}
      entries={state.entries.length}
      log={log}
      onOpen={setSheet}
      early={early}
      heatOffElsewhere={short}
    />
  );
  const pinned = short && heatOn;
  const after = state.phase === "settling";
  const levels = heatOn ? <Levels {...parts} still={still} onOpen={openLevels} /> : null;
  const fan = heatOn ? <FanCard {...parts} smells={!wide} onOpen={openForecast} /> : null;
  /* A phone has no room for the strip: there its words stand in the fan, the strip behind a tap. */
  const notes = heatOn && wide ? <ComingNow {...parts} /> : null;
  const gauges = heatOn ? <Gauges {...parts} latest={latest} onOpen={setSheet} /> : null;

  const drawing =
    wide && still ? (
      <LiveStill
        run={run}
        state={state}
        still={still}
        live={live.live}
        oilMl={(watched && oilNow(run, watched.now).p50) ?? 0}
        lit={heatOn}
        units={units}
      />
    ) : null;

  const trial = practice ? null : <TrialCard runId={run.id} units={units} />;
  const ringsOn = heatOn && !practice ? <RingsOn run={run} /> : null;

  return (
    <View role="main" className="flex-1 bg-ground">
      <ScrollView {...{ tabIndex: 0 }} contentContainerClassName={wide ? "px-8 py-6" : "px-4 py-1"}>
        <View
          className={`w-full gap-[6px] self-center ${wide ? "max-w-[1180px]" : "max-w-[620px]"}`}
        >
          {practice ? practice.top : <OtherRuns run={run} wallNow={wallNow} />}
          <View className={wide ? "flex-row gap-6" : "gap-[6px]"}>
            <View className={`min-w-0 ${wide ? "flex-1 gap-3" : "gap-[6px]"}`}>
              <CockpitHead
                {...parts}
                plantName={plant?.name ?? t`Plant`}
                back={practice?.back}
                probe={probeHealth(run, instrument)}
                onProbe={openProbe}
              />
              <ClockRow {...parts} />
              {pinned ? null : <CueCard {...parts} onTrouble={openTrouble} />}
              {practice?.hands}
              {heatOn && !hasForecast && !practice ? <AskSound preferences={preferences} /> : null}
              {wide ? null : (
                <>
                  {levels}
                  {fan}
                  {gauges}
                  {ringsOn}
                  {trial}
                </>
              )}
              {pinned ? buttons : null}
              {after
                ? (practice?.after ?? (
                    <AfterHeatOff run={run} state={state} log={log} units={units} />
                  ))
                : null}
              {wide ? (
                <>
                  {buttons}
                  {fan}
                  {notes}
                  {gauges}
                  {ringsOn}
                  {trial}
                </>
              ) : null}
            </View>
            {wide ? (
              <View className="min-w-0 flex-1 gap-3">
                {drawing}
                {levels}
                <TracesOf feed={instrument.feed} version={instrument.version} />
              </View>
            ) : null}
          </View>
        </View>
      </ScrollView>
      {pinned ? (
        <AlarmBar {...parts} early={early} log={log} onTrouble={openTrouble} />
      ) : wide ? null : (
        <View className="border-t border-line px-3 py-1">{buttons}</View>
      )}
      <CockpitSheets
        {...parts}
        sheet={sheet}
        onClose={close}
        onOpen={setSheet}
        log={log}
        still={still}
        instrument={instrument}
        prices={preferences.prices}
        practice={practice}
      />
    </View>
  );
});
