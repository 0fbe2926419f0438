import { type ChargeLevels, chargeLevels } from "@/core/plan/chargeLevels";
import type { Plant } from "@/core/plant/plant";
import { preparationOf } from "@/core/plant/preparation";
import type { StillShape } from "@/core/still/geometry";
import type { Run } from "@/records/run";

/** Where everything stands in a still under way with so much water left in its pot, mL. */
export function liveLevels(
  run: Run,
  shape: StillShape,
  waterMl: number,
  plant: Plant | undefined,
): ChargeLevels {
  const { plan } = run;
  const packingGPerL = packed(run, plant);
  return chargeLevels(shape, {
    method: plan.method,
    waterMl,
    chargeG: plan.chargeG,
    packingGPerL,
  });
}

/** What a litre of the charge weighs as it was prepared, g. */
function packed({ state, plan }: Run, plant: Plant | undefined): number {
  const figures = plant?.states[state];
  return plant && figures
    ? figures.packingGPerL * preparationOf(plant, plan.preparation).packing
    : usualPackingGPerL;
}

/* A middling herb, pressed down by hand, as the book's plants have it: only the drawing rests on it. */
const usualPackingGPerL = 200;
