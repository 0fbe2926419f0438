import type { Harvest } from "@/records/harvest";
import type { Run } from "@/records/run";

/* Crumbs on the scale are not a charge. */
const leastShare = 0.02;

/** The harvest that one run alone is of; undefined where others share it, or it has none. */
export function harvestOfItsOwn(
  run: Pick<Run, "id" | "harvestId">,
  harvests: readonly Harvest[],
  runs: readonly Run[],
): Harvest | undefined {
  const shared = runs.some(({ id, harvestId }) => id !== run.id && harvestId === run.harvestId);
  return shared ? undefined : harvests.find(({ id }) => id === run.harvestId);
}

/** What of a harvest has not been charged or set aside, g; 0 when only crumbs are left. */
export function harvestLeftG(harvest: Harvest, runs: readonly Run[]): number {
  /* Weighed again, it is what was there then, less what went into a still since. */
  const last = harvest.weighings?.reduce((a, b) => (b.at > a.at ? b : a));
  const charged = runs
    .filter(({ harvestId, createdAt }) => harvestId === harvest.id && createdAt > (last?.at ?? ""))
    .reduce((sum, { plan }) => sum + plan.chargeG, 0);
  const whole = last?.massG ?? harvest.massG;
  const left = whole - charged - (harvest.setAsideG ?? 0);
  return left > whole * leastShare ? left : 0;
}
