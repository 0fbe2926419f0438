import type { DayRecord } from "@/records/day";
import type { Harvest } from "@/records/harvest";
import type { PlanDraft } from "@/records/planDraft";
import type { Run } from "@/records/run";
import { harvestDraft } from "../harvest/harvestDraft";
import { harvestLeftG } from "../harvest/harvestLeft";
import type { PlantBook } from "../plant/plantBook";

/** What stands in the plan's fields for one charge of a day: of its harvest no more than is left. */
export function chargeDraft(
  day: DayRecord,
  chargeId: string,
  stillId: string,
  { harvests, runs, book }: { harvests: readonly Harvest[]; runs: readonly Run[]; book: PlantBook },
): Partial<PlanDraft> {
  const charge = day.charges.find(({ id }) => id === chargeId);
  const heap = day.heaps.find(({ id }) => id === charge?.heapId);
  if (!charge || !heap) return {};
  const link = { dayId: day.id, dayCharge: chargeId, stillId, chargesText: "1" };
  const harvest = harvests.find(({ id }) => id === heap.harvestId);
  if (!harvest)
    return {
      ...link,
      plantId: heap.plantId,
      state: heap.state,
      massBy: "scale",
      massText: String(Math.round(charge.massG)),
      massUnit: "g",
    };
  const left = harvestLeftG(harvest, runs);
  const massG = left > 0 ? Math.min(charge.massG, left) : charge.massG;
  return { ...harvestDraft(harvest, massG, runs, book), ...link };
}
