import {
  chargeLevels,
  plantById,
  type ChargeLevels,
  type LiveEstimate,
  type StillShape,
} from "@/core";
import type { Run } from "./run";

/** Where everything stands in a still under way, and the water left in its pot, mL. */
export function liveLevels(
  run: Run,
  shape: StillShape,
  live: LiveEstimate | undefined,
): { levels: ChargeLevels; waterMl: number } {
  const { plan } = run;
  const waterMl = live ? Math.max(0, plan.dryLineMl + live.aboveDryLineMl) : plan.waterMl;
  const packingGPerL = plantById(run.plantId)?.states[run.state]?.packingGPerL ?? 200;
  return {
    levels: chargeLevels(shape, {
      method: plan.method,
      waterMl,
      chargeG: plan.chargeG,
      packingGPerL,
    }),
    waterMl,
  };
}
