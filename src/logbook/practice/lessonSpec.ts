import { lessonOf, type LessonId } from "@/core/practice/lessons";
import type { ExerciseSpec } from "@/records/exercise";
import { readyMadeStills } from "../still/readyMadeStills";

/** A lesson as an exercise on the ready-made still that it asks for. */
export function lessonSpec(id: LessonId, title: string): ExerciseSpec {
  const {
    construction,
    jarMl,
    iceKg,
    tasks: _tasks,
    brisk: _brisk,
    speed: _speed,
    faults,
    ...lesson
  } = lessonOf(id);
  const still = readyMadeStills.find((each) => each.construction === construction)!;
  const { condenser } = still;
  return {
    ...lesson,
    title,
    lesson: id,
    faults: [...faults],
    hidden: true,
    still: {
      ...still,
      ...(jarMl === undefined ? {} : { jarMl }),
      ...(condenser && "tubL" in condenser && iceKg !== undefined
        ? { condenser: { ...condenser, iceKg } }
        : {}),
    },
  };
}
