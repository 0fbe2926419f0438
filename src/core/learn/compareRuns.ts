import { middleDraw } from "../forecast/draws";
import type { ForecastRequest } from "../forecast/request";
import { runModel, type RunModel } from "../forecast/runModel";
import { contentFromRun } from "../plan/ownRun";
import { oilLeftAfter } from "../plan/chargeMaterial";
import { asMaterial } from "../forecast/asMaterial";
import { preparationOf, preparedFigures } from "../plant/preparation";
import type { Plant, PlantState } from "../plant/plant";
import { figuresAt } from "../plant/wilting";
import { p90Deviations } from "../statistics/chance";
import {
  halvesDiffer,
  measuringDeviation,
  shareBetweenHarvests,
  spreadOf,
} from "../statistics/ownRuns";
import { lostShare } from "../yield/explain";
import { playedAt } from "../yield/flows";

/** In what two runs can differ so that the model can say what came of it. */
const aspects = [
  "material",
  "age",
  "preparation",
  "method",
  "still",
  "charge",
  "water",
  "steam",
  "time",
  "outlet",
  "settling",
] as const;
export type Aspect = (typeof aspects)[number];

/** A finished and measured run, as it is compared. */
export interface RunToCompare {
  /** What its plan was asked; its material is the book's here, not what the plan believed on its day. */
  request: ForecastRequest;
  plant: Plant;
  state: PlantState;
  /** Water share as charged, 0 to below 1. */
  moisture: number;
  preparation?: string;
  agedMonths?: number;
  stillId: string;
  /** Oil in hand, mL. */
  oilMl: number;
  /** From the first drop to heat off. */
  minutes: number;
  distillateMl: number;
  outlet: readonly { minutes: number; celsius: number }[];
  /** Share of the fine drops that had parted when the oil was drawn off, 0 to 1. */
  settledShare?: number;
  /** The harvest it is of: halves of one differ less. */
  harvestId?: string;
}

/** What of a difference in oil per kilogram of dry matter the model lays to what. */
export interface Compared {
  /** b : a as measured; undefined where one of them gave no oil. */
  seen?: number;
  /** b : a by the model, from all that differs. */
  model: number;
  /** Each aspect in which they differ, b : a; their product is the model's. */
  parts: { aspect: Aspect; ratio: number }[];
  /** What the model does not explain: seen over model. */
  unexplained?: number;
  /** 8 in 10 such remainders lie between one by this and this: harvests and measuring differ so. */
  usualRemainder: number;
}

/* What is told in each aspect; two runs with the same text do not differ in it. */
const told: Record<Aspect, (run: RunToCompare) => string> = {
  material: ({ plant, state, moisture }) => `${plant.id} ${state} ${moisture.toFixed(2)}`,
  age: ({ state, agedMonths = 0 }) => (state === "dried" ? String(Math.round(agedMonths)) : "0"),
  preparation: ({ plant, preparation }) => preparationOf(plant, preparation).id,
  method: ({ request }) => request.method,
  still: ({ stillId, request: { site = {} } }) =>
    `${stillId} ${site.altitudeM ?? 0} ${site.pressurePa ?? 0}`,
  charge: ({ request, moisture }) => (request.massG * (1 - moisture)).toPrecision(2),
  water: ({ request }) => request.waterMl.toPrecision(2),
  steam: ({ distillateMl, minutes }) => (distillateMl / minutes).toPrecision(2),
  time: ({ minutes }) => minutes.toPrecision(2),
  outlet: (run) => lostShare(run).toFixed(3),
  settling: ({ settledShare = 1 }) => settledShare.toFixed(2),
};

/** In what two runs differ. */
export function differingIn(a: RunToCompare, b: RunToCompare): Aspect[] {
  return aspects.filter((aspect) => told[aspect](a) !== told[aspect](b));
}

/**
 * Lays the difference between two runs to what they differ in: each aspect is changed from a's to b's in
 * the middle run, once in this order and once in the reverse, and has the mean of the two logarithms, so
 * that the parts multiply to the whole. Oil is mL to see a kilogram of dry matter.
 * @throws RangeError as runModel, or when a plant has no such state
 */
