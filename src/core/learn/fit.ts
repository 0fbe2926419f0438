import { levenbergMarquardt } from "ml-levenberg-marquardt";
import { inverse, Matrix } from "ml-matrix";
import { givenUpMl } from "../extraction/givenUp";
import { extraction } from "../plant/usualRelease";
import { middleDraw, type Draw } from "../forecast/draws";
import { oilBalance } from "../forecast/oilBalance";
import type { ForecastRequest } from "../forecast/request";
import { runModel, type RunModel } from "../forecast/runModel";
import { caughtShare, courseOf } from "../forecast/simulate";
import { p90Deviations, type Percentiles } from "../statistics/chance";

/**
 * Something read of a run, minutes after its first drop: oil to be seen so far, distillate so far, or what a litre of
 * all its hydrosol so far gives up, mL: to so much salt, or to a solvent, which takes all, where no salt is told.
 */
export type FitReading = { minutes: number } & (
  | { oilMl: number }
  | { distillateMl: number }
  | { fromLitreMl: number; saltGPerL?: number }
);

/** What is learnt of a material and its run. */
export const fitted = [
  "oilMlPerKg",
  "freeShare",
  "releasePerMinute",
  "waterSaturation",
  "rateMlPerMin",
] as const;
export type Fitted = (typeof fitted)[number];

/** A fit: each figure with where 8 in 10 lie, how they hang together, and the curve through the readings. */
export interface Fit {
  parameters: Record<Fitted, Percentiles>;
  /** Between two figures, −1 to 1: a pair far from 0 could not be told apart by these readings. */
  correlations: Record<Fitted, Record<Fitted, number>>;
  /** Visible oil over the minutes after the first drop, with its band. */
  curve: { minutes: number; distillateMl: number; oilMl: Percentiles }[];
  /** Root mean square of the readings' misses, in deviations of a careful reading. */
  misfit: number;
}

/* How far a careful reading lies from the truth: a twentieth, and what the eye cannot split, mL. */
const readingShare = 0.05;
const leastMl = { oil: 0.03, distillate: 5 };
/* Drops that cling, and solvent that does not part clean. */
const fromLitre = { share: 0.15, leastMl: 0.05 };
/* What is believed before: the book's range; where the request tells none, half to double. */
const unknownContent = 0.54;
const deviations = { free: 0.078, release: Math.log(2) / p90Deviations, rate: 0.074 };
const curvePoints = 40;

interface Believed {
  middle: number[];
  deviation: number[];
}

/**
 * Fits oil content, free share, release, dissolution and drip rate of a run to what was read of it, by
 * Levenberg and Marquardt with the book as prior (each believed figure counts as one more reading).
 * Ranges by Laplace: the curvature where the fit is best.
 * @throws RangeError as forecastRun, and when no reading says anything of the oil
 */
export function fitRun(request: ForecastRequest, readings: readonly FitReading[]): Fit {
  if (!readings.some((reading) => !("distillateMl" in reading) && reading.minutes > 0))
    throw new RangeError("readings: tell the oil at one moment after the first drop at least");
  const model = runModel(request);
  const { belief, drawOf } = priorOf(model);
  const sigmas = readings.map(deviationOf);
  const predict = (theta: readonly number[]): number[] => {
    const { draw, steamGPerMin } = drawOf(theta);
    const seen = seenAt(model, draw, steamGPerMin);
    return [
      ...readings.map((reading, i) => wouldRead(seen(reading.minutes), reading) / sigmas[i]!),
      ...theta.map((value, i) => (value - belief.middle[i]!) / belief.deviation[i]!),
    ];
  };
  const wanted = [
    ...readings.map((reading, i) => readValue(reading) / sigmas[i]!),
    ...belief.middle.map(() => 0),
  ];
  const { parameterValues } = levenbergMarquardt(
    { x: wanted.map((_, i) => i), y: wanted },
    (theta) => {
      const predicted = predict(theta);
      return (i) => predicted[i]!;
    },
    {
      initialValues: belief.middle,
      damping: 0.05,
      gradientDifference: step,
      maxIterations: 40,
      errorTolerance: 1e-9,
      improvementThreshold: 1e-6,
      minValues: belief.middle.map((middle, i) => middle - 6 * belief.deviation[i]!),
      maxValues: belief.middle.map((middle, i) => middle + 6 * belief.deviation[i]!),
    },
  );
  const best = parameterValues;
  const slope = new Matrix(slopes(predict, best));
  const covariance = inverse(slope.transpose().mmul(slope))
    .mul(wider ** 2)
    .to2DArray();
  const figuresAt = (theta: readonly number[]) => drawOf(theta).figures;
  return {
    parameters: parametersOf(best, covariance, figuresAt),
    correlations: correlationsOf(covariance),
    curve: curveOf(model, drawOf, best, covariance, readings),
    misfit: rootMeanSquare(
      predict(best)
        .map((value, i) => value - wanted[i]!)
        .slice(0, readings.length),
    ),
  };
}

