import type { PlantState } from "@/core/plant/plant";
import type { PlantBook } from "../plant/plantBook";
import type { Harvest } from "@/records/harvest";
import type { PlanDraft } from "@/records/planDraft";
import type { Run } from "@/records/run";
import type { Charged } from "./happenedTo";
import { harvestNow, percentText } from "./harvestNow";

/**
 * The state that a harvest is planned in. One that the plant has no figures for cannot be: then it is what it was cut
 * as, with its own water.
 */
export function stateToPlan(
  harvest: Harvest,
  runs: readonly Charged[],
  book: PlantBook,
): PlantState {
  const { state } = harvestNow(harvest, runs, book);
  return book.byId(harvest.plantId)?.states[state] === undefined ? harvest.state : state;
}

/** What stands in the plan's fields for so much of a harvest, as it lies now. */
export function harvestDraft(
  harvest: Harvest,
  massG: number,
  runs: readonly Run[],
  book: PlantBook,
): Partial<PlanDraft> {
  const { moisture } = harvestNow(harvest, runs, book);
  return {
    harvestId: harvest.id,
    plantId: harvest.plantId,
    state: stateToPlan(harvest, runs, book),
    moistureText:
      harvest.weighings?.length || harvest.moisture !== undefined ? percentText(moisture) : "",
    massBy: "scale",
    massText: String(Math.round(massG)),
    massUnit: "g",
  };
}
