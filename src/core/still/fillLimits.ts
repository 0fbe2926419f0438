import { safety } from "../safety";
import { constructions } from "./constructions";
import { cylinderVolumeMl, isRound, type StillShape } from "./geometry";
import type { Method } from "./methods";

/** Which ways of distilling a still can do, the usual one first. */
export function methodsOf({ construction }: Pick<StillShape, "construction">): Method[] {
  return [...constructions[construction].methods];
}

/** Volume a fresh gram of plant takes up when it swims, mL: plant tissue is close to water. */
const plantMlPerG = 1;

/* However sure somebody is: above this nothing is left to boil in. */
const mostFillShare = 0.9;

/** How much a still takes at once. */
export interface FillLimits {
  /** Most water, mL. */
  waterMl: number;
  /** Most plant, g. */
  chargeG: number;
  /** Free height kept above the charge, mm; 0 where plant and water mix. */
  headspaceMm: number;
}

/** What the limits depend on besides the still. */
export interface Fill {
  method: Method;
  /** How much of this preparation fills a litre, g/L, above 0. */
  packingGPerL: number;
  /** Water per gram of plant in hydro distillation, mL/g. */
  waterMlPerG: number;
  froths: boolean;
  /** How full this person fills this body of plant in water, share; the rule of the craft where absent. */
  fillShare?: number;
}

/** Most plant and water a still takes of one preparation. */
export function fillLimits(shape: StillShape, fill: Fill): FillLimits {
  if (fill.method !== "steam") {
    const byRule =
      (isRound(shape) ? safety.flaskFillShare : safety.potFillShare) *
      (fill.froths ? safety.frothShare : 1);
    const share = Math.max(byRule, Math.min(mostFillShare, fill.fillShare ?? 0));
    const contentsMl = Math.min(shape.potVolumeMl * share, underBowlMl(shape));
    const chargeG = contentsMl / (fill.waterMlPerG + plantMlPerG);
    return { waterMl: contentsMl - chargeG * plantMlPerG, chargeG, headspaceMm: 0 };
  }
  const holder = shape.vessel ?? shape.basket;
  if (!holder) return { waterMl: 0, chargeG: 0, headspaceMm: 0 };
  const headspaceMm =
    safety.headspaceMm[shape.potVolumeMl >= safety.largeStillMl ? "large" : "small"];
  const usableMl = Math.max(0, holder.volumeMl - cylinderVolumeMl(headspaceMm, holder.diameterMm));
  const belowBasketMl = shape.basket
    ? cylinderVolumeMl(
        Math.max(0, shape.basket.floorMm - safety.belowBasketMm),
        shape.potDiameterMm,
      )
    : Infinity;
  return {
    waterMl: Math.min(belowBasketMl, shape.potVolumeMl * safety.potFillShare),
    chargeG: (usableMl / 1000) * fill.packingGPerL,
    headspaceMm,
  };
}

/** Boiling water must not lift the bowl or splash into it: it stays below the bowl's floor. */
function underBowlMl({ bowl, potDiameterMm }: StillShape): number {
  return bowl
    ? cylinderVolumeMl(Math.max(0, bowl.floorMm - safety.belowBowlMm), potDiameterMm)
    : Infinity;
}

/** Most water that fits once a charge of that size is in, mL: in hydro the plant takes its share. */
export function mostWaterMl(shape: StillShape, fill: Fill, chargeG: number): number {
  const limits = fillLimits(shape, fill);
  if (fill.method === "steam") return limits.waterMl;
  return Math.max(0, limits.waterMl + (limits.chargeG - chargeG) * plantMlPerG);
}