function readValue(reading: FitReading): number {
  if ("oilMl" in reading) return reading.oilMl;
  return "distillateMl" in reading ? reading.distillateMl : reading.fromLitreMl;
}

function deviationOf(reading: FitReading): number {
  const value = readValue(reading);
  if ("oilMl" in reading) return Math.max(leastMl.oil, readingShare * value);
  if ("distillateMl" in reading) return Math.max(leastMl.distillate, readingShare * value);
  return Math.max(fromLitre.leastMl, fromLitre.share * value);
}

/** What a person would read of a run that goes so. */
function wouldRead(seen: SeenAt, reading: FitReading): number {
  if ("oilMl" in reading) return seen.oilMl;
  return "distillateMl" in reading ? seen.distillateMl : seen.fromLitreMl(reading.saltGPerL);
}

const step = 0.01;
/* The bend of the model is not in its slopes: played runs lie outside the plain ranges a little too often. */
const wider = 1.06;

type DrawOf = (theta: readonly number[]) => {
  draw: Draw;
  steamGPerMin: number;
  figures: Record<Fitted, number>;
};

/** What is believed before a reading, and how a place among the beliefs is a run. Logarithms, shares by their odds. */
function priorOf(model: RunModel): { belief: Believed; drawOf: DrawOf } {
  const middle = middleDraw(model);
  const { low, high } = model.material.oilMlPerKg;
  const content =
    high > low && low > 0 ? Math.log(high / low) / (2 * p90Deviations) : unknownContent;
  const free = inside(middle.freeShare);
  const water = inside(middle.waterSaturation);
  const caught = caughtShare(model, middle);
  const rate = model.steamGPerMin(middle.efficiency) * caught;
  const jar = extraction.waterSaturationJar;
  return {
    belief: {
      middle: [
        Math.log(Math.max(1e-6, middle.oilMlPerKg)),
        odds(free),
        Math.log(Math.max(1e-6, middle.releasePerMinute)),
        odds(water),
        Math.log(Math.max(1e-6, rate)),
      ],
      deviation: [
        content,
        deviations.free / (free * (1 - free)),
        deviations.release,
        (odds(inside(jar.high)) - odds(jar.low)) / (2 * p90Deviations),
        deviations.rate,
      ],
    },
    drawOf: ([a = 0, b = 0, c = 0, d = 0, e = 0]) => {
      const figures = {
        oilMlPerKg: Math.exp(a),
        freeShare: share(b),
        releasePerMinute: Math.exp(c),
        waterSaturation: share(d),
        rateMlPerMin: Math.exp(e),
      };
      return {
        figures,
        draw: { ...middle, ...figures },
        steamGPerMin: figures.rateMlPerMin / caught,
      };
    },
  };
}

/** What can be read of a run at a moment. */
interface SeenAt {
  distillateMl: number;
  oilMl: number;
  /** Oil that a litre of all the hydrosol so far gives up to so much salt; all of it where none is told, mL. */
  fromLitreMl(saltGPerL?: number): number;
}

