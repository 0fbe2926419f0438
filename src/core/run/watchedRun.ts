import type { ForecastRequest } from "../forecast/request";
import { draws, type Draw } from "../forecast/draws";
import { runModel, type RunModel } from "../forecast/runModel";
import { oilBalance, type OilBalance } from "../forecast/oilBalance";
import { caughtShare, courseOf } from "../forecast/simulate";
import { endings, stopRules, type EndsBy, type StopRule } from "../forecast/stopRules";
import { worthlessFrom } from "../forecast/worth";
import { usualWorthMl } from "../plan/usualWorth";
import { distillateThrough, type Stretch } from "../extraction/oilCourse";
import type { Percentiles } from "../statistics/chance";
import { weightedPercentiles } from "../statistics/weighted";

/** What was seen of a run so far. Minutes from heat on until the first drop, from the first drop after it. */
export interface Seen {
  minutesToBoil?: number;
  minutesToFirstDrop?: number;
  distillate: readonly { minutes: number; volumeMl: number }[];
  rates: readonly { minutes: number; mlPerMin: number }[];
  /** Oil that could be seen in the receiver. */
  oil: readonly { minutes: number; volumeMl: number }[];
  /** Changes of the heat after the first drop, W. */
  heat: readonly { minutes: number; powerW: number }[];
}

/** Why nothing in the plan explains what is seen. */
export const doubts = [
  "lessSteam",
  "moreSteam",
  "slowToBoil",
  "quickToBoil",
  "slowFirstDrop",
  "lessOil",
  "moreOil",
] as const;
export type Doubt = (typeof doubts)[number];

/** A forecast that has learnt from its run. */
export interface WatchedForecast {
  /** Distilled and to be seen at a moment after the first drop, mL. */
  at(minutes: number): {
    distilledMl: Percentiles;
    /** Once the fine drops have settled. */
    visibleMl: Percentiles;
    visibleAtOnceMl: Percentiles;
    distillateMl: Percentiles;
  };
  /** Visible oil over the minutes after the first drop, mL. */
  fan(horizonMinutes: number): ({ minutes: number } & Percentiles)[];
  /**
   * Minutes after the first drop at which each rule ends the run, by the runs that explain what is
   * seen; a rule that the plan does not name at its usual limit, where it has one.
   */
  endsAt(): Record<EndsBy, Percentiles>;
  rateMlPerMin(): Percentiles;
  /** Oil that ten more minutes from a moment on would bring, mL. */
  tenMore(minutes: number): Percentiles;
  /** How many of the played runs still speak. */
  effectiveRuns: number;
  /** Set when no played run explains what is seen. */
  doubts: Doubt[];
}

interface WatchOptions {
  /** How many runs to play. */
  samples?: number;
  seed?: number;
  /** The plant's usual limits (`hydrosolToKeep.ts`), for the rules that the plan does not name. */
  usual?: { perKg: number; worthShare: number };
}

interface Candidate {
  stretches: Stretch[];
  oilMlAt: (minutes: number) => number;
  balanceAt: (minutes: number) => OilBalance;
  /** What the pot spends, in the same stretches. */
  spends: Stretch[];
  toBoil: number;
  toFirstDrop: number;
}

/* How far a reading may lie from a run that is right: the eye at a jar, a clock looked at late, a
   model that is not the still. Relative, with a floor. */
const spread = {
  boil: { share: 0.04, least: 0.7 },
  warm: { share: 0.12, least: 0.7 },
  distillate: { share: 0.03, least: 10 },
  rate: { share: 0.1, least: 0.5 },
  oil: { share: 0.15, least: 0.08 },
};
/* Fewer speaking runs than this make ragged ranges: then every reading is believed a little less. */
const leastRuns = 40;
/* A reading so many deviations from the likeliest run is not explained by it. */
const doubtDeviations = 3.5;
const fanPoints = 40;
/* As long as no turn of the knob is noted, one run in so many was not turned down as planned: too
   few to widen a range, enough to explain a jar that fills too fast. */
const oneIn = 12;

