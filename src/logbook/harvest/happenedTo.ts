import type { Harvest } from "@/records/harvest";
import type { Run } from "@/records/run";

/** The harvest's charges, by when they were planned. */
export type Charged = Pick<Run, "harvestId" | "createdAt" | "plan">;

/** Something that happened to what lies: it was weighed, or some of it went. */
type Happened = { at: string } & (
  | { weighedG: number }
  | { goneG: number; /** Water share, where a plan says it. */ moisture?: number }
);

/** Weighings, charges and what was taken out of a harvest, the earliest first. */
export function happenedTo(
  { id, weighings = [], takenAway = [] }: Harvest,
  runs: readonly Charged[],
): Happened[] {
  return [
    ...weighings.map(({ at, massG: weighedG }) => ({ at, weighedG })),
    ...takenAway.map(({ at, massG: goneG }) => ({ at, goneG })),
    ...runs
      .filter(({ harvestId }) => harvestId === id)
      .map(({ createdAt: at, plan }) => ({ at, goneG: plan.chargeG, moisture: plan.moisture })),
  ].sort((a, b) => a.at.localeCompare(b.at));
}
