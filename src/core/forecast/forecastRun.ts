import { condenserDutyJ, coolingWaterL, distillateOutC, iceKg } from "../cooling/duty";
import { percentiles } from "../statistics/chance";
import { draws, middleDraw, type Draw } from "./draws";
import { headC } from "./headCourse";
import { energyKWh } from "./energy";
import type { Forecast } from "./forecast";
import { runWarnings } from "./runWarnings";
import type { ForecastRequest } from "./request";
import { runModel, type RunModel } from "./runModel";
import { stopRuleNames } from "./stopRules";
import { mixedOil, type OilParts } from "../plant/oilParts";
import { caughtShare, simulate, type Outcome } from "./simulate";

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
  const draw = middleDraw(model);
  const middle = simulate(model, draw);
  if (isCertain(request) || samples <= 1) return summarised(model, draw, middle, [middle]);
  const outcomes: Outcome[] = [];
  for (const each of draws(model, samples, seed)) {
    outcomes.push(simulate(model, each));
    if (outcomes.length % batch === 0) yield outcomes.length / samples;
  }
  return summarised(model, draw, middle, outcomes);
}

function summarised(
  model: RunModel,
  draw: Draw,
  middle: Outcome,
  outcomes: readonly Outcome[],
): Forecast {
  const { request } = model;
  const { parts } = model.material;
  const distilled = middle.course.over(middle.runMinutes);
  const { densityGPerMl, layer } =
    middle.distilledG > 0 ? mixedOil(parts, distilled) : model.material.oil;
  const over = (read: (outcome: Outcome) => number) => percentiles(outcomes.map(read));
  const minutes = Array.from(
    { length: curvePoints + 1 },
    (_, i) => (middle.runMinutes * i) / curvePoints,
  );
  const inPot = middle.course.inPot(middle.runMinutes);
  const came = minutes.map((t) => middle.course.over(t));
  /* Of the vapour between two points of the curve, before any of it runs back. */
  const headAt = (i: number) =>
    headC(
      parts,
      came[i + 1]!.map((grams, compound) => grams - came[i]![compound]!),
      (middle.rateMlPerMin * middle.runMinutes) / curvePoints / caughtShare(model, draw),
      model.boilC,
    );
  const condensedMl = middle.distillateMl / caughtShare(model, draw);
  const dutyJ = condenserDutyJ(condensedMl, model.boilC, distillateOutC);
  const litres = coolingWaterL(dutyJ, model.coolingInC, model.coolingOutC);
  const forecast: Forecast = {
    boilC: model.boilC,
    minutesToBoil: orNull(middle.minutesToBoil),
    minutesToFirstDrop: orNull(middle.minutesToFirstDrop),
    runMinutes: middle.runMinutes,
    stoppedBy: middle.stoppedBy,
    rateMlPerMin: middle.rateMlPerMin,
    distillateMl: middle.distillateMl,
    condensedMl,
    ranges: {
      distillateMl: over(({ distillateMl }) => distillateMl),
      minutesToFirstDrop: over(({ minutesToFirstDrop }) => orNull(minutesToFirstDrop) ?? 0),
      runMinutes: over(({ runMinutes }) => runMinutes),
    },
    oil: {
      distilledMl: over(({ distilledMl }) => distilledMl),
      dissolvedG: over(({ dissolvedG }) => dissolvedG),
      suspendedMl: over(({ suspendedMl }) => suspendedMl),
      visibleMl: over(({ visibleMl }) => visibleMl),
      visibleAtOnceMl: over(({ visibleAtOnceMl }) => visibleAtOnceMl),
    },
    compounds: Object.fromEntries(
      parts.ids.map((id, i) => [
        id,
        { distilledG: distilled[i]!, dissolvedG: middle.dissolved[i]!, potG: inPot[i]! },
      ]),
    ),
    cuts: middle.jars.map((jar, at) => {
      const oilG = jar.grams.reduce((sum, grams) => sum + grams, 0);
      return {
        fromMl: jar.fromMl,
        toMl: jar.toMl,
        oilG,
        visibleMl: middle.inJarsMl[at]!,
        composition: Object.fromEntries(
          parts.ids.map((id, i) => [id, oilG > 0 ? jar.grams[i]! / oilG : 0]),
        ),
      };
    }),
    onTubesMl: middle.onTubesMl,
    potOilG: sum(inPot),
    layer: layerOf(parts, distilled, middle),
    recovery: middle.plantOilG > 0 ? middle.distilledG / middle.plantOilG : 0,
    potLeftMl: Math.max(
      0,
      model.freeWaterMl - (model.returns ? 0 : middle.spendsGPerMin * middle.runMinutes),
    ),
    minutesToDryLine:
      middle.spendsGPerMin > 0 ? orNull(model.aboveDryLineMl / middle.spendsGPerMin) : null,
    saturationRatio: model.material.oil.saturationRatio,
    oilDensityGPerMl: densityGPerMl,
    oilLayer: layer,
    cooling: { litres: orNull(litres), iceKg: iceKg(dutyJ) },
    energyKWh: energyKWh(request.still.heat, middle),
    curve: minutes.map((t, i) => ({
      minutes: t,
      distillateMl: middle.rateMlPerMin * t,
      oilG: middle.course.overG(t),
      headC: headAt(Math.min(i, curvePoints - 1)),
    })),
    fan: minutes.map((t) => ({
      minutes: t,
      ...over((outcome) => outcome.course.overMl(Math.min(t, outcome.runMinutes))),
    })),
    warnings: [],
  };
  return { ...forecast, warnings: runWarnings(model, forecast) };
}

/* What lies in the receiver as oil, of the whole run. */
function layerOf(parts: OilParts, distilled: Float64Array, middle: Outcome): Forecast["layer"] {
  const grams = distilled.map((each, i) => Math.max(0, each - middle.dissolved[i]!));
  const oilG = sum(grams);
  return {
    oilG,
    visibleMl: middle.visibleMl,
    composition: Object.fromEntries(
      parts.ids.map((id, i) => [id, oilG > 0 ? grams[i]! / oilG : 0]),
    ),
  };
}

function sum(grams: Float64Array): number {
  return grams.reduce((all, each) => all + each, 0);
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
    ["still.plantVesselLossWPerK", still.plantVesselLossWPerK],
    ["material.volatility", request.material.volatility],
    ["material.hydrodiffusion", request.material.hydrodiffusion],
    ["material.steamSaturation", request.material.steamSaturation],
    ["material.esterLossPerMinute", request.material.esterLossPerMinute],
    ["suspendedShare", request.suspendedShare],
    ["waterSaturation", request.waterSaturation],
    ["hazeMlPerL", request.hazeMlPerL],
    ["armMl", request.armMl],
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
