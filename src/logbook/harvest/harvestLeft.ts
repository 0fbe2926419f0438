import type { Harvest } from "@/records/harvest";
import type { Run } from "@/records/run";
import { happenedTo, type Charged } from "./happenedTo";

/** Two scales differ by so much: less than that is crumbs, not a charge. */
export const scaleTolerance = 0.02;

/** The harvest that one run alone is of; undefined where others share it, or it has none. */
export function harvestOfItsOwn(
  run: Pick<Run, "id" | "harvestId">,
  harvests: readonly Harvest[],
  runs: readonly Run[],
): Harvest | undefined {
  const shared = runs.some(({ id, harvestId }) => id !== run.id && harvestId === run.harvestId);
  return shared ? undefined : harvests.find(({ id }) => id === run.harvestId);
}

/** A harvest of which nothing more will be distilled: what is left of it is set aside. */
export function allUsed(harvest: Harvest, runs: readonly Charged[]): Harvest {
  return { ...harvest, setAsideG: (harvest.setAsideG ?? 0) + harvestLeftG(harvest, runs) };
}

/** What of a harvest has not been charged or set aside, g; 0 when only crumbs are left. */
export function harvestLeftG(harvest: Harvest, runs: readonly Charged[]): number {
  let whole = harvest.massG;
  let lyingG = whole;
  for (const event of happenedTo(harvest, runs)) {
    /* Weighed again, it is what was there then, less what went since. */
    if ("weighedG" in event) lyingG = whole = event.weighedG;
    else lyingG -= event.goneG;
  }
  const left = lyingG - (harvest.setAsideG ?? 0);
  return left > whole * scaleTolerance ? left : 0;
}
