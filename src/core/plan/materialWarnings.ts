import { preparationOf, preparationsOf } from "../plant/preparation";
import { methodsOf } from "../still/fillLimits";
import { oilLeftAfter } from "./chargeMaterial";
import { isPoisonous } from "../plant/cautions";
import { whyNever } from "../plant/neverDistil";
import type { PlanInput } from "./planInput";
import type { BarePlan } from "./chargePlan";
import type { Warning } from "../forecast/warning";

/* Dried plant that has lost more than this is old. */
const oldShareLost = 0.2;

/** What the plant and its preparation bring with them. */
export function materialWarnings(input: PlanInput, plan: BarePlan): Warning[] {
  const { plant, method, state, agedMonths = 0 } = input;
  const swims = method !== "steam";
  const preparation = preparationOf(plant, input.preparation);
  const advised = preparationsOf(plant)[0]!;
  const advisedName = { tissue: advised.tissue, id: advised.id };
  const warnings: Warning[] = [];
  if (swims && preparation.scorches) {
    warnings.push({
      code: "scorches",
      severity: "error",
      advised: advisedName,
      change: { preparation: advised.id },
    });
  }
  if (plan.figures.mats) {
    const canSwim = methodsOf(input.still.shape).includes("hydro");
    const byPlant = preparation.id === advised.id;
    warnings.push({
      code: "mats",
      severity: "caution",
      ...(byPlant ? {} : { advised: advisedName }),
      ...(byPlant
        ? canSwim
          ? { change: { method: "hydro" as const } }
          : {}
        : { change: { preparation: advised.id } }),
    });
  }
  if (preparation.pith) {
    warnings.push({
      code: "pith",
      severity: "caution",
      advised: advisedName,
      change: { preparation: advised.id },
    });
  }
  const lost = state === "dried" ? 1 - oilLeftAfter(plant.tissue, agedMonths) : 0;
  if (lost > oldShareLost) {
    warnings.push({
      code: "oldStock",
      severity: "caution",
      months: agedMonths,
      shareLost: lost,
    });
  }
  if (swims && (plant.froths || preparation.pith)) {
    const steam = methodsOf(input.still.shape).includes("steam");
    warnings.push({
      code: "froths",
      severity: "caution",
      plantName: plant.name,
      canSteam: steam,
      ...(steam ? { change: { method: "steam" as const } } : {}),
    });
  }
  const why = whyNever(plant.name, plant.botanicalName);
  if (why) warnings.push({ code: "neverDistil", severity: "error", plantName: plant.name, why });
  else if (isPoisonous(plant))
    warnings.push({ code: "poisonousPlant", severity: "error", plantName: plant.name });
  for (const hazard of plant.hazards) {
    warnings.push({ code: "plantHazard", severity: "note", hazard });
  }
  return warnings;
}
