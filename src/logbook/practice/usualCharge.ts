import { planCharges } from "@/core/plan/planCharges";
import type { Plant, PlantState } from "@/core/plant/plant";
import type { Method } from "@/core/still/methods";
import { newRecord } from "@/records/base";
import type { ExerciseSpec } from "@/records/exercise";
import type { Setting } from "@/records/setting";
import { stillFigures } from "../still/stillFigures";

/* Enough to ask how much goes in. */
const pinchG = 50;
/* Filled as one does, with some room left. */
const filledShare = 0.8;

/** A charge that fills a still of figures as one does, g; 0 where the still cannot do it so. */
export function usualChargeG(
  still: ExerciseSpec["still"],
  plant: Plant,
  { state, method, site }: { state: PlantState; method: Method; site: Setting["site"] },
): number {
  if (!plant.states[state]) return 0;
  const { limits } = planCharges({
    still: stillFigures({ ...newRecord("still", new Date(0)), ...still }),
    plant,
    state,
    massG: pinchG,
    method,
    stop: { perKg: 1 },
    site,
    charges: 1,
  });
  return filledShare * limits.chargeG;
}
