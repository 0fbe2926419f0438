import { format } from "date-fns/format";
import type { ChargePlan, Plant } from "@/core";
import { newRecord } from "@/records/base";
import type { Harvest } from "@/records/harvest";
import type { AnyRecord } from "@/records/record";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import type { ForecastRanges } from "@/workers/forecastMessages";

interface Ready {
  plan: ChargePlan;
  ranges: ForecastRanges;
  plant: Plant;
  still: Still;
  /** The harvest this charge is of; a new one is written down where there is none yet. */
  harvest?: Harvest;
  counted?: Harvest["counted"];
  runs: readonly Run[];
  now: Date;
}

/** The records of a charge made ready: its run with the plan as it stands now, and its harvest. */
export function makeReady({ plan, ranges, plant, still, harvest, counted, runs, now }: Ready): {
  run: Run;
  records: AnyRecord[];
} {
  const { request, forecast } = plan;
  const material = request.material as { state?: Harvest["state"] };
  const state = material.state ?? "fresh";
  const fromHarvest: Harvest = harvest ?? {
    ...newRecord("harvest", now),
    plantId: plant.id,
    state,
    massG: plan.chargeG * plan.charges,
    cutOn: format(now, "yyyy-MM-dd"),
    ...(counted ? { counted } : {}),
  };
  const before = runs.filter(({ harvestId }) => harvestId === fromHarvest.id).length;
  const run: Run = {
    ...newRecord("run", now),
    number: Math.max(0, ...runs.map(({ number }) => number)) + 1,
    stillId: still.id,
    stillName: still.name,
    harvestId: fromHarvest.id,
    plantId: plant.id,
    state,
    checked: [],
    entries: [],
    plan: {
      method: plan.method,
      charge: before + 1,
      charges: before + plan.charges,
      chargeG: plan.chargeG,
      moisture: plan.figures.moisture,
      waterMl: plan.waterMl,
      dryLineMl: still.dryLineMl,
      jarMl: still.jarMl,
      stop: request.stop,
      powerW: still.heat.powerW,
      forecast: {
        boilC: forecast.boilC,
        minutesToBoil: forecast.minutesToBoil ?? 0,
        minutesToFirstDrop: forecast.minutesToFirstDrop ?? 0,
        runMinutes: forecast.runMinutes,
        rateMlPerMin: forecast.rateMlPerMin,
        distillateMl: forecast.distillateMl,
        spendableMl: (forecast.minutesToDryLine ?? 0) * forecast.rateMlPerMin,
        oilDensityGPerMl: forecast.oilDensityGPerMl,
        ...ranges.oil,
        curve: forecast.curve.map(({ minutes, oilG }) => ({ minutes, oilG })),
      },
    },
  };
  return { run, records: harvest ? [run] : [fromHarvest, run] };
}
