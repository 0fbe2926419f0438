import type { PlanInput } from "./planInput";
import type { BarePlan } from "./planWarnings";
import type { Warning } from "./warning";

/** Whether plant and water fit, and whether the work does. */
export function fillWarnings(input: PlanInput, plan: BarePlan, neededCharges: number): Warning[] {
  if (plan.limits.chargeG <= 0) {
    return [
      {
        code: "noRoom",
        severity: "error",
        message:
          "This still has no room for a charge this way: its basket or vessel is missing or too low.",
        remedy: "Check the still's measures on the Bench, or choose the other method.",
      },
    ];
  }
  const warnings: Warning[] = [];
  if (plan.charges < neededCharges) warnings.push(tooMuchPlant(plan, neededCharges));
  if (plan.waterMl > plan.mostWaterMl + 1) {
    const fits = Math.max(0, Math.floor(plan.mostWaterMl / 10) * 10);
    warnings.push({
      code: "tooMuchWater",
      severity: "error",
      message: {
        steam: "The water comes too near the basket: it would spatter into the plant and boil it.",
        hydro: "The pot is too full: it would boil over into the condenser.",
        cohobation: "The flask is too full: it would boil over into the condenser.",
        bowl: "The water would boil up into the bowl and spoil what is in it.",
      }[input.method],
      remedy: `Use ${fits} mL at most.`,
      change: { waterMl: fits },
    });
  }
  if (plan.charges > 12) {
    warnings.push({
      code: "manyCharges",
      severity: "caution",
      message: `${plan.charges} charges are days of work for this still.`,
      remedy: "Distil what stays fresh, dry the rest, or use a larger still.",
    });
  }
  const bowlMl = input.still.shape.bowl?.volumeMl;
  if (input.method === "bowl" && bowlMl && plan.forecast.distillateMl > bowlMl * bowlShare) {
    const minutes = Math.floor((bowlMl * bowlShare) / plan.forecast.rateMlPerMin);
    warnings.push({
      code: "bowlFull",
      severity: "caution",
      message: `The bowl is full after ${minutes} min: what comes then runs back into the pot.`,
      remedy: `Stop after ${minutes} min, or lift the bowl out with the heat off and empty it.`,
      change: { minutes },
    });
  }
  return warnings;
}

const bowlShare = 0.9;

/** Too much for the basket itself, or only for the free space that belongs above it. */
function tooMuchPlant(plan: BarePlan, neededCharges: number): Warning {
  const only = plan.method === "steam" && plan.levels.headspaceMm >= 0;
  const fits = `this still takes ${Math.floor(plan.limits.chargeG)} g at once`;
  return {
    code: only ? "littleHeadspace" : "overfull",
    severity: "error",
    message: only
      ? `Only ${plan.levels.headspaceMm.toFixed(0)} mm stay free above ${Math.round(plan.chargeG)} g where ${plan.limits.headspaceMm} mm belong: wet plant swells into the vapour path. With its headspace ${fits}.`
      : `${Math.round(plan.chargeG)} g is more than fits: ${fits}. Packed fuller, steam stalls or plant blocks the vapour path.`,
    remedy: `Make ${neededCharges} charges.`,
    change: { charges: neededCharges },
  };
}
