import type { PlantBook } from "../plant/plantBook";
import type { Harvest } from "@/records/harvest";
import type { PlanDraft } from "@/records/planDraft";
import type { Run } from "@/records/run";
import { harvestNow, percentText } from "./harvestNow";

/** What stands in the plan's fields for so much of a harvest, as it lies now. */
export function harvestDraft(
  harvest: Harvest,
  massG: number,
  runs: readonly Run[],
  book: PlantBook,
): Partial<PlanDraft> {
  const { state, moisture } = harvestNow(harvest, runs, book);
  /* A state that the plant has no figures for cannot be planned: it is what it was cut as, with its own water. */
  const known = book.byId(harvest.plantId)?.states[state] !== undefined;
  return {
    harvestId: harvest.id,
    plantId: harvest.plantId,
    state: known ? state : harvest.state,
    moistureText:
      harvest.weighings?.length || harvest.moisture !== undefined ? percentText(moisture) : "",
    massBy: "scale",
    massText: String(Math.round(massG)),
    massUnit: "g",
  };
}
