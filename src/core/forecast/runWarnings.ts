import type { Warning } from "../plan/warning";
import type { Forecast } from "./forecast";
import type { RunModel } from "./runModel";
import { plainRules, stopTimes } from "./stopRules";

/* Below this the named part no longer speaks for the whole oil. */
const leastNamedShare = 0.5;

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
  const rateMl = forecast.rateMlPerMin;
  const wanted = wantedMinutes(model, forecast);
  if (forecast.stoppedBy === "reserve" && wanted > forecast.runMinutes) {
    const missingMl = Math.ceil(((wanted - forecast.runMinutes) * rateMl) / 10) * 10;
    warnings.push({
      code: "dryBeforeStop",
      severity: "error",
      minutes: forecast.runMinutes,
      missingMl,
      way: "water",
      change: { waterMl: request.waterMl + missingMl },
    });
  } else if (
    !model.returns &&
    model.freeWaterMl - forecast.distillateMl < (request.still.dryLineMl ?? 0)
  ) {
    warnings.push({ code: "soakedDry", severity: "caution" });
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

/** When the run would have ended by the rules that were asked for, the dry line left out. */
function wantedMinutes(model: RunModel, forecast: Forecast): number {
  const { request } = model;
  const times = stopTimes(plainRules(request.stop), {
    massG: request.massG,
    minutesTo: (distillateMl) => distillateMl / forecast.rateMlPerMin,
    worthlessFrom: () => Infinity,
  });
  return Math.min(Infinity, ...Object.values(times));
}
