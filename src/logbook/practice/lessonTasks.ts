import type { Exercise } from "@/core/practice/exercise";
import type { Fault } from "@/core/practice/faults";
import { lessonOf, type LessonId, type TaskCode } from "@/core/practice/lessons";
import type { ExerciseRecord } from "@/records/exercise";
import type { Run } from "@/records/run";
import { runState, type RunState } from "../run/runState";

interface Facts {
  state: RunState;
  run: Run;
  /** As it was played, to its end. */
  played: Exercise;
  acts: ExerciseRecord["acts"];
  /** What was to go wrong. */
  planned: readonly Fault[];
}

const minute = 60_000;
const apartMinutes = 10;
const nearMinutes = 15;

/** Whether a lesson's task was done, by the log, the acts and how it went. */
const done: Record<TaskCode, (facts: Facts) => boolean> = {
  noteBoil: ({ state }) => state.boilingAt !== undefined,
  noteFirstDrop: ({ state }) => state.firstDropAt !== undefined,
  twoReadings: ({ state }) => {
    const at = state.readings
      .filter(({ distillateMl }) => distillateMl !== undefined)
      .map((reading) => Date.parse(reading.at));
    return at.length > 1 && Math.max(...at) - Math.min(...at) >= apartMinutes * minute;
  },
  countDrips: ({ state }) => state.readings.some(({ rateMlPerMin }) => rateMlPerMin !== undefined),
  readOil: ({ state }) => state.readings.some(({ oilMl }) => oilMl !== undefined),
  changeJar: ({ acts, played }) =>
    acts.some(({ code }) => code === "jarSwapped") && played.truth.spilledMl === 0,
  lookBeforePouring: ({ acts }) => {
    const first = (code: string) =>
      acts
        .filter((act) => act.code === code)
        .reduce((least, { second }) => Math.min(least, second), Infinity);
    return first("look") < first("jarSwapped");
  },
  /* All that was to go wrong has, but for a jar that was changed before it could run over. */
  mended: ({ played, planned }) =>
    played.active.size === 0 &&
    planned
      .filter((fault) => fault !== "jarOverflow")
      .every((fault) =>
        played.happenings.some((each) => each.kind === "begins" && each.fault === fault),
      ),
  stopInTime: ({ state, run }) => {
    if (state.heatOffAt === undefined || state.firstDropAt === undefined) return false;
    const minutes = (state.heatOffAt - state.firstDropAt) / minute;
    return Math.abs(minutes - run.plan.forecast.runMinutes) <= nearMinutes;
  },
  heatOff: ({ state }) => state.heatOffAt !== undefined,
  unhurt: ({ played }) => played.harm === undefined,
};

/** What a lesson asks for, and what of it was done. */
export function tasksOf(
  lesson: LessonId,
  facts: Omit<Facts, "state" | "planned">,
): { code: TaskCode; done: boolean }[] {
  const state = runState(facts.run.entries);
  const { tasks, faults } = lessonOf(lesson);
  const planned = faults.map(({ fault }) => fault);
  return tasks.map((code) => ({ code, done: done[code]({ ...facts, state, planned }) }));
}
