import { contentFromRun, preparationOf, type PlantState } from "@/core";
import { oilByPlan } from "./oilByPlan";
import type { PlantBook } from "./plantBook";
import type { RunSummary } from "./runSummary";

/* Stock that has lain for longer says more about the cupboard than about the plant. */
const stillFreshMonths = 3;

/** Oil contents of a material, mL/kg, that a person's own finished runs of it point to. */
export function ownContents(
  summaries: readonly RunSummary[],
  plantId: string,
  state: PlantState,
  book: PlantBook,
): number[] {
  const plant = book.byId(plantId);
  return summaries.flatMap(({ run, result, minutesFromFirstDrop }) => {
    const { plan } = run;
    const { forecast, oilMlPerKg } = plan;
    if (!plant || run.plantId !== plantId || run.state !== state) return [];
    if (!result || minutesFromFirstDrop === undefined || !oilMlPerKg) return [];
    if ((plan.agedMonths ?? 0) > stillFreshMonths) return [];
    const content = contentFromRun({
      oilMl: result.oilMl,
      dissolvedMl:
        (forecast.dissolvedG.p50 / forecast.oilDensityGPerMl) *
        Math.min(2, result.hydrosolMl / Math.max(1, forecast.distillateMl)),
      holdUpMl: plan.request?.still.holdUpMl ?? 0,
      plannedMl: oilByPlan(plan, minutesFromFirstDrop).distilledMl,
      plannedMlPerKg: Math.sqrt(oilMlPerKg.low * oilMlPerKg.high),
    });
    /* As the plant's own figures are told: for the advised preparation. */
    return content === undefined ? [] : [content / preparationOf(plant, plan.preparation).oil];
  });
}
