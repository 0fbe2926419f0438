import { preparationOf, preparationsOf } from "../plant/preparation";
import { methodsOf } from "../still/fillLimits";
import { oilLeftAfter } from "./chargeMaterial";
import type { PlanInput } from "./planInput";
import type { BarePlan } from "./planWarnings";
import type { Warning } from "./warning";

/* Dried plant that has lost more than this is old. */
const oldShareLost = 0.2;

/** What the plant and its preparation bring with them. */
export function materialWarnings(input: PlanInput, plan: BarePlan): Warning[] {
  const { plant, method, state, agedMonths = 0 } = input;
  const swims = method !== "steam";
  const preparation = preparationOf(plant, input.preparation);
  const advised = preparationsOf(plant)[0]!;
  const warnings: Warning[] = [];
  if (swims && preparation.scorches) {
    warnings.push({
      code: "scorches",
      severity: "error",
      message:
        "Fine powder sinks in the water, cakes on the hot floor and scorches: the whole oil smells of it.",
      remedy: `${advised.label} instead, or keep the powder off the floor in a bag.`,
      change: { preparation: advised.id },
    });
  }
  if (plan.figures.mats) {
    const canSwim = methodsOf(input.still.shape).includes("hydro");
    const byPlant = preparation.id === advised.id;
    warnings.push({
      code: "mats",
      severity: "caution",
      message:
        "It will mat: steam cuts a channel and leaves the rest. The forecast counts a fifth less free oil.",
      remedy: byPlant
        ? "Let it swim instead, or layer it loosely."
        : `${advised.label}: that keeps ways open.`,
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
      message: "Pith holds no oil, drinks water, gels and froths: half of the charge is ballast.",
      remedy: `${advised.label}.`,
      change: { preparation: advised.id },
    });
  }
  const lost = state === "dried" ? 1 - oilLeftAfter(plant.tissue, agedMonths) : 0;
  if (lost > oldShareLost) {
    warnings.push({
      code: "oldStock",
      severity: "caution",
      message: `After ${Math.round(agedMonths)} months about ${Math.round(lost * 100)} % of its oil is gone, the lightest and brightest first. The forecast counts that.`,
      remedy: "Smell it when crushed: if little comes, use it for the bath and dry new.",
    });
  }
  if (swims && (plant.froths || preparation.pith)) {
    const steam = methodsOf(input.still.shape).includes("steam");
    warnings.push({
      code: "froths",
      severity: "caution",
      message: `${plant.name} froths in water and can climb into the head.`,
      remedy: steam
        ? "Keep it over the steam, or heat slowly with the fill a fifth lower, as this plan does."
        : "Heat slowly to the boil, and keep the fill a fifth lower, as this plan does.",
      ...(steam ? { change: { method: "steam" as const } } : {}),
    });
  }
  for (const hazard of plant.hazards) {
    warnings.push({
      code: "plantHazard",
      severity: "note",
      message: hazard,
      remedy: "Bear it in mind before you load the still.",
    });
  }
  return warnings;
}
