import { contentFromRun } from "@/core/plan/ownRun";
import { massInState } from "@/core/plant/massInState";
import { preparationOf } from "@/core/plant/preparation";
import { knownRequest } from "./knownRequest";
import type { RunPlan } from "@/records/run";
import type { PlantBook } from "../plant/plantBook";
import type { RunSummary } from "./runSummary";

/**
 * Oil content of the material that a measured run points to, mL/kg, as the plant's figures are told:
 * for the advised preparation. Undefined where the run was not measured or its plan does not say enough.
 */
export function contentOfRun(
  { run, result, minutesFromFirstDrop: watched }: RunSummary,
  book: PlantBook,
): number | undefined {
  const plant = book.byId(run.plantId);
  const { plan } = run;
  const request = knownRequest(plan);
  /* A plan that does not say what its plant was taken to hold is from before runs taught anything. */
  if (!plant || !request || !result || !plan.oilMlPerKg) return undefined;
  /* Of a charge that nobody weighed its yield says nothing. */
  if (plan.chargeBetweenG) return undefined;
  const minutesFromFirstDrop = watched ?? (run.told && likelyMinutes(plan, result.hydrosolMl));
  if (minutesFromFirstDrop === undefined) return undefined;
  const content = contentFromRun(request, {
    oilMl: result.oilMl,
    minutes: minutesFromFirstDrop,
    distillateMl: passed(plan, minutesFromFirstDrop, result.hydrosolMl),
  });
  if (content === undefined) return undefined;
  /* Told for the plant as the book weighs it: its own cut may have been wetter or drier. */
  const usual = plant.states[run.state];
  const asUsual = usual ? massInState(1, usual, plan) : 1;
  return (content / preparationOf(plant, plan.preparation).oil) * asUsual;
}

/** How long a run without times went on, most likely: as its hydrosol took by the plan's rate, or as planned. */
function likelyMinutes({ forecast, method }: RunPlan, hydrosolMl = 0): number {
  return method !== "cohobation" && hydrosolMl > 0
    ? hydrosolMl / forecast.rateMlPerMin
    : forecast.runMinutes;
}

/* Hydrosol that is poured away, or not measured, says nothing of the steam: then the plan's rate does. */
const believable = { least: 0.5, most: 2 };

/** Distillate that passed in so many minutes, mL: as measured where that can be all of it. */
function passed({ forecast, method }: RunPlan, minutes: number, hydrosolMl = 0): number {
  const planned = forecast.rateMlPerMin * minutes;
  const share = hydrosolMl / planned;
  return method !== "cohobation" && share >= believable.least && share <= believable.most
    ? hydrosolMl
    : planned;
}
