import type { Cut } from "@/core/plan/cuts";
import type { RunPlan } from "@/records/run";

/** The jar swaps that a plan names, the first first. */
export function cutsOf({ cuts, firstCutMl }: RunPlan): readonly Cut[] {
  return cuts ?? (firstCutMl === undefined ? [] : [{ ml: firstCutMl, why: "firstCut" }]);
}
