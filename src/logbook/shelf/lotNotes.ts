import type { NoteFamily } from "@/core/plant/noteFamilies";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";
import { notesOfPlan } from "../run/notesOfPlan";

/**
 * What a jar of a cut run holds most of, by the plan's middle run; empty for what was not cut. The share
 * of the distillate tells where in the run the jar was, however fast it ran.
 */
export function lotNotes(
  { jar }: Pick<Lot, "jar">,
  run: Run | undefined,
  allMl: number,
): NoteFamily[] {
  const notes = run && notesOfPlan(run.plan);
  if (!jar || !notes || !(allMl > 0)) return [];
  const scale = notes.distillateMl / Math.max(allMl, jar.toMl);
  return notes.mostly(jar.fromMl * scale, jar.toMl * scale);
}
