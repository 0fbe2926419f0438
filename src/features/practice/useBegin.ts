import { useRouter } from "expo-router";
import { useRef, useState } from "react";
import { t } from "@/language/t";
import type { ExerciseSpec } from "@/records/exercise";
import { beginPractice } from "@/store/acts/beginPractice";
import { useAppDispatch } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { cannotBeginWords } from "@/words/lessonWords";

/** Begins an exercise and goes there; what stands in the way is said. */
export function useBegin() {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const book = usePlantBook();
  const [problem, setProblem] = useState<string>();
  /* The second tap of a wet thumb begins no second one. */
  const begun = useRef(false);
  function begin(spec: ExerciseSpec, how: "push" | "replace" = "push"): void {
    if (begun.current) return;
    const plant = book.byId(spec.plantId);
    if (!plant) return setProblem(t`The plant of this exercise is not known here.`);
    const made = dispatch(beginPractice(spec, plant));
    begun.current = "id" in made;
    if ("id" in made) router[how](`/bench/practice/${made.id}`);
    else setProblem("cannot" in made ? cannotBeginWords[made.cannot] : made.problem);
  }
  return { begin, problem };
}
