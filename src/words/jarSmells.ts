import { cutsMlOf, notesOfPlan } from "@/logbook/run/notesOfPlan";
import type { Run } from "@/records/run";
import { noteWords } from "./noteWords";

/** What each jar holds most of by the plan, as it was swapped; the words stand empty where none is known. */
export function jarSmells(run: Run, jars: number): string[] {
  const notes = notesOfPlan(run.plan);
  const edges = [0, ...cutsMlOf(run.plan), run.plan.forecast.distillateMl];
  return Array.from({ length: jars }, (_, i) => {
    const [from, to] = [edges[i], edges[i + 1]];
    if (!notes || jars !== edges.length - 1 || from === undefined || to === undefined) return "";
    return notes
      .mostly(from, to)
      .map((family) => noteWords[family])
      .join(", ");
  });
}
