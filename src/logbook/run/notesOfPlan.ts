import { type Notes, notesOfRun } from "@/core/plan/notes";
import type { RunPlan } from "@/records/run";
import { cutsOf } from "./cutsOf";
import { knownRequest } from "./knownRequest";

const known = new WeakMap<RunPlan, Notes | undefined>();

/** The notes of a run by its plan's middle run; undefined where the plan cannot be asked. Remembered per plan. */
export function notesOfPlan(plan: RunPlan): Notes | undefined {
  if (!known.has(plan)) {
    const request = knownRequest(plan);
    const notes = request && notesOfRun(request, []);
    known.set(plan, notes && notes.bands.length > 0 ? notes : undefined);
  }
  return known.get(plan);
}

/** Where the plan swaps jars, mL, for the drawing of its notes. */
export function cutsMlOf(plan: RunPlan): number[] {
  return cutsOf(plan).map(({ ml }) => ml);
}
