import type { Warning } from "./warning";
import type { Forecast } from "./forecast";
import type { RunModel } from "./runModel";
import { plainRules, stopTimes } from "./stopRules";
import { longestMinutes } from "./worth";

/* Below this the named part no longer speaks for the whole oil. */
const leastNamedShare = 0.5;
/* A run that ends as the dry line is reached has not passed it. */
const leastMinutes = 0.01;

/* Nobody waits longer for a first drop: three hours is a weak fire, a day a cold room. Judged from large pots on small fires. */
const patience = { caution: 180, stop: 1440 } as const;
/*
 * A charge bears its own weight of steam in some twelve minutes before plant and drops are carried over, and a small
 * glass or copper condenser some thirty millilitres a minute: judged from usual rates of small stills.
 */
const fastestMinutesPerWeight = 12;
const anyCondenserMlPerMin = 30;
const farTooMuch = 4;

/** The greatest sensible rate for a charge, mL/min. */
function greatestRateMlPerMin(massG: number): number {
  return Math.max(anyCondenserMlPerMin, massG / fastestMinutesPerWeight);
}

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
  warnings.push(...ofHeat(model, forecast));
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
      ...(forecast.onTubesMl > 0 ? { onTubesMl: forecast.onTubesMl } : {}),
    });
  }
  if (material.oil.layer !== "floats" && forecast.oil.visibleMl.p90 > 0) {
    const sinks = material.oil.layer === "sinks";
    warnings.push({ code: sinks ? "oilSinks" : "oilHangs", severity: "caution" });
  }
  return warnings;
}

/** Heat that hardly boils, and heat that drives more steam than plant and condenser bear. */
function ofHeat({ request }: RunModel, forecast: Forecast): Warning[] {
  const { minutesToFirstDrop, rateMlPerMin } = forecast;
  const minutes = minutesToFirstDrop ?? 0;
  if (minutes > patience.caution)
    return [
      { code: "barelyBoils", severity: minutes > patience.stop ? "error" : "caution", minutes },
    ];
  const mostMlPerMin = greatestRateMlPerMin(request.massG);
  if (rateMlPerMin <= mostMlPerMin) return [];
  return [
    {
      code: "tooMuchHeat",
      severity: rateMlPerMin > farTooMuch * mostMlPerMin ? "error" : "caution",
      rateMlPerMin,
      mostMlPerMin,
      massG: request.massG,
      change: { pace: "gentle" },
    },
  ];
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
