import { isoDay, showDayOfYear, showTime } from "@/core/units/dates";
import { t } from "@/language/t";
import type { LiveRun } from "@/logbook/run/liveRun";
import type { Phase, RunState } from "@/logbook/run/runState";

const phaseWords: Record<Phase, string> = {
  ready: t`Made ready`,
  heating: t`Heating up`,
  warming: t`Warming the charge`,
  distilling: t`Distilling`,
  settling: t`Let it settle`,
  done: t`Done`,
};

const phasesInShort: Record<Phase, string> = {
  ready: t`ready`,
  heating: t`on the heat`,
  warming: t`on the heat`,
  distilling: t`running`,
  settling: t`settling`,
  done: "",
};

/** A run's phase in a word or two, for a place where its result will be. */
export function phaseInShort({ phase }: Pick<RunState, "phase">): string {
  return phasesInShort[phase];
}

/* The last tenth of a run, or its last ten minutes, is finishing. */
const finishingMinutes = 10;

/** A run's phase in words, its last minutes among them. */
export function phaseOf(state: RunState, { live }: Pick<LiveRun, "live">): string {
  return state.phase === "distilling" && live && live.minutesToHeatOff <= finishingMinutes
    ? t`Finishing`
    : phaseWords[state.phase];
}

/** The clock time of a moment, with the day where it is not today. */
export function timeOf(moment: string | number, now = Date.now()): string {
  const date = new Date(moment);
  return isoDay(date) === isoDay(now) ? showTime(date) : `${showDayOfYear(date)} ${showTime(date)}`;
}
