import type { ChargePlan, PlanInput } from "./planCharges";
import type { Warning } from "./warning";

/** What is wrong with a filled still, the physics' own warnings included, worst first. */
export function planWarnings(
  input: PlanInput,
  plan: Omit<ChargePlan, "warnings">,
  neededCharges: number,
): Warning[] {
  const warnings = [
    ...fillWarnings(input, plan, neededCharges),
    ...plan.forecast.warnings.map(withinStill),
  ];
  if (input.plant.froths && input.method === "hydro") {
    warnings.push({
      code: "froths",
      severity: "caution",
      message: `${input.plant.name} froths in water and can climb into the head.`,
      remedy: "Heat slowly to the boil, and keep the fill a fifth lower, as this plan does.",
    });
  }
  for (const hazard of input.plant.hazards) {
    warnings.push({
      code: "plantHazard",
      severity: "note",
      message: hazard,
      remedy: "Bear it in mind before you load the still.",
    });
  }
  const order = { error: 0, caution: 1, note: 2 };
  return warnings.sort((a, b) => order[a.severity] - order[b.severity]);

  /* More water is no remedy where no more fits: then the run has to be shorter, or the charge smaller. */
  function withinStill(warning: Warning): Warning {
    if (warning.code !== "dryBeforeStop" || (warning.change?.waterMl ?? 0) <= plan.mostWaterMl)
      return warning;
    const minutes = Math.floor(plan.forecast.runMinutes);
    if (minutes < 10) {
      return {
        ...warning,
        remedy:
          "This still holds too little water above its dry line for this charge: make more, smaller charges.",
        change: { charges: plan.charges + 1 },
      };
    }
    return {
      ...warning,
      remedy: `No more water fits. Stop after ${minutes} min.`,
      change: { minutes },
    };
  }
}

function fillWarnings(
  input: PlanInput,
  plan: Omit<ChargePlan, "warnings">,
  neededCharges: number,
): Warning[] {
  const warnings: Warning[] = [];
  if (plan.limits.chargeG <= 0) {
    warnings.push({
      code: "noRoom",
      severity: "error",
      message:
        "This still has no room for a charge this way: its basket or vessel is missing or too low.",
      remedy: "Check the still's measures on the Bench, or choose the other method.",
    });
    return warnings;
  }
  if (plan.charges < neededCharges) {
    warnings.push({
      code: "overfull",
      severity: "error",
      message: `${Math.round(plan.chargeG)} g is more than fits: this still takes ${Math.floor(plan.limits.chargeG)} g at once. Packed fuller, steam stalls or plant blocks the vapour path.`,
      remedy: `Make ${neededCharges} charges.`,
      change: { charges: neededCharges },
    });
  }
  if (plan.waterMl > plan.mostWaterMl + 1) {
    const fits = Math.max(0, Math.floor(plan.mostWaterMl / 10) * 10);
    warnings.push({
      code: "tooMuchWater",
      severity: "error",
      message:
        input.method === "steam"
          ? "The water comes too near the basket: it would spatter into the plant and boil it."
          : "The pot is too full: it would boil over into the condenser.",
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
  return warnings;
}
