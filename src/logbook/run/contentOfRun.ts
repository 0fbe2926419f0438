import { contentFromRun, preparationOf } from "@/core";
import { oilByPlan } from "./oilByPlan";
import type { PlantBook } from "../plant/plantBook";
import type { RunSummary } from "./runSummary";

/**
 * Oil content of the material that a measured run points to, mL/kg, as the plant's figures are told:
 * for the advised preparation. Undefined where the run was not measured or its plan does not say enough.
 */
export function contentOfRun(
  { run, result, minutesFromFirstDrop }: RunSummary,
  book: PlantBook,
): number | undefined {
  const plant = book.byId(run.plantId);
  const { plan } = run;
  const { forecast, oilMlPerKg } = plan;
  if (!plant || !result || minutesFromFirstDrop === undefined || !oilMlPerKg) return undefined;
  const content = contentFromRun({
    oilMl: result.oilMl,
    dissolvedMl:
      (forecast.dissolvedG.p50 / forecast.oilDensityGPerMl) *
      Math.min(2, result.hydrosolMl / Math.max(1, forecast.distillateMl)),
    holdUpMl: plan.request?.still.holdUpMl ?? 0,
    plannedMl: oilByPlan(plan, minutesFromFirstDrop).distilledMl,
    plannedMlPerKg: Math.sqrt(oilMlPerKg.low * oilMlPerKg.high),
  });
  return content === undefined ? undefined : content / preparationOf(plant, plan.preparation).oil;
}
