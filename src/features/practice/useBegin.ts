import { useRouter } from "expo-router";
import { useState } from "react";
import type { ExerciseSpec } from "@/records/exercise";
import { beginPractice } from "@/store/acts/beginPractice";
import { useAppDispatch, usePlantBook } from "@/store/hooks";
import { cannotBeginWords } from "@/words/practiceWords";

/** Begins an exercise and goes there; what stands in the way is said. */
export function useBegin() {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const book = usePlantBook();
  const [problem, setProblem] = useState<string>();
  function begin(spec: ExerciseSpec, how: "push" | "replace" = "push"): void {
    const plant = book.byId(spec.plantId);
    if (!plant) return setProblem("The plant of this exercise is not known here.");
    const begun = dispatch(beginPractice(spec, plant));
    if ("id" in begun) router[how](`/bench/practice/${begun.id}`);
    else setProblem("cannot" in begun ? cannotBeginWords[begun.cannot] : begun.problem);
  }
  return { begin, problem };
}
