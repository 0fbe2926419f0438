import { oilCurve, type OilCurve } from "../extraction/release";
import { oilBalance, type OilBalance } from "./oilBalance";
import type { RunModel } from "./runModel";
import { stopTimes, type EndsBy, type StopRule, type StopRuleName } from "./stopRules";
import { longestMinutes, worthlessFrom } from "./worth";

/** What chance decides about one run. */
export interface Draw {
  oilMlPerKg: number;
  freeShare: number;
  releasePerMinute: number;
  washing: number;
  efficiency: number;
  suspendedShare: number;
}

/** Which limit ended the run; "never" when no steam ever comes. */
export type StoppedBy = EndsBy | "never";

/** One run, played through. Times in minutes, `runMinutes` from the first drop. */
export interface Outcome extends OilBalance {
  minutesToBoil: number;
  minutesToFirstDrop: number;
  steamGPerMin: number;
  runMinutes: number;
  stoppedBy: StoppedBy;
  distillateMl: number;
  plantOilG: number;
  distilledG: number;
  /** Oil over, g, so many minutes after the first drop. */
  oilAt: OilCurve;
}

/** Plays one run under one draw. Condensed steam is taken at 1 g/mL. */
export function simulate(model: RunModel, draw: Draw): Outcome {
  const { request, material, spendableMl } = model;
  const { densityGPerMl, saturationRatio } = material.oil;
  const plantOilG = (request.massG / 1000) * draw.oilMlPerKg * densityGPerMl;
  const { boil, firstDrop } = model.times(draw.efficiency);
  const steam = firstDrop === Infinity ? 0 : model.steamGPerMin(draw.efficiency);
  const oilAt = oilCurve({
    freeG: plantOilG * draw.freeShare,
    boundG: plantOilG * (1 - draw.freeShare),
    releasePerMinute: draw.releasePerMinute,
    washPerMinute: request.massG > 0 ? (draw.washing * steam) / request.massG : 0,
    ceilingGPerMin: saturationRatio * steam,
  });
  const { minutes: runMinutes, by: stoppedBy } = stopOf(request.stop, {
    steam,
    massG: request.massG,
    spendableMl,
    oilMlAt: (t) => oilAt(t) / densityGPerMl,
  });
  const distillateMl = steam * runMinutes;
  const distilledG = oilAt(runMinutes);
  return {
    minutesToBoil: boil,
    minutesToFirstDrop: firstDrop,
    steamGPerMin: steam,
    runMinutes,
    stoppedBy,
    distillateMl,
    plantOilG,
    distilledG,
    ...oilBalance(model, distilledG, distillateMl, draw.suspendedShare),
    oilAt,
  };
}

interface Stopping {
  steam: number;
  massG: number;
  spendableMl: number;
  oilMlAt: OilCurve;
}

/** The earliest of the rules that were named, the dry line always among them. */
function stopOf(rule: StopRule, run: Stopping): { minutes: number; by: StoppedBy } {
  if (run.steam <= 0) return { minutes: 0, by: "never" };
  const times = stopTimes(rule, {
    massG: run.massG,
    minutesTo: (distillateMl) => distillateMl / run.steam,
    worthlessFrom: (worthMl) => worthlessFrom(run.oilMlAt, worthMl),
  });
  let [by, minutes]: [StoppedBy, number] = [
    "reserve",
    Math.min(run.spendableMl / run.steam, longestMinutes),
  ];
  for (const [name, time] of Object.entries(times) as [StopRuleName, number][]) {
    if (time <= minutes) [by, minutes] = [name, time];
  }
  return { minutes, by };
}
