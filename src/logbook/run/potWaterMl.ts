import type { LiveEstimate } from "@/core/run/liveEstimate";
import { catchesIn } from "@/core/still/methods";
import type { Run } from "@/records/run";
import type { RunState } from "./runState";

/** Water in the pot now, mL: what the run began with and was added, less what has left it for good. */
export function potWaterMl(
  { plan }: Pick<Run, "plan">,
  state: Pick<RunState, "waterAddedMl">,
  live: LiveEstimate | undefined,
): number {
  if (!live || catchesIn(plan.method) === "trap" || !Number.isFinite(live.aboveDryLineMl))
    return plan.waterMl + state.waterAddedMl;
  return Math.max(0, plan.dryLineMl + live.aboveDryLineMl);
}
