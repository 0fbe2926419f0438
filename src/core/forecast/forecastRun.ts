import { condenserDutyJ, coolingWaterL, distillateOutC, iceKg } from "../cooling/duty";
import { percentiles } from "../statistics/chance";
import { draws, middleDraw } from "./draws";
import { energyKWh } from "./energy";
import type { Forecast } from "./forecast";
import { runWarnings } from "./runWarnings";
import type { ForecastRequest } from "./request";
import { runModel, type RunModel } from "./runModel";
import { stopRuleNames } from "./stopRules";
import { simulate, type Outcome } from "./simulate";

export interface ForecastOptions {
  /** How many runs to play; 1 plays only the middle one. */
  samples?: number;
  seed?: number;
}

const curvePoints = 40;

/**
 * The middle run alone, without curves and ranges: for what has to be asked many times.
 * @throws RangeError as `forecastRun` does
 */
export function middleRun(request: ForecastRequest): Outcome {
  checkRanges(request);
  const model = runModel(request);
  return simulate(model, middleDraw(model));
}

/* Runs played between two looks at whether anybody still wants the answer: some 5 ms. */
const batch = 100;

/**
 * Plays a run many times and says what came of it. Pure: same request, samples and seed, same answer.
 * @throws RangeError naming the field when a figure is out of range or a name is not known
 */
export function forecastRun(request: ForecastRequest, options: ForecastOptions = {}): Forecast {
  const steps = forecastInSteps(request, options);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/**
 * The same in steps, for a worker that shows progress and can be stopped: yields the share played.
 * @throws RangeError as `forecastRun` does, at the first step
 */
export function* forecastInSteps(
  request: ForecastRequest,
  { samples = 1000, seed = 1 }: ForecastOptions = {},
): Generator<number, Forecast> {
  checkRanges(request);
  const model = runModel(request);
  const middle = simulate(model, middleDraw(model));
  if (isCertain(request) || samples <= 1) return summarised(model, middle, [middle]);
  const outcomes: Outcome[] = [];
  for (const draw of draws(model, samples, seed)) {
    outcomes.push(simulate(model, draw));
    if (outcomes.length % batch === 0) yield outcomes.length / samples;
  }
  return summarised(model, middle, outcomes);
}

function summarised(model: RunModel, middle: Outcome, outcomes: readonly Outcome[]): Forecast {
  const { request } = model;
  const density = model.material.oil.densityGPerMl;
  const over = (read: (outcome: Outcome) => number) => percentiles(outcomes.map(read));
  const minutes = Array.from(
    { length: curvePoints + 1 },
    (_, i) => (middle.runMinutes * i) / curvePoints,
  );
  const dutyJ = condenserDutyJ(middle.distillateMl, model.boilC, distillateOutC);
  const litres = coolingWaterL(dutyJ, model.coolingInC, model.coolingOutC);
  const forecast: Forecast = {
    boilC: model.boilC,
    minutesToBoil: orNull(middle.minutesToBoil),
    minutesToFirstDrop: orNull(middle.minutesToFirstDrop),
    runMinutes: middle.runMinutes,
    stoppedBy: middle.stoppedBy,
    rateMlPerMin: middle.steamGPerMin,
    distillateMl: middle.distillateMl,
    ranges: {
      distillateMl: over(({ distillateMl }) => distillateMl),
      minutesToFirstDrop: over(({ minutesToFirstDrop }) => orNull(minutesToFirstDrop) ?? 0),
      runMinutes: over(({ runMinutes }) => runMinutes),
    },
    oil: {
      distilledMl: over(({ distilledG }) => distilledG / density),
      dissolvedG: over(({ dissolvedG }) => dissolvedG),
      suspendedMl: over(({ suspendedMl }) => suspendedMl),
      visibleMl: over(({ visibleMl }) => visibleMl),
    },
    recovery: middle.plantOilG > 0 ? middle.distilledG / middle.plantOilG : 0,
    potLeftMl: Math.max(0, model.freeWaterMl - (model.returns ? 0 : middle.distillateMl)),
    minutesToDryLine:
      middle.steamGPerMin > 0 ? orNull(model.spendableMl / middle.steamGPerMin) : null,
    saturationRatio: model.material.oil.saturationRatio,
    oilDensityGPerMl: density,
    oilLayer: model.material.oil.layer,
    cooling: { litres: orNull(litres), iceKg: iceKg(dutyJ) },
    energyKWh: energyKWh(request.still.heat, middle),
    curve: minutes.map((t) => ({
      minutes: t,
      distillateMl: middle.steamGPerMin * t,
      oilG: middle.oilAt(t),
    })),
    fan: minutes.map((t) => ({
      minutes: t,
      ...over((outcome) => outcome.oilAt(Math.min(t, outcome.runMinutes)) / density),
    })),
    warnings: [],
  };
  return { ...forecast, warnings: runWarnings(model, forecast) };
}

function orNull(value: number): number | null {
  return Number.isFinite(value) ? value : null;
}

function isCertain({ material }: ForecastRequest): boolean {
  return "oilMlPerKg" in material && material.oilMlPerKg.low === material.oilMlPerKg.high;
}

function checkRanges(request: ForecastRequest): void {
  const { still } = request;
  const atLeast0: [string, number | undefined][] = [
    ["massG", request.massG],
    ["waterMl", request.waterMl],
    ["still.heat.powerW", still.heat.powerW],
    ["still.heat.runPowerW", still.heat.runPowerW],
    ["still.lossWPerK", still.lossWPerK],
    ["still.vesselJPerK", still.vesselJPerK],
    ["still.dryLineMl", still.dryLineMl],
    ["still.holdUpMl", still.holdUpMl],
    ...stopRuleNames.map((name): [string, number | undefined] => [
      `stop.${name}`,
      request.stop[name],
    ]),
  ];
  for (const [name, value] of atLeast0) {
    if (value !== undefined && !(value >= 0 && Number.isFinite(value))) {
      throw new RangeError(`${name} must be 0 or more, got ${value}`);
    }
  }
}
