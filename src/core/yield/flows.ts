import { middleDraw } from "../forecast/draws";
import { oilBalance } from "../forecast/oilBalance";
import type { ForecastRequest } from "../forecast/request";
import { runModel, type RunModel } from "../forecast/runModel";
import { caughtShare, courseOf } from "../forecast/simulate";
import { contentFromRun, type FinishedRun } from "../plan/ownRun";

/** Where a run's oil went, mL. Everything sums to what was in the plant. */
export interface OilFlows {
  plantMl: number;
  /** Still in the plant. */
  leftMl: number;
  /** Left the plant and was not caught. */
  vapourMl: number;
  distilledMl: number;
  /** To be seen: measured. */
  inHandMl: number;
  /** Should have shown by the plan, and did not. */
  missingMl: number;
  dissolvedMl: number;
  /** Drops too fine to settle. */
  hazeMl: number;
  onGlassMl: number;
  /** The plant's content follows from the oil in hand; else it is what the plan took it to hold, or more. */
  fromMeasured: boolean;
}

/**
 * Where the oil of a finished run went, by the plan's middle run with the steam that really passed. With
 * oil in hand the plant is taken to have held just as much as brings that; with none, or with more than this
 * steam could bring over, what the plan took.
 * @throws RangeError as runModel
 */
export function oilFlows(request: ForecastRequest, run: FinishedRun): OilFlows {
  const content = contentFromRun(request, run);
  const model = runModel(request);
  const { oilMlPerKg } = middleDraw(model);
  const { balance, ...played } = playedAt(model, content ?? oilMlPerKg, run);
  const { hazeMl, onTubesMl: onGlassMl } = balance;
  const shownMl = content === undefined ? balance.visibleMl : run.oilMl;
  const dissolvedMl = Math.max(0, played.distilledMl - shownMl - hazeMl - onGlassMl);
  const missingMl = content === undefined ? Math.max(0, shownMl - run.oilMl) : 0;
  const distilledMl = run.oilMl + missingMl + dissolvedMl + hazeMl + onGlassMl;
  const leftMl = Math.max(0, played.plantMl - played.vapourMl - distilledMl);
  return {
    plantMl: leftMl + played.vapourMl + distilledMl,
    leftMl,
    vapourMl: played.vapourMl,
    distilledMl,
    inHandMl: run.oilMl,
    missingMl,
    dissolvedMl,
    hazeMl,
    onGlassMl,
    fromMeasured: content !== undefined,
  };
}

/** The middle run of a plan with such an oil content, at the steam and for the time that a run had. */
export function playedAt(
  model: RunModel,
  oilMlPerKg: number,
  { minutes, distillateMl }: Pick<FinishedRun, "minutes" | "distillateMl">,
) {
  const { request, material } = model;
  const draw = { ...middleDraw(model), oilMlPerKg };
  const caught = caughtShare(model, draw);
  const steamGPerMin = minutes > 0 ? distillateMl / minutes / caught : 0;
  const course = courseOf(model, draw, [{ from: 0, steamGPerMin }]);
  const grams = course.over(minutes);
  const distilledMl = grams.reduce(
    (sum, each, i) => sum + each / material.parts.compounds[i]!.densityGPerMl,
    0,
  );
  const leavesMl = request.method === "bowl" ? distilledMl / draw.bowlOil : distilledMl;
  /* What comes first is lighter than the whole: by volume it may be a hair more than there was. */
  const plantMl = Math.max(leavesMl, (request.massG / 1000) * oilMlPerKg);
  return {
    plantMl,
    leftMl: Math.max(0, plantMl - leavesMl),
    vapourMl: leavesMl - distilledMl,
    distilledMl,
    balance: oilBalance(model, [{ grams, distillateMl }], draw),
  };
}

/** Where a run's water went, mL. What goes in is what comes out, held and lost. */
export interface WaterFlows {
  inMl: number;
  jarsMl: number[];
  /** In the pot at the end, and soaked into the plant or condensed on it. */
  potMl: number;
  plantMl: number;
  /** Came over and is not in a jar. */
  lostMl: number;
}

/** A run's water, as measured and as the plan has it. Volumes in mL. */
export interface WaterOfRun {
  waterMl: number;
  addedMl: number;
  /** Distillate that passed. */
  distillateMl: number;
  jarsMl: readonly number[];
  /** What the plan's plant holds at the end. */
  heldMl: number;
}

/** The balance of a run's water; what the pot holds is what nothing else explains. */
export function waterFlows({
  waterMl,
  addedMl,
  distillateMl,
  jarsMl,
  heldMl,
}: WaterOfRun): WaterFlows {
  const inMl = waterMl + addedMl;
  const kept = jarsMl.reduce((sum, ml) => sum + ml, 0);
  const over = Math.max(distillateMl, kept);
  const plantMl = Math.min(heldMl, Math.max(0, inMl - over));
  const lostMl = over - kept;
  return {
    inMl: Math.max(inMl, over + plantMl),
    jarsMl: [...jarsMl],
    potMl: Math.max(0, inMl - over - plantMl),
    plantMl,
    lostMl,
  };
}
