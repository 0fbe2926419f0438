import type { Warning } from "../plan/warning";
import type { Forecast } from "./forecast";
import type { RunModel } from "./runModel";
import { plainRules, stopTimes } from "./stopRules";
import { longestMinutes } from "./worth";

/* Below this the named part no longer speaks for the whole oil. */
const leastNamedShare = 0.5;
/* A run that ends as the dry line is reached has not passed it. */
const leastMinutes = 0.01;

/** What a forecast has to say beside its numbers. */
export function runWarnings(model: RunModel, forecast: Forecast): Warning[] {
  const { request, material } = model;
  const warnings: Warning[] = [];
  if (forecast.stoppedBy === "never") {
    warnings.push({
      code: "neverBoils",
      severity: "error",
      boilC: forecast.boilC,
    });
    return warnings;
  }
  const dryAt = forecast.minutesToDryLine ?? (model.aboveDryLineMl > 0 ? Infinity : 0);
  const wanted =
    forecast.stoppedBy === "reserve" ? wantedMinutes(model, forecast) : forecast.runMinutes;
  if (wanted > dryAt + leastMinutes) {
    const lacksMl = Math.max(0, (request.still.dryLineMl ?? 0) - model.freeWaterMl);
    const spendsMl = model.returns ? 0 : (wanted - dryAt) * forecast.rateMlPerMin;
    const missingMl = Math.ceil((lacksMl + spendsMl + 1) / 10) * 10;
    warnings.push({
      code: "dryBeforeStop",
      severity: "error",
      minutes: dryAt,
      missingMl,
      soaks: model.aboveDryLineMl <= 0 && model.inWater,
      way: "water",
      change: { waterMl: request.waterMl + missingMl },
    });
  }
  if (material.namedShare < leastNamedShare) {
    warnings.push({
      code: "littleKnownOil",
      severity: "note",
      namedShare: material.namedShare,
    });
  }
  if (material.oilMlPerKg.high > 0 && forecast.oil.visibleMl.p50 === 0) {
    const never = forecast.oil.visibleMl.p90 === 0;
    warnings.push({
      code: "noOilToSee",
      severity: "caution",
      never,
      way: "none",
    });
  }
  if (material.oil.layer !== "floats" && forecast.oil.visibleMl.p90 > 0) {
    const sinks = material.oil.layer === "sinks";
    warnings.push({ code: sinks ? "oilSinks" : "oilHangs", severity: "caution" });
  }
  return warnings;
}

/** When the run would have ended by the rules that were asked for, the dry line left out; after a day at the latest. */
function wantedMinutes(model: RunModel, forecast: Forecast): number {
  const { request } = model;
  const times = stopTimes(plainRules(request.stop), {
    massG: request.massG,
    minutesTo: (distillateMl) => distillateMl / forecast.rateMlPerMin,
    worthlessFrom: () => Infinity,
  });
  return Math.min(longestMinutes, ...Object.values(times));
}