/**
 * Holds a run that is under way against a thousand played ones and weighs each by how well it
 * explains what was seen (importance weighting, tempered so that enough runs keep speaking). Pure:
 * same request, readings and seed, same answer.
 * @throws RangeError as forecastRun
 */
export function watchRun(
  request: ForecastRequest,
  seen: Seen,
  { samples = 1000, seed = 1, usual }: WatchOptions = {},
): WatchedForecast {
  const model = runModel(request);
  const candidates = draws(model, samples, seed).map((draw, i) =>
    candidateOf(model, draw, seen, i % oneIn === oneIn - 1),
  );
  const misfits = candidates.map((candidate) => deviations(candidate, seen));
  const logs = misfits.map((parts) => -0.5 * parts.reduce((sum, { z }) => sum + z * z, 0));
  const weights = tempered(logs);
  const over = (read: (candidate: Candidate) => number) =>
    weightedPercentiles(candidates.map(read), weights);
  const best = misfits[logs.indexOf(Math.max(...logs))] ?? [];
  const { massG } = request;
  const limits: StopRule = {
    ...(usual && {
      perKg: usual.perKg,
      worthMlPer10Min: usualWorthMl(request, model.material.oilMlPerKg, usual.worthShare),
    }),
    ...request.stop,
  };
  return {
    at: (minutes) => {
      const balances = candidates.map(({ balanceAt }) => balanceAt(minutes));
      return {
        distilledMl: over(({ oilMlAt }) => oilMlAt(minutes)),
        visibleMl: weightedPercentiles(
          balances.map(({ visibleMl }) => visibleMl),
          weights,
        ),
        visibleAtOnceMl: weightedPercentiles(
          balances.map(({ visibleAtOnceMl }) => visibleAtOnceMl),
          weights,
        ),
        distillateMl: over(({ stretches }) => distillateThrough(stretches, minutes)),
      };
    },
    fan: (horizonMinutes) =>
      Array.from({ length: fanPoints + 1 }, (_, i) => {
        const minutes = (horizonMinutes * i) / fanPoints;
        return { minutes, ...over(({ balanceAt }) => balanceAt(minutes).visibleAtOnceMl) };
      }),
    endsAt: () =>
      Object.fromEntries(
        endings.map((ending) => [
          ending,
          over(({ stretches, spends, oilMlAt }) =>
            ending === "reserve"
              ? timeOf(spends, model.aboveDryLineMl)
              : stopRules[ending].endsAt(limits[ending] ?? Infinity, {
                  massG,
                  minutesTo: (volumeMl) => timeOf(stretches, volumeMl),
                  worthlessFrom: (oilMl) => worthlessFrom(oilMlAt, oilMl),
                }),
          ),
        ]),
      ) as Record<EndsBy, Percentiles>,
    rateMlPerMin: () => over(({ stretches }) => stretches.at(-1)?.steamGPerMin ?? 0),
    tenMore: (minutes) => over(({ oilMlAt }) => oilMlAt(minutes + 10) - oilMlAt(minutes)),
    effectiveRuns: effective(weights),
    doubts: [...new Set(best.filter(({ z }) => Math.abs(z) > doubtDeviations).map(doubtOf))],
  };
}

/** A played run. `forgotten`: the heat was left as it was, though the plan turns it down. */
function candidateOf(model: RunModel, draw: Draw, seen: Seen, forgotten: boolean): Candidate {
  const steam = (powerW?: number) => model.steamGPerMin(draw.efficiency, powerW);
  const { boil, firstDrop } = model.times(draw.efficiency);
  const first =
    forgotten && seen.heat.length === 0 ? steam(model.request.still.heat.powerW) : steam();
  const through: Stretch[] = [
    { from: 0, steamGPerMin: first },
    ...seen.heat.map(({ minutes, powerW }) => ({
      from: Math.max(0, minutes),
      steamGPerMin: steam(powerW),
    })),
  ].sort((a, b) => a.from - b.from);
  const caught = caughtShare(model, draw);
  const scaled = (read: (steamGPerMin: number) => number): Stretch[] =>
    through.map(({ from, steamGPerMin }) => ({ from, steamGPerMin: read(steamGPerMin) }));
  const stretches = scaled((each) => each * caught);
  const course = courseOf(model, draw, through);
  return {
    stretches,
    spends: scaled((each) => (each > 0 ? each * caught + model.vesselDrainGPerMin : 0)),
    toBoil: boil,
    toFirstDrop: firstDrop,
    oilMlAt: course.overMl,
    balanceAt: (minutes) =>
      oilBalance(
        model,
        [{ grams: course.over(minutes), distillateMl: distillateThrough(stretches, minutes) }],
        draw,
      ),
  };
}

