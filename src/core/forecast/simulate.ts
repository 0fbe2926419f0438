import { oilCourse, type OilCourse, type Pot, type Stretch } from "../extraction/oilCourse";
import { middleDraw, type Draw } from "./draws";
import { oilBalance, type Jar, type OilBalance } from "./oilBalance";
import type { ForecastRequest } from "./request";
import { runModel, type RunModel } from "./runModel";
import { stopTimes, type EndsBy, type StopRule, type StopRuleName } from "./stopRules";
import { longestMinutes, worthlessFrom } from "./worth";

/** Which limit ended the run; "never" when no steam ever comes. */
export type StoppedBy = EndsBy | "never";

/** One run, played through. Times in minutes, `runMinutes` from the first drop. */
export interface Outcome extends OilBalance {
  minutesToBoil: number;
  minutesToFirstDrop: number;
  /** Distillate, mL/min. */
  rateMlPerMin: number;
  runMinutes: number;
  stoppedBy: StoppedBy;
  distillateMl: number;
  plantOilG: number;
  /** Oil in the receiver, dissolved and all. */
  distilledG: number;
  distilledMl: number;
  /** Water that the pot spends, g/min. */
  spendsGPerMin: number;
  /** Oil over in the receiver so many minutes after the first drop. */
  course: OilCourse;
  /** Of each compound, dissolved at the end, g. */
  dissolved: Float64Array;
  /** The jars, by the plan's cuts. */
  jars: readonly (Jar & { fromMl: number; toMl: number })[];
}

/** How a charge's oil comes over under one draw and such steam, as it reaches the receiver. */
export function courseOf(model: RunModel, draw: Draw, stretches: readonly Stretch[]): OilCourse {
  const { request, material } = model;
  const course = oilCourse(
    {
      parts: material.parts,
      oilG: plantOilG(model, draw),
      massG: request.massG,
      freeShare: draw.freeShare,
      releasePerMinute: draw.releasePerMinute,
      washing: draw.washing,
      volatility: draw.volatility,
      hydrodiffusion: material.hydrodiffusion,
      steamSaturation: draw.steamSaturation,
      esterLossPerMinute: material.esterLossPerMinute,
      ...potOf(model, draw),
    },
    stretches,
  );
  return request.method === "bowl" ? shareOf(course, draw.bowlOil) : course;
}

/* Over steam nothing lies in the water. */
function potOf({ request, inWater, returns, material }: RunModel, draw: Draw): { pot?: Pot } {
  if (!inWater || !(request.waterMl > 0)) return {};
  return {
    pot: {
      waterG: request.waterMl,
      volatilities: material.parts.overWater,
      spends: returns ? 0 : caughtShare({ request }, draw),
      ...(returns ? { returns: { waterSaturation: draw.waterSaturation } } : {}),
    },
  };
}

/** Oil in the plant, g. */
function plantOilG({ request, material }: RunModel, draw: Pick<Draw, "oilMlPerKg">): number {
  return (request.massG / 1000) * draw.oilMlPerKg * material.oil.densityGPerMl;
}

/** Share of the steam that ends in the receiver. */
export function caughtShare(
  { request }: Pick<RunModel, "request">,
  draw: Pick<Draw, "bowlWater">,
): number {
  return request.method === "bowl" ? draw.bowlWater : 1;
}

/**
 * Distillate of the middle run at a power, mL/min: what a heat turned up or down should give. Less than
 * the steam where some of it runs back from a lid.
 * @throws RangeError as runModel
 */
export function rateAtPower(request: ForecastRequest, powerW: number): number {
  const model = runModel(request);
  const draw = middleDraw(model);
  return model.steamGPerMin(draw.efficiency, powerW) * caughtShare(model, draw);
}

function shareOf(course: OilCourse, share: number): OilCourse {
  return {
    over: (minutes) => course.over(minutes).map((grams) => grams * share),
    overG: (minutes) => course.overG(minutes) * share,
    overMl: (minutes) => course.overMl(minutes) * share,
    inPot: course.inPot,
  };
}

/** Plays one run under one draw. Condensed steam is taken at 1 g/mL. */
export function simulate(model: RunModel, draw: Draw): Outcome {
  const { request } = model;
  const { boil, firstDrop } = model.times(draw.efficiency);
  const steam = firstDrop === Infinity ? 0 : model.steamGPerMin(draw.efficiency);
  const rateMlPerMin = steam * caughtShare(model, draw);
  const spendsGPerMin = steam > 0 ? rateMlPerMin + model.vesselDrainGPerMin : 0;
  const course = courseOf(model, draw, [{ from: 0, steamGPerMin: steam }]);
  const { minutes: runMinutes, by: stoppedBy } = stopOf(request.stop, {
    rateMlPerMin,
    massG: request.massG,
    dryAtMinutes: model.spendableMl / spendsGPerMin,
    course,
  });
  const distillateMl = rateMlPerMin * runMinutes;
  const jars = jarsOf(model, course, rateMlPerMin, distillateMl);
  const balance = oilBalance(model, jars, draw);
  return {
    minutesToBoil: boil,
    minutesToFirstDrop: firstDrop,
    rateMlPerMin,
    spendsGPerMin,
    runMinutes,
    stoppedBy,
    distillateMl,
    plantOilG: plantOilG(model, draw),
    distilledG: course.overG(runMinutes),
    distilledMl: course.overMl(runMinutes),
    ...balance,
    course,
    jars,
  };
}

/** What comes into each jar. Cuts in any order; those at the start or past the end make no jar. */
function jarsOf(
  { request, returns }: RunModel,
  course: OilCourse,
  rateMlPerMin: number,
  distillateMl: number,
): Outcome["jars"] {
  const inside = (request.cutsMl ?? []).filter((cut) => cut > 0 && cut < distillateMl && !returns);
  const ends = [...new Set(inside)].sort((a, b) => a - b);
  const bounds = [0, ...ends, distillateMl];
  const over = bounds.map((ml) => course.over(rateMlPerMin > 0 ? ml / rateMlPerMin : 0));
  return bounds.slice(1).map((toMl, at) => {
    const fromMl = bounds[at]!;
    const before = over[at]!;
    return {
      fromMl,
      toMl,
      distillateMl: toMl - fromMl,
      grams: over[at + 1]!.map((grams, i) => grams - before[i]!),
    };
  });
}

interface Stopping {
  rateMlPerMin: number;
  massG: number;
  dryAtMinutes: number;
  course: OilCourse;
}

/** The earliest of the rules that were named, the dry line always among them. */
function stopOf(rule: StopRule, run: Stopping): { minutes: number; by: StoppedBy } {
  if (run.rateMlPerMin <= 0) return { minutes: 0, by: "never" };
  const times = stopTimes(rule, {
    massG: run.massG,
    minutesTo: (distillateMl) => distillateMl / run.rateMlPerMin,
    worthlessFrom: (worthMl) => worthlessFrom(run.course.overMl, worthMl),
  });
  let [by, minutes]: [StoppedBy, number] = ["reserve", Math.min(run.dryAtMinutes, longestMinutes)];
  for (const [name, time] of Object.entries(times) as [StopRuleName, number][]) {
    if (time <= minutes) [by, minutes] = [name, time];
  }
  return { minutes, by };
}