function seenAt(model: RunModel, draw: Draw, steamGPerMin: number): (minutes: number) => SeenAt {
  const { parts } = model.material;
  const course = courseOf(model, draw, [{ from: 0, steamGPerMin }]);
  const caught = caughtShare(model, draw);
  return (minutes: number) => {
    const distillateMl = steamGPerMin * caught * minutes;
    const jar = { grams: course.over(minutes), distillateMl };
    const balance = oilBalance(model, [jar], draw);
    return {
      distillateMl,
      oilMl: balance.visibleAtOnceMl,
      fromLitreMl: (saltGPerL) =>
        givenUpMl(parts, balance.dissolved, distillateMl / 1000, saltGPerL),
    };
  };
}

function slopes(
  predict: (theta: readonly number[]) => number[],
  at: readonly number[],
): number[][] {
  const columns = at.map((_, k) => {
    const shifted = (by: number) => predict(at.map((value, i) => (i === k ? value + by : value)));
    const [up, down] = [shifted(step), shifted(-step)];
    return up.map((value, i) => (value - down[i]!) / (2 * step));
  });
  return columns[0]!.map((_, row) => columns.map((column) => column[row]!));
}

function parametersOf(
  best: readonly number[],
  covariance: readonly number[][],
  figuresAt: (theta: readonly number[]) => Record<Fitted, number>,
): Record<Fitted, Percentiles> {
  const at = (k: number, deviation: number) =>
    figuresAt(
      best.map((value, i) =>
        i === k ? value + deviation * Math.sqrt(Math.max(0, covariance[k]![k]!)) : value,
      ),
    )[fitted[k]!];
  return Object.fromEntries(
    fitted.map((name, k) => [
      name,
      { p10: at(k, -p90Deviations), p50: at(k, 0), p90: at(k, p90Deviations) },
    ]),
  ) as Record<Fitted, Percentiles>;
}

function correlationsOf(covariance: readonly number[][]): Fit["correlations"] {
  const of = (a: number, b: number) =>
    covariance[a]![b]! / Math.sqrt(covariance[a]![a]! * covariance[b]![b]!);
  return Object.fromEntries(
    fitted.map((name, a) => [
      name,
      Object.fromEntries(fitted.map((other, b) => [other, of(a, b)])),
    ]),
  ) as Fit["correlations"];
}

/** The fitted curve, and how far the fit lets it lie either way at each moment (to first order). */
function curveOf(
  model: RunModel,
  drawOf: DrawOf,
  best: readonly number[],
  covariance: readonly number[][],
  readings: readonly FitReading[],
): Fit["curve"] {
  const end = 1.5 * Math.max(...readings.map(({ minutes }) => minutes));
  const moments = Array.from({ length: curvePoints + 1 }, (_, i) => (end * i) / curvePoints);
  const curveAt = (theta: readonly number[]) => {
    const { draw, steamGPerMin } = drawOf(theta);
    const seen = seenAt(model, draw, steamGPerMin);
    return moments.map((minutes) => seen(minutes));
  };
  const middle = curveAt(best);
  const slopesOf = slopes((theta) => curveAt(theta).map(({ oilMl }) => oilMl), best);
  return moments.map((minutes, i) => {
    const gradient = slopesOf[i]!;
    const variance = gradient.reduce(
      (sum, a, row) =>
        sum + gradient.reduce((part, b, col) => part + a * b * covariance[row]![col]!, 0),
      0,
    );
    const either = p90Deviations * Math.sqrt(Math.max(0, variance));
    const { oilMl, distillateMl } = middle[i]!;
    return {
      minutes,
      distillateMl,
      oilMl: { p10: Math.max(0, oilMl - either), p50: oilMl, p90: oilMl + either },
    };
  });
}

function odds(p: number): number {
  return Math.log(p / (1 - p));
}
function share(logit: number): number {
  return 1 / (1 + Math.exp(-logit));
}
function inside(p: number): number {
  return Math.min(0.97, Math.max(0.03, p));
}
function rootMeanSquare(values: readonly number[]): number {
  return Math.sqrt(values.reduce((sum, value) => sum + value * value, 0) / values.length);
}