interface Misfit {
  what: keyof typeof spread;
  /** Deviations by which the reading lies above (+) or below (−) the run. */
  z: number;
}

function deviations(candidate: Candidate, seen: Seen): Misfit[] {
  const parts: Misfit[] = [];
  const add = (what: Misfit["what"], read: number, played: number) => {
    const { share, least } = spread[what];
    const sigma = Math.max(least, share * Math.abs(played));
    parts.push({ what, z: Number.isFinite(played) ? (read - played) / sigma : 9 });
  };
  const { minutesToBoil, minutesToFirstDrop } = seen;
  if (minutesToBoil !== undefined) add("boil", minutesToBoil, candidate.toBoil);
  if (minutesToFirstDrop !== undefined && candidate.toFirstDrop > candidate.toBoil)
    add(
      "warm",
      minutesToFirstDrop - (minutesToBoil ?? candidate.toBoil),
      candidate.toFirstDrop - candidate.toBoil,
    );
  for (const { minutes, volumeMl } of decisive(seen.distillate))
    add("distillate", volumeMl, distillateThrough(candidate.stretches, minutes));
  for (const { minutes, mlPerMin } of seen.rates.slice(-3))
    add("rate", mlPerMin, rateAt(candidate.stretches, minutes));
  for (const { minutes, volumeMl } of decisive(seen.oil))
    add("oil", volumeMl, candidate.balanceAt(minutes).visibleAtOnceMl);
  return parts;
}

/* Readings of one growing amount are not independent: the first, the middle and the last speak. */
function decisive<T>(readings: readonly T[]): T[] {
  if (readings.length <= 3) return [...readings];
  return [readings[0]!, readings[Math.floor(readings.length / 2)]!, readings.at(-1)!];
}

function rateAt(stretches: readonly Stretch[], minutes: number): number {
  return (stretches.findLast(({ from }) => from <= minutes) ?? stretches[0])?.steamGPerMin ?? 0;
}

/** Weights from log likelihoods, made gentler until enough runs keep speaking. */
function tempered(logs: readonly number[]): number[] {
  const top = Math.max(...logs);
  const at = (power: number) => {
    const raw = logs.map((log) => Math.exp(power * (log - top)));
    const sum = raw.reduce((total, weight) => total + weight, 0);
    return raw.map((weight) => weight / sum);
  };
  let weights = at(1);
  let power = 1;
  while (effective(weights) < leastRuns && power > 0.01) {
    power *= 0.8;
    weights = at(power);
  }
  return weights;
}

function effective(weights: readonly number[]): number {
  return 1 / weights.reduce((sum, weight) => sum + weight * weight, 0);
}

function timeOf(stretches: readonly Stretch[], volumeMl: number): number {
  let left = volumeMl;
  for (const [index, { from, steamGPerMin }] of stretches.entries()) {
    const until = stretches[index + 1]?.from ?? Infinity;
    const passes = steamGPerMin * (until - from);
    if (steamGPerMin > 0 && passes >= left) return from + left / steamGPerMin;
    left -= Number.isFinite(passes) ? passes : 0;
  }
  return Infinity;
}

function doubtOf({ what, z }: Misfit): Doubt {
  switch (what) {
    case "boil":
      return z > 0 ? "slowToBoil" : "quickToBoil";
    case "warm":
      return z > 0 ? "slowFirstDrop" : "moreSteam";
    case "oil":
      return z > 0 ? "moreOil" : "lessOil";
    default:
      return z > 0 ? "moreSteam" : "lessSteam";
  }
}
