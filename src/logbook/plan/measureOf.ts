import type { Measure } from "@/records/measure";
import type { PlanDraft } from "@/records/planDraft";

/** The measures that are for a plant: weighed with it, or with no plant in particular. */
export function measuresFor(measures: readonly Measure[], plantId: string): Measure[] {
  return measures.filter((measure) => !measure.plantId || measure.plantId === plantId);
}

/** The measure a plan is counted in; undefined where it is weighed, or no measure is for its plant. */
export function measureOf(
  { massBy, measureId, harvestId }: PlanDraft,
  measures: readonly Measure[],
  plantId: string,
): Measure | undefined {
  if (massBy !== "measure" || harvestId) return undefined;
  const fit = measuresFor(measures, plantId);
  return fit.find(({ id }) => id === measureId) ?? fit[0];
}
