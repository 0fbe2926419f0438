import type { ForecastRequest } from "./request";
import { runModel } from "./runModel";

/** How fast it runs once the first drop has come. */
export type Pace = "gentle" | "brisk";

/*
 * Gentle passes the plant's own weight of steam in an hour and a quarter: about a drop a second on a
 * charge of 250 g. No slower than that drop a second, whatever the charge.
 */
const gentleMinutesPerWeight = 75;
const dropASecondMlPerMin = 3;

/** Distillate of a gentle run, mL/min. */
export function gentleRateMlPerMin(chargeG: number): number {
  return Math.max(dropASecondMlPerMin, chargeG / gentleMinutesPerWeight);
}

/**
 * Power to turn down to after the first drop, W: for a rate of one's own, or for a pace. Undefined where it
 * stays as it is, for a rate beyond what the heat can give too.
 */
export function runPowerW(
  request: ForecastRequest,
  pace: Pace,
  ownRateMlPerMin?: number,
): number | undefined {
  const rate =
    ownRateMlPerMin ?? (pace === "gentle" ? gentleRateMlPerMin(request.massG) : undefined);
  if (rate === undefined) return undefined;
  const model = runModel(request);
  const boiling = (rate * model.latentJPerG) / 60;
  const powerW = (boiling + model.lossWPerK * (model.boilC - model.airC)) / model.efficiency;
  return powerW < request.still.heat.powerW ? powerW : undefined;
}
