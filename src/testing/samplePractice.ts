import { readyMadeStills } from "@/logbook/still/readyMadeStills";
import { newRecord } from "@/records/base";
import type { ExerciseRecord, ExerciseSpec } from "@/records/exercise";

/** Fresh lavender in the copper pot, whose cooling stops ten minutes after the first drop. */
export function sampleSpec(part: Partial<ExerciseSpec> = {}): ExerciseSpec {
  return {
    title: "Cooling fails",
    still: readyMadeStills[0]!,
    plantId: "lavender",
    state: "fresh",
    massG: 900,
    method: "steam",
    seed: 18,
    from: "firstDrop",
    faults: [{ fault: "coolingLost", after: "firstDrop", minutes: 10 }],
    ...part,
  };
}

/** An exercise that was begun and in which nothing was done yet. */
export function sampleExercise(part: Partial<ExerciseRecord> = {}): ExerciseRecord {
  return {
    ...newRecord("exercise", new Date("2026-07-14T08:00:00Z")),
    id: "exercise-a",
    spec: sampleSpec(),
    runId: "run-a",
    acts: [],
    ...part,
  };
}
