import { condensers } from "@/core/cooling/condenser";
import { safety } from "@/core/safety";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import { runState } from "../run/runState";

/* A tub so cool still cools as well as it can. */
const coolTubC = 35;

/**
 * The rate at which a still's outlet grew warm though its cooling was in order, mL/min: more than this its condenser
 * has not taken. Undefined where that never was, or where a later run stayed cool at that rate.
 */
export function warmedAt(
  runs: readonly Run[],
  still: Pick<Still, "id" | "condenser">,
): number | undefined {
  if (!still.condenser) return undefined;
  const byTub = condensers[still.condenser.kind].by === "tub";
  let least: number | undefined;
  for (const run of [...runs].sort((a, b) => a.number - b.number)) {
    if (run.stillId !== still.id || run.notToLearn) continue;
    const { entries } = runState(run.entries);
    /* A run in which something went wrong tells of that, not of the condenser. */
    if (entries.some(({ type }) => type === "trouble")) continue;
    let tubC: number | undefined;
    for (const entry of entries) {
      if (entry.type !== "reading") continue;
      tubC = entry.tubC ?? tubC;
      const { outletC, rateMlPerMin = run.plan.forecast.rateMlPerMin } = entry;
      if (outletC === undefined || !(rateMlPerMin > 0)) continue;
      if (outletC < safety.warmOutletC) {
        if (least !== undefined && rateMlPerMin >= least) least = undefined;
      } else if (!byTub || (tubC !== undefined && tubC <= coolTubC))
        least = Math.min(least ?? Infinity, rateMlPerMin);
    }
  }
  return least;
}
