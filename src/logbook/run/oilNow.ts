import type { Percentiles } from "@/core/statistics/chance";
import { catchesIn } from "@/core/still/methods";
import type { Run } from "@/records/run";

/**
 * Oil that can be seen in the receiver now, mL. In a trap fine drops go round until they join the layer: there
 * all that settles counts, as in the plan.
 */
export function oilNow(
  { plan }: Pick<Run, "plan">,
  now: { visibleMl: Percentiles; visibleAtOnceMl: Percentiles },
): Percentiles {
  return catchesIn(plan.method) === "trap" ? now.visibleMl : now.visibleAtOnceMl;
}
