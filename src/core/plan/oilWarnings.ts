import { runModel } from "../forecast/runModel";
import { middleRun } from "../forecast/forecastRun";
import { oilOfSeries } from "./oilOfSeries";
import { receiverFit } from "../separation/receiver";
import { constructionOf } from "../still/constructions";
import { methodsOf } from "../still/fillLimits";
import type { PlanInput } from "./planInput";
import type { BarePlan } from "./chargePlan";
import type { Warning, WarningOf } from "../forecast/warning";

/* Shorter than this nothing has come that could be poured. */
const leastRunMinutes = 1;
/* A run so short is none: then less plant is the way. */
const leastStopMinutes = 10;
/* Into so many times as many charges nobody shares a charge out. */
const mostShares = 4;
/* A pot that falls a last sip short of the hydrosol has brought it. */
const nearlyAll = 0.98;

/** The run's own warnings with remedies that this still allows, and whether the receiver keeps the oil. */
export function oilWarnings(input: PlanInput, plan: BarePlan): Warning[] {
  const warnings = plan.forecast.warnings.map((warning) => {
    if (warning.code === "dryBeforeStop") {
      const within = withinPot(warning, plan);
      /* Once the hydrosol is in, a tail that the pot's reserve cuts short was never promised: it is told, and
         stops nobody. */
      const { distillateMl, minutesToDryLine, runMinutes } = plan.forecast;
      const kept = distillateMl >= nearlyAll * (plan.keepMl ?? Infinity);
      const above = (minutesToDryLine ?? 0) >= runMinutes - 0.01;
      return input.keepFirst && kept && above
        ? { ...within, severity: "caution" as const }
        : within;
    }
    if (warning.code === "noOilToSee") return withSeries(withSomeToSee(warning, input, plan), plan);
    return warning;
  });
  const { receiver, forecast } = plan;
  const atOnce = forecast.runMinutes < leastRunMinutes;
  if (atOnce && forecast.stoppedBy !== "reserve" && forecast.stoppedBy !== "never") {
    const minutes = input.plant.usualMinutes;
    warnings.push({
      code: "stopsAtOnce",
      severity: "error",
      usualMinutes: minutes,
      change: { minutes },
    });
  }
  if (input.receiver && receiver && !receiver.suits && forecast.oil.distilledMl.p50 > 0) {
    const oil = { layer: forecast.oilLayer, densityGPerMl: forecast.oilDensityGPerMl };
    const other = (input.otherReceivers ?? []).findIndex(
      (candidate) => receiverFit(candidate, oil, 1).suits,
    );
    warnings.push({
      code: "wrongReceiver",
      severity: "error",
      layer: forecast.oilLayer,
      another: other >= 0,
      ...(other >= 0 ? { change: { otherReceiver: other } } : {}),
    });
  }
  if (input.method === "cohobation" && !trapKeepsIt(input, forecast))
    warnings.push({
      code: "wrongTrap",
      severity: forecast.oilLayer === "hangs" ? "caution" : "error",
      layer: forecast.oilLayer,
    });
  if (receiver?.neverPours && receiver.poursAtMm !== undefined)
    warnings.push({
      code: "neverPours",
      severity: "caution",
      layer: forecast.oilLayer,
      poursAtMm: receiver.poursAtMm,
    });
  return warnings;
}

/* Whether the still's trap keeps this oil when the water runs back; where there is none, nothing is lost in it. */
function trapKeepsIt({ still }: PlanInput, { oilLayer }: BarePlan["forecast"]): boolean {
  const { trapKeeps = "floats" } = still;
  return !constructionOf(still.shape.construction).trap || oilLayer === trapKeeps;
}

/* The first charge wets the tubes; what all of them show together is the answer that is asked for. */
function withSeries(warning: Warning, { forecast, charges, request }: BarePlan): Warning {
  const seriesMl = oilOfSeries(forecast, charges, request.still.holdUpMl);
  return warning.code === "noOilToSee" && charges > 1 && seriesMl > 0
    ? { ...warning, seriesMl, severity: "note" }
    : warning;
}

/* More water is no remedy where no more fits: then the run has to be shorter, or the charge smaller. */
function withinPot(warning: WarningOf<"dryBeforeStop">, plan: BarePlan): Warning {
  const charges = chargesThatLast(warning, plan);
  const other = charges === undefined ? {} : { other: { charges, waterMl: null } };
  if ((warning.change?.waterMl ?? 0) <= plan.mostWaterMl) return { ...warning, ...other };
  const minutes = Math.floor(warning.minutes);
  const { change: _tooMuch, ...without } = warning;
  return minutes < leastStopMinutes
    ? { ...without, ...other, way: "none" }
    : { ...without, ...other, way: "shorter", change: { minutes } };
}

/** How many charges would each leave room for the water that they need; undefined where none would. */
function chargesThatLast(
  { missingMl }: WarningOf<"dryBeforeStop">,
  { charges, chargeG, waterMl, limits, request, forecast }: BarePlan,
): number | undefined {
  const needMl = waterMl + missingMl;
  const model = runModel(request);
  const heldMl = model.inWater ? Math.max(0, waterMl - model.freeWaterMl) : 0;
  const byMass = forecast.stoppedBy === "perKg" || request.stop.perKg !== undefined;
  for (let more = charges + 1; more <= charges * mostShares; more += 1) {
    const share = charges / more;
    const roomMl = limits.waterMl + (limits.chargeG - chargeG * share) * Number(model.inWater);
    const wantedMl = byMass ? needMl * share : needMl - heldMl * (1 - share);
    if (wantedMl <= roomMl) return more;
  }
  return undefined;
}

/** Looks for what would leave some oil to be seen: water that flows back, or an earlier stop. */
function withSomeToSee(
  warning: WarningOf<"noOilToSee">,
  input: PlanInput,
  plan: BarePlan,
): Warning {
  const shows = (part: Partial<BarePlan["request"]>) =>
    middleRun({ ...plan.request, ...part }).visibleMl > 0;
  const returns =
    methodsOf(input.still.shape).includes("cohobation") && trapKeepsIt(input, plan.forecast);
  if (returns && plan.method !== "cohobation" && shows({ method: "cohobation" }))
    return { ...warning, way: "flowsBack", change: { method: "cohobation" } };
  for (const share of [0.7, 0.5, 0.35]) {
    const minutes = Math.floor(plan.forecast.runMinutes * share);
    if (minutes >= 10 && shows({ stop: { minutes } }))
      return { ...warning, way: { minutes }, change: { minutes } };
  }
  return warning;
}
