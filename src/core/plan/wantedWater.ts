import { middleRun } from "../forecast/forecastRun";
import type { ForecastRequest } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import type { Fill } from "../still/fillLimits";
import { cylinderVolumeMl, isRound } from "../still/geometry";
import type { PlanInput } from "./planInput";
import { plentyOfWaterMl } from "./usualWorth";

/* The school's rule for steam: enough for the run and a quarter more, above the dry line. */
const reserveFactor = 1.25;
/* Covered means a finger of water over the plant. */
const coverMm = 20;

/** Water that a rule of the craft asks for beside plant that swims, mL; 0 where steam passes above it. */
export function waterByRule(
  { method, waterRule = "ratio", still }: PlanInput,
  fill: Fill,
  chargeG: number,
  mostMl: number,
): number {
  if (method === "steam") return 0;
  if (waterRule === "mark") return mostMl;
  if (waterRule === "ratio") return fill.waterMlPerG * chargeG;
  const heapMl = (chargeG / fill.packingGPerL) * 1000;
  const acrossMm = isRound(still.shape)
    ? Math.cbrt((6000 * still.shape.potVolumeMl) / Math.PI)
    : still.shape.potDiameterMm;
  return Math.max(0, heapMl + cylinderVolumeMl(coverMm, acrossMm) - chargeG);
}

/** Water for the run and its reserve above the dry line, never less than the rule asks, to 50 mL. */
export function waterWithReserve(request: ForecastRequest, byRuleMl: number): number {
  const plenty = plentyOfWaterMl;
  const ample = { ...request, waterMl: plenty };
  const model = runModel(ample);
  const run = middleRun(ample);
  const spent = model.returns ? 0 : run.spendsGPerMin * run.runMinutes;
  const heldByPlant = plenty - model.freeWaterMl;
  const wanted = Math.max(
    byRuleMl,
    (request.still.dryLineMl ?? 0) + heldByPlant + reserveFactor * spent,
  );
  return Math.ceil(wanted / 50) * 50;
}
