import type { RunToCompare } from "@/core/learn/compareRuns";
import type { PlantBook } from "../plant/plantBook";
import { distillateOf, settledShareOf, warmOutlet } from "./afterRun";
import { knownRequest } from "./knownRequest";
import type { RunSummary } from "./runSummary";

/** A run as the model can set it beside another; undefined where it is not measured or its plan says too little. */
export function runToCompare(summary: RunSummary, book: PlantBook): RunToCompare | undefined {
  const { run, result, minutesFromFirstDrop: minutes } = summary;
  const request = knownRequest(run.plan);
  const plant = book.byId(run.plantId);
  if (!request || !plant?.states[run.state] || !result || !minutes) return undefined;
  const { preparation, agedMonths, moisture } = run.plan;
  const settledShare = settledShareOf(summary, book);
  return {
    request,
    plant,
    state: run.state,
    moisture,
    stillId: run.stillId,
    oilMl: result.oilMl,
    minutes,
    distillateMl: distillateOf(summary),
    outlet: warmOutlet(summary),
    ...(preparation === undefined ? {} : { preparation }),
    ...(agedMonths === undefined ? {} : { agedMonths }),
    ...(settledShare === undefined ? {} : { settledShare }),
    ...(run.harvestId === undefined ? {} : { harvestId: run.harvestId }),
  };
}
