import { format } from "date-fns/format";
import { firstCutShare, type ChargePlan, type PlantState } from "@/core";
import { asRunPlan } from "@/records/asRunPlan";
import { newRecord } from "@/records/base";
import type { Harvest } from "@/records/harvest";
import type { AnyRecord } from "@/records/record";
import { nextRunNumber, type Run } from "@/records/run";
import type { Still } from "@/records/still";
import type { ForecastRanges } from "@/workers/forecastMessages";

interface Ready {
  plan: ChargePlan;
  ranges: ForecastRanges;
  plantId: string;
  state: PlantState;
  still: Still;
  preparation: string;
  agedMonths?: number;
  /** Schools that were followed, by question. */
  schools: Record<string, string>;
  /** The harvest this charge is of; a new one is written down where there is none yet. */
  harvest?: Harvest;
  counted?: Harvest["counted"];
  runs: readonly Run[];
  now: Date;
}

/** The records of a charge made ready: its run with the plan as it stands now, and its harvest. */
export function makeReady({
  plan,
  ranges,
  plantId,
  state,
  still,
  preparation,
  agedMonths,
  schools,
  harvest,
  counted,
  runs,
  now,
}: Ready): { run: Run; records: AnyRecord[] } {
  const fromHarvest: Harvest = harvest ?? {
    ...newRecord("harvest", now),
    plantId,
    state,
    massG: plan.chargeG * plan.charges,
    cutOn: format(now, "yyyy-MM-dd"),
    ...(counted ? { counted } : {}),
  };
  const before = runs.filter(({ harvestId }) => harvestId === fromHarvest.id).length;
  const firstCutMl = plan.forecast.distillateMl * firstCutShare;
  const cuts =
    schools.hydrosol === "firstCut" && plan.method !== "cohobation" && firstCutMl > 0;
  const run: Run = {
    ...newRecord("run", now),
    number: nextRunNumber(runs),
    stillId: still.id,
    stillName: still.name,
    harvestId: fromHarvest.id,
    plantId,
    state,
    checked: [],
    entries: [],
    plan: asRunPlan({
      plan,
      oil: ranges.oil,
      still,
      charge: before + 1,
      charges: before + plan.charges,
      preparation,
      ...(agedMonths === undefined ? {} : { agedMonths }),
      schools,
      ...(cuts ? { firstCutMl } : {}),
    }),
  };
  return { run, records: harvest ? [run] : [fromHarvest, run] };
}
