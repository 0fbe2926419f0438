import { standardPressurePa } from "../physicalConstants";
import { oilLeftAfter } from "../plan/chargeMaterial";
import { middleDraw } from "../forecast/draws";
import type { ForecastRequest } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import type { Tissue } from "../plant/plant";
import { safety } from "../safety";
import { saturationPressurePa } from "../water/saturation";
import { playedAt } from "./flows";

/** What in a run's own log can explain its oil. */
export type Reason =
  | "stoppedEarly"
  | "ranLonger"
  | "slower"
  | "faster"
  | "settledShort"
  | "warmOutlet"
  | "oldStock"
  | "channels"
  | "plantItself";

/** One of them, and what it did to the oil in hand. */
export interface Explained {
  reason: Reason;
  /** mL more or less; undefined where it cannot be told. */
  ml?: number;
  /** The plan reckoned with it already. */
  inPlan?: true;
}

/** A finished run beside its plan. */
export interface RunToExplain {
  /** Oil in hand, mL. */
  oilMl: number;
  /** Minutes from the first drop, and distillate: as it was, and as planned. */
  minutes: number;
  distillateMl: number;
  planned: { minutes: number; rateMlPerMin: number };
  /** Share of the fine drops that had parted when the oil was drawn off, 0 to 1. */
  settledShare?: number;
  /** Minutes at such outlet temperatures, °C, while it dripped. */
  outlet: readonly { minutes: number; celsius: number }[];
  agedMonths?: number;
  tissue: Tissue;
  /** Spent plant was dry in places. */
  dryPatches?: boolean;
}

/* What nobody would measure, mL: not worth a line. */
const leastMl = 0.02;
const leastShare = 0.02;

/**
 * What in a run's own log would explain the oil it gave, each with its size by the middle run of its
 * plan, the largest first; what is left is the plant's own doing, or what nobody noted.
 * @throws RangeError as runModel
 */
export function explainRun(request: ForecastRequest, run: RunToExplain): Explained[] {
  const model = runModel(request);
  const { oilMlPerKg } = middleDraw(model);
  const shows = (minutes: number, distillateMl: number) =>
    playedAt(model, oilMlPerKg, { minutes, distillateMl }).balance;
  const { minutes, distillateMl, planned } = run;
  const plan = shows(planned.minutes, planned.minutes * planned.rateMlPerMin).visibleMl;
  const asLong = shows(minutes, minutes * planned.rateMlPerMin).visibleMl;
  const asItWas = shows(minutes, distillateMl);
  const found: Explained[] = [];
  const add = (reason: Reason, ml: number, more: Partial<Explained> = {}) => {
    if (Math.abs(ml) >= Math.max(leastMl, leastShare * plan)) found.push({ reason, ml, ...more });
  };
  add(minutes < planned.minutes ? "stoppedEarly" : "ranLonger", asLong - plan);
  const paced = asItWas.visibleMl - asLong;
  add(distillateMl < minutes * planned.rateMlPerMin ? "slower" : "faster", paced);
  if (run.settledShare !== undefined)
    add(
      "settledShort",
      -(asItWas.visibleMl - asItWas.visibleAtOnceMl) * Math.max(0, 1 - run.settledShare),
    );
  add("warmOutlet", -asItWas.visibleMl * lostShare(run));
  const sized = found.reduce((sum, { ml = 0 }) => sum + ml, 0);
  const rest = run.oilMl - plan - sized;
  if (run.agedMonths) {
    const left = oilLeftAfter(run.tissue, run.agedMonths);
    add("oldStock", plan * (1 - 1 / left), { inPlan: true });
  }
  add("plantItself", rest);
  if (run.dryPatches) found.push({ reason: "channels" });
  return found.sort((a, b) => Math.abs(b.ml ?? 0) - Math.abs(a.ml ?? 0));
}

/**
 * Vapour that leaves with the air at a warm outlet: as a bound, the air that passes is as much as the
 * water that does not condense there, and carries what a cool outlet would have kept. A share, 0 to 1.
 */
export function lostShare({ outlet, minutes }: Pick<RunToExplain, "outlet" | "minutes">): number {
  const usual = saturationPressurePa(safety.warmOutletC);
  return outlet.reduce(
    (sum, each) =>
      sum +
      (Math.min(each.minutes / Math.max(1, minutes), 1) *
        Math.max(0, saturationPressurePa(Math.min(100, each.celsius)) - usual)) /
        standardPressurePa,
    0,
  );
}
