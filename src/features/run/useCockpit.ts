import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { t } from "@/language/t";
import { dueSound, soundOn } from "@/logbook/run/soundOn";
import { runState } from "@/logbook/run/runState";
import type { Run } from "@/records/run";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences } from "@/store/selectors";
import { useRingsHere } from "@/store/useRingsHere";
import { useRunNow } from "@/store/useRunNow";
import { usePageTitle } from "@/ui/layout/usePageTitle";
import { useCueSound } from "@/ui/useCueSound";
import { useNow } from "@/ui/useNow";
import { whatNow } from "@/words/whatNow";
import type { SheetName } from "./CockpitButtons";
import { earlyBy } from "./HeatOffButton";
import { useInstrument } from "./instrument/useInstrument";
import { stepMs, useLive } from "./useLive";
import { useLog } from "./useLog";

/**
 * What the cockpit goes by: the run as it stands now, what is watched and asked, its sound, and which sheet is open.
 * @param onDanger an alarm of danger has begun to ring
 */
export function useCockpit(run: Run, onDanger: (() => void) | undefined) {
  /* The clock ticks every second; levels, cues and forecast every few, so that a tap finds the page idle. */
  const { wallNow, now } = useRunNow(run, useNow(run.clock && run.clock.speed > 1 ? 1000 : stepMs));
  const preferences = useAppSelector(selectPreferences);
  const { units } = preferences;
  const still = useAppSelector((root) => root.still.entities[run.stillId]);
  const plant = usePlantBook().byId(run.plantId);
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
  const latestLive = useRef(live);
  useEffect(() => {
    latestLive.current = live;
  });
  const early = useCallback(() => earlyBy(latestLive.current), []);
  const plantName = plant?.name ?? t`Plant`;
  usePageTitle(t`${plantName}, run ${run.number}, at the still`);
  const parts = useMemo(
    () => ({ run, state, live, watched, since, units }),
    [run, state, live, watched, since, units],
  );
  return {
    parts,
    plantName,
    wallNow,
    preferences,
    still,
    log,
    instrument,
    latest,
    hasForecast,
    early,
    sheets: useSheets(),
  };
}

/* One sheet at a time; each way to open one stays the same function, so that what has it is not drawn anew. */
function useSheets() {
  const [sheet, open] = useState<SheetName>();
  return {
    sheet,
    open,
    close: useCallback(() => open(undefined), []),
    forecast: useCallback(() => open("forecast"), []),
    levels: useCallback(() => open("levels"), []),
    trouble: useCallback(() => open("trouble"), []),
    probe: useCallback(() => open("instrument"), []),
  };
}
