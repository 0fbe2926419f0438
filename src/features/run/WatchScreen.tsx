import { useScreenAwake } from "@/ui/useScreenAwake";
import type { Href } from "expo-router";
import { memo, useDeferredValue, type ReactNode } from "react";
import { ScrollView, View } from "react-native";
import { catchesIn } from "@/core/still/methods";
import type { Run } from "@/records/run";
import { oilNow } from "@/logbook/run/oilNow";
import { useShort, useWide } from "@/ui/layout/useWide";
import { AfterHeatOff } from "./AfterHeatOff";
import { AskSound } from "./AskSound";
import { CockpitButtons } from "./CockpitButtons";
import { AlarmBar } from "./AlarmBar";
import { CockpitSheets } from "./CockpitSheets";
import { ComingNow } from "./ComingNow";
import { RingsOn } from "./RingsOn";
import { ClockRow, CockpitHead, CueCard } from "./CockpitHead";
import { FanCard } from "./FanCard";
import { Gauges } from "./Gauges";
import { Levels } from "./Levels";
import { LiveStill } from "./LiveStill";
import { OtherRuns } from "./OtherRuns";
import { TracesOf } from "./instrument/TracesOf";
import { probeHealth } from "./instrument/probeHealth";
import { TrialCard } from "./TrialCard";
import { useCockpit } from "./useCockpit";

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
  useScreenAwake();
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
  const cockpit = useCockpit(run, practice?.onDanger);
  const { parts, preferences, still, log, instrument, sheets, early } = cockpit;
  const { state, units } = parts;
  const { heatOn } = state;
  /* On a low screen Heat off stays at its edge, and the buttons scroll with the rest. */
  const pinned = short && heatOn;
  const buttons = (
    <CockpitButtons
      runId={run.id}
      phase={state.phase}
      catches={catchesIn(run.plan.method)}
      jars={state.jars}
      entries={state.entries.length}
      log={log}
      onOpen={sheets.open}
      early={early}
      heatOffElsewhere={short}
    />
  );
  const levels = heatOn ? <Levels {...parts} still={still} onOpen={sheets.levels} /> : null;
  return (
    <View role="main" className="flex-1 bg-ground">
      <ScrollView {...{ tabIndex: 0 }} contentContainerClassName={wide ? "px-8 py-6" : "px-4 py-1"}>
        <View
          className={`w-full gap-[6px] self-center ${wide ? "max-w-[1180px]" : "max-w-[620px]"}`}
        >
          {practice ? practice.top : <OtherRuns run={run} wallNow={cockpit.wallNow} />}
          <View className={wide ? "flex-row gap-6" : "gap-[6px]"}>
            <View className={`min-w-0 ${wide ? "flex-1 gap-3" : "gap-[6px]"}`}>
              <CockpitHead
                {...parts}
                plantName={cockpit.plantName}
                back={practice?.back}
                probe={probeHealth(run, instrument)}
                onProbe={sheets.probe}
              />
              <ClockRow {...parts} />
              {pinned ? null : <CueCard {...parts} onTrouble={sheets.trouble} />}
              {practice?.hands}
              {heatOn && !cockpit.hasForecast && !practice ? (
                <AskSound preferences={preferences} />
              ) : null}
              {state.phase === "settling"
                ? (practice?.after ?? (
                    <AfterHeatOff run={run} state={state} log={log} units={units} />
                  ))
                : null}
              {wide ? buttons : levels}
              {heatOn ? <OnTheHeat cockpit={cockpit} wide={wide} /> : null}
              {heatOn && !practice ? <RingsOn run={run} /> : null}
              {practice ? null : <TrialCard runId={run.id} units={units} />}
              {pinned ? buttons : null}
            </View>
            {wide ? (
              <View className="min-w-0 flex-1 gap-3">
                <StillNow cockpit={cockpit} />
                {levels}
                <TracesOf feed={instrument.feed} version={instrument.version} />
              </View>
            ) : null}
          </View>
        </View>
      </ScrollView>
      {pinned ? (
        <AlarmBar {...parts} early={early} log={log} onTrouble={sheets.trouble} />
      ) : wide ? null : (
        <View className="border-t border-line px-3 py-1">{buttons}</View>
      )}
      <CockpitSheets
        {...parts}
        sheet={sheets.sheet}
        onClose={sheets.close}
        onOpen={sheets.open}
        log={log}
        still={still}
        instrument={instrument}
        prices={preferences.prices}
        practice={practice}
      />
    </View>
  );
});

type AtTheStill = ReturnType<typeof useCockpit>;

/** What is expected of the run, and what is measured on it. */
function OnTheHeat({
  cockpit: { parts, latest, sheets },
  wide,
}: {
  cockpit: AtTheStill;
  wide: boolean;
}) {
  return (
    <>
      {/* A phone has no room for the strip: there its words stand in the fan, the strip behind a tap. */}
      <FanCard {...parts} smells={!wide} onOpen={sheets.forecast} />
      {wide ? <ComingNow {...parts} /> : null}
      <Gauges {...parts} latest={latest} onOpen={sheets.open} />
    </>
  );
}

/** The still as it stands now, drawn to scale. */
function StillNow({ cockpit: { parts, still } }: { cockpit: AtTheStill }) {
  const { run, state, live, watched, units } = parts;
  if (!still) return null;
  return (
    <LiveStill
      run={run}
      state={state}
      still={still}
      live={live.live}
      oilMl={(watched && oilNow(run, watched.now).p50) ?? 0}
      lit={state.heatOn}
      units={units}
    />
  );
}
