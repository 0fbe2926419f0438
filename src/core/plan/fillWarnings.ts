import type { PlanInput } from "./planInput";
import type { BarePlan } from "./chargePlan";
import type { Warning } from "../forecast/warning";

/** Whether plant and water fit, and whether the work does. */
export function fillWarnings(input: PlanInput, plan: BarePlan, neededCharges: number): Warning[] {
  if (plan.limits.chargeG <= 0) {
    return [
      {
        code: "noRoom",
        severity: "error",
      },
    ];
  }
  const warnings: Warning[] = [];
  if (plan.charges < neededCharges) warnings.push(tooMuchPlant(input, plan, neededCharges));
  if (plan.waterMl > plan.mostWaterMl + 1) {
    const fits = Math.max(0, Math.floor(plan.mostWaterMl / 10) * 10);
    warnings.push({
      code: "tooMuchWater",
      severity: "error",
      method: input.method,
      fitsMl: fits,
      change: { waterMl: fits },
    });
  }
  if (plan.charges > 12) {
    warnings.push({
      code: "manyCharges",
      severity: "caution",
      charges: plan.charges,
    });
  }
  const share = plan.chargeG / plan.limits.chargeG;
  if (share < smallShare)
    warnings.push({
      code: "smallCharge",
      severity: "note",
      share,
      fitsG: plan.limits.chargeG,
    });
  const bowlMl = input.still.shape.bowl?.volumeMl;
  if (input.method === "bowl" && bowlMl && plan.forecast.distillateMl > bowlMl * bowlShare) {
    const minutes = Math.floor((bowlMl * bowlShare) / plan.forecast.rateMlPerMin);
    warnings.push({
      code: "bowlFull",
      severity: "caution",
      minutes,
      change: { minutes },
    });
  }
  return warnings;
}

/* Less than this of a full charge: glass and tubes keep what little oil comes. */
const smallShare = 0.15;
const bowlShare = 0.9;

/** Too much for the basket itself, or only for the free space that belongs above it. */
function tooMuchPlant(
  { still: { shape } }: PlanInput,
  plan: BarePlan,
  neededCharges: number,
): Warning {
  const holderMl = (shape.vessel ?? shape.basket)?.volumeMl ?? 0;
  const heapMl = (plan.chargeG / plan.figures.packingGPerL) * 1000;
  const only = plan.method === "steam" && heapMl <= holderMl;
  const common = {
    severity: "error" as const,
    chargeG: plan.chargeG,
    fitsG: plan.limits.chargeG,
    charges: neededCharges,
    change: { charges: neededCharges },
  };
  return only
    ? {
        ...common,
        code: "littleHeadspace",
        freeMm: plan.levels.headspaceMm,
        belongsMm: plan.limits.headspaceMm,
      }
    : { ...common, code: "overfull" };
}