export function compareRuns(a: RunToCompare, b: RunToCompare): Compared {
  const differ = differingIn(a, b);
  const forth = steps(a, b, differ);
  const back = steps(a, b, [...differ].reverse());
  const parts = differ.map((aspect) => ({
    aspect,
    ratio: Math.exp((forth.get(aspect)! + back.get(aspect)!) / 2),
  }));
  const model = parts.reduce((product, { ratio }) => product * ratio, 1);
  const perKg = (run: RunToCompare) => run.oilMl / (run.request.massG * (1 - run.moisture));
  const seen = a.oilMl > 0 && b.oilMl > 0 ? perKg(b) / perKg(a) : undefined;
  return {
    ...(seen === undefined ? {} : { seen, unexplained: seen / model }),
    model,
    parts,
    usualRemainder: Math.exp(p90Deviations * remainderDeviation(a, b)),
  };
}

function steps(a: RunToCompare, b: RunToCompare, order: readonly Aspect[]): Map<Aspect, number> {
  const taken = Object.fromEntries(aspects.map((aspect) => [aspect, a])) as Record<
    Aspect,
    RunToCompare
  >;
  let before = Math.log(perKgDry(taken));
  return new Map(
    order.map((aspect) => {
      taken[aspect] = b;
      const after = Math.log(perKgDry(taken));
      const part = after - before;
      before = after;
      return [aspect, part];
    }),
  );
}

/* A run that shows nothing by the model still has a logarithm: what nobody would see. */
const leastMlPerKg = 1e-3;

/** Visible oil of a run put together from two, mL a kilogram of dry matter. */
function perKgDry(from: Record<Aspect, RunToCompare>): number {
  const { plant, state, moisture } = from.material;
  const { request } = from.still;
  const figures = plant.states[state];
  if (!figures) throw new RangeError(`state: ${plant.name} has no figures for ${state} plant`);
  const months = told.age(from.age) === "0" ? 0 : (from.age.agedMonths ?? 0);
  const left = oilLeftAfter(plant.tissue, months);
  const wet = figuresAt(figures, moisture);
  const method = from.method.request.method;
  const prepared = preparedFigures(
    plant,
    wet,
    preparationOf(plant, from.preparation.preparation),
    method,
  );
  const dryG = from.charge.request.massG * (1 - from.charge.moisture);
  const model = runModel({
    ...request,
    method,
    massG: dryG / (1 - moisture),
    waterMl: from.water.request.waterMl,
    material: asMaterial(prepared, plant),
  });
  const { minutes } = from.time;
  const distillateMl = (from.steam.distillateMl / from.steam.minutes) * minutes;
  const content = middleDraw(model).oilMlPerKg * left;
  const { visibleMl, visibleAtOnceMl } = playedAt(model, content, {
    minutes,
    distillateMl,
  }).balance;
  const parted =
    visibleMl - (visibleMl - visibleAtOnceMl) * (1 - (from.settling.settledShare ?? 1));
  const kept = parted * (1 - lostShare(from.outlet));
  return Math.max(leastMlPerKg, (kept / dryG) * 1000);
}

function remainderDeviation(a: RunToCompare, b: RunToCompare): number {
  if (a.harvestId !== undefined && a.harvestId === b.harvestId) return halvesDiffer;
  const spread = (run: RunToCompare) => {
    const range = run.plant.states[run.state]?.oilMlPerKg;
    return range && range.low > 0 ? spreadOf(range) ** 2 * shareBetweenHarvests : 0;
  };
  return Math.sqrt(spread(a) + spread(b) + 2 * measuringDeviation ** 2);
}

const curvePoints = 24;

/**
 * Visible oil over a measured run, by the model with the content that its own measure points to; where
 * that tells nothing, what its plan took.
 * @returns points from the first drop to heat off; litres of distillate and mL of oil so far
 * @throws RangeError as runModel
 */
export function courseOfRun(
  run: Pick<RunToCompare, "request" | "oilMl" | "minutes" | "distillateMl">,
): { minutes: number; distillateMl: number; oilMl: number }[] {
  const model: RunModel = runModel(run.request);
  const content = contentFromRun(run.request, run) ?? middleDraw(model).oilMlPerKg;
  return Array.from({ length: curvePoints + 1 }, (_, i) => {
    const share = i / curvePoints;
    const so = { minutes: run.minutes * share, distillateMl: run.distillateMl * share };
    const oilMl = i === 0 ? 0 : playedAt(model, content, so).balance.visibleMl;
    return { ...so, oilMl };
  });
}
