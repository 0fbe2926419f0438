import type { ChargePlan } from "@/core/plan/chargePlan";
import type { PlantState } from "@/core/plant/plant";
import type { Run } from "@/records/run";
import type { Trial } from "@/records/trial";
import { runState } from "../run/runState";
import { changedIn, differenceKinds, keptEqual, type Difference } from "./keptEqual";

/** What of a charge the two sides of a trial are set beside each other by. */
export interface TrialCharge {
  plantId: string;
  state: PlantState;
  preparation: string;
  stillId: string;
  method: string;
  dryG: number;
  waterMl: number;
  rateMlPerMin: number;
  /** On the drip. */
  minutes: number;
}

/** How the two sides of a trial stand to each other. */
export interface SidesBeside {
  /** Beside what is tried, they differ in these as well. */
  alsoDiffers: Difference[];
  /** What is tried, where they are alike in it: then nothing is. */
  unchanged?: Difference;
}

/** A charge in the plan's fields, not made ready yet. */
export function chargeDrafted(
  { method, chargeG, waterMl, figures, forecast }: ChargePlan,
  chosen: Pick<TrialCharge, "plantId" | "state" | "preparation" | "stillId">,
): TrialCharge {
  return {
    ...chosen,
    method,
    dryG: chargeG * (1 - figures.moisture),
    waterMl,
    rateMlPerMin: forecast.rateMlPerMin,
    minutes: forecast.runMinutes,
  };
}

/** A run: as it was planned, and so long on the drip as it was, once that is known. */
export function chargeOf({ plantId, state, stillId, plan, entries }: Run): TrialCharge {
  const { firstDropAt, heatOffAt } = runState(entries);
  return {
    plantId,
    state,
    stillId,
    preparation: plan.preparation ?? "",
    method: plan.method,
    dryG: plan.chargeG * (1 - plan.moisture),
    waterMl: plan.waterMl,
    rateMlPerMin: plan.forecast.rateMlPerMin,
    minutes:
      firstDropAt === undefined || heatOffAt === undefined
        ? plan.forecast.runMinutes
        : (heatOffAt - firstDropAt) / 60_000,
  };
}

/*
 * What each is read by. Amounts are the same for a trial up to so many times one another: charges
 * within a tenth, times within a fifth, water and rate within a quarter.
 */
const readBy: Record<
  Difference,
  | { name: (charge: TrialCharge) => string }
  | { amount: (charge: TrialCharge) => number; upTo: number }
> = {
  plant: { name: ({ plantId }) => plantId },
  state: { name: ({ state }) => state },
  preparation: { name: ({ preparation }) => preparation },
  still: { name: ({ stillId }) => stillId },
  method: { name: ({ method }) => method },
  charge: { amount: ({ dryG }) => dryG, upTo: 1.1 },
  water: { amount: ({ waterMl }) => waterMl || 1, upTo: 1.25 },
  heat: { amount: ({ rateMlPerMin }) => rateMlPerMin, upTo: 1.25 },
  minutes: { amount: ({ minutes }) => minutes || 1, upTo: 1.2 },
};
/* Who tries an amount changes it by more than this. */
const hardly = 1.02;

/** Sets the charges of one side of a trial beside those of the other; one side alone says nothing. */
export function sidesBeside(
  trial: Pick<Trial, "changes">,
  a: readonly TrialCharge[],
  b: readonly TrialCharge[],
): SidesBeside {
  if (a.length === 0 || b.length === 0) return { alsoDiffers: [] };
  const asked = new Set(keptEqual(trial));
  const tried = changedIn(trial);
  return {
    alsoDiffers: differenceKinds.filter((kind) => asked.has(kind) && apart(kind, a, b)),
    ...(tried && !apart(tried, a, b, hardly) ? { unchanged: tried } : {}),
  };
}

function apart(
  kind: Difference,
  a: readonly TrialCharge[],
  b: readonly TrialCharge[],
  upTo?: number,
): boolean {
  const by = readBy[kind];
  if ("name" in by) return names(a, by.name) !== names(b, by.name);
  const ratio = mean(a.map(by.amount)) / mean(b.map(by.amount));
  return Math.max(ratio, 1 / ratio) > (upTo ?? by.upTo);
}

function names(charges: readonly TrialCharge[], name: (charge: TrialCharge) => string): string {
  return [...new Set(charges.map(name))].sort().join();
}

function mean(amounts: readonly number[]): number {
  return amounts.reduce((sum, amount) => sum + amount, 0) / amounts.length;
}
