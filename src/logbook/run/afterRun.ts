import { safety } from "@/core/safety";
import { partedAfter } from "@/core/separation/parting";
import { type Explained, explainRun } from "@/core/yield/explain";
import { type OilFlows, oilFlows } from "@/core/yield/flows";
import type { PlantBook } from "../plant/plantBook";
import { knownRequest } from "./knownRequest";
import { partingOfRun } from "./partingOfRun";
import type { RunSummary } from "./runSummary";

/** Where a measured run's oil went; undefined where its plan does not say enough. */
export function flowsOfRun(summary: RunSummary): OilFlows | undefined {
  const { run, result, minutesFromFirstDrop } = summary;
  const request = knownRequest(run.plan);
  if (!request || !result || !minutesFromFirstDrop) return undefined;
  return oilFlows(request, {
    oilMl: result.oilMl,
    minutes: minutesFromFirstDrop,
    distillateMl: distillateOf(summary),
  });
}

/** What in a measured run's own log would explain its oil, the largest first. */
export function explainedRun(summary: RunSummary, book: PlantBook): Explained[] {
  const { run, state, result, minutesFromFirstDrop } = summary;
  const request = knownRequest(run.plan);
  const plant = book.byId(run.plantId);
  if (!request || !plant || !result || !minutesFromFirstDrop) return [];
  const { forecast, agedMonths } = run.plan;
  const settled = settledShareOf(summary, book);
  return explainRun(request, {
    oilMl: result.oilMl,
    minutes: minutesFromFirstDrop,
    distillateMl: distillateOf(summary),
    planned: { minutes: forecast.runMinutes, rateMlPerMin: forecast.rateMlPerMin },
    ...(settled === undefined ? {} : { settledShare: settled }),
    outlet: warmOutlet(summary),
    ...(agedMonths === undefined ? {} : { agedMonths }),
    tissue: plant.tissue,
    dryPatches: state.spent?.wetness === "dry",
  });
}

/** Distillate of a measured run, mL: what was measured where it can be all of what came; else the plan's rate. */
export function distillateOf({ run, result, minutesFromFirstDrop = 0 }: RunSummary): number {
  const planned = run.plan.forecast.rateMlPerMin * minutesFromFirstDrop;
  const kept = result?.hydrosolMl ?? 0;
  return run.plan.method !== "cohobation" && kept > planned * 0.5 && kept < planned * 2
    ? kept
    : planned;
}

/** Share of the fine drops that had parted when the oil was drawn off, where it was told in what it stood. */
export function settledShareOf({ run, state }: RunSummary, book: PlantBook): number | undefined {
  const { settling, separatedAt } = state;
  if (!settling || separatedAt === undefined) return undefined;
  const parting = partingOfRun(run, state, settling.vessel, settling, book);
  return partedAfter(parting, Math.max(0, (separatedAt - Date.parse(settling.at)) / 60000));
}

/** Stretches in which the outlet was too warm, each from its reading to the next. */
export function warmOutlet({ state }: RunSummary): { minutes: number; celsius: number }[] {
  const read = state.readings.flatMap(({ at, outletC }) =>
    outletC === undefined ? [] : [{ at: Date.parse(at), outletC }],
  );
  return read.flatMap(({ at, outletC }, i) => {
    const until = read[i + 1]?.at ?? state.heatOffAt ?? at;
    return outletC > safety.warmOutletC
      ? [{ minutes: Math.max(0, (until - at) / 60000), celsius: outletC }]
      : [];
  });
}
