import { byGround, type ByGround } from "@/core/yield/byGround";
import type { Harvest } from "@/records/harvest";
import type { Run } from "@/records/run";
import { runState } from "../run/runState";
import { yieldOfRun } from "../run/yieldOfRun";

/** What a harvest has given so far. */
export interface OilOfHarvest extends ByGround {
  oilG: number;
  /** Charges that are measured. */
  measured: number;
  /** Their share of the harvest's dry matter, what was picked out of it left aside, above 0 to 1. */
  share: number;
}

/**
 * Oil by weight of a harvest's measured charges, and by what it grew on.
 * @param firstMoisture water share when it was cut
 * @returns undefined while none is measured
 */
export function oilOfHarvest(
  harvest: Pick<Harvest, "id" | "massG" | "takenAway" | "grewOn">,
  runs: readonly Run[],
  firstMoisture: number,
): OilOfHarvest | undefined {
  let [oilG, dryG, measured] = [0, 0, 0];
  for (const run of runs) {
    if (run.harvestId !== harvest.id) continue;
    const made = yieldOfRun(run, runState(run.entries));
    if (!made) continue;
    oilG += made.oilG;
    dryG += run.plan.chargeG * (1 - run.plan.moisture);
    measured += 1;
  }
  const awayG = (harvest.takenAway ?? []).reduce((sum, { massG }) => sum + massG, 0);
  const wholeDryG = Math.max(0, harvest.massG - awayG) * (1 - firstMoisture);
  if (measured === 0 || !(dryG > 0)) return undefined;
  const share = wholeDryG > dryG ? dryG / wholeDryG : 1;
  return { oilG, measured, share, ...byGround(oilG, share, harvest.grewOn ?? {}) };
}
