import { energyKWh } from "../forecast/energy";
import type { Forecast } from "../forecast/forecast";
import { middleRun } from "../forecast/forecastRun";
import type { ForecastRequest } from "../forecast/request";
import { stopRuleNames, type EndsBy, type StopRule } from "../forecast/stopRules";

/** Where one stop rule alone would end a run. */
export interface StopChoice {
  rule: EndsBy;
  /** Minutes from the first drop. */
  minutes: number;
  distillateMl: number;
  /** Visible oil, middle run, mL. */
  oilMl: number;
  /** The dry line comes before the rule would stop. */
  dryFirst: boolean;
}

/** Every stop rule that is given a limit on its own, and the pot's reserve, the earliest first. */
export function stopChoices(request: ForecastRequest, limits: StopRule): StopChoice[] {
  const played = (rule: EndsBy, stop: StopRule): StopChoice => {
    const { runMinutes, distillateMl, visibleMl, stoppedBy } = middleRun({ ...request, stop });
    const dryFirst = rule !== "reserve" && stoppedBy === "reserve";
    return { rule, minutes: runMinutes, distillateMl, oilMl: visibleMl, dryFirst };
  };
  const choices = stopRuleNames
    .filter((rule) => limits[rule] !== undefined)
    .map((rule) => played(rule, { [rule]: limits[rule] }));
  if (request.method !== "cohobation") choices.push(played("reserve", { minutes: 1e6 }));
  return choices.sort((a, b) => a.minutes - b.minutes);
}

/** When one stop rule alone would end the middle run, minutes from the first drop; the dry line too. */
export function stopAlone(request: ForecastRequest, stop: StopRule): number {
  return middleRun({ ...request, stop }).runMinutes;
}

/** What going on for ten minutes more than planned would bring. */
export interface TenMore {
  /** Oil distilled, mL. */
  oilMl: number;
  distillateMl: number;
  energyKWh: number;
  /** The pot would be at its dry line before the ten minutes are over. */
  dry: boolean;
}

/** Ten more minutes at the end of a planned run. */
export function tenMoreMinutes(request: ForecastRequest, planned: Forecast): TenMore {
  const longer = middleRun({ ...request, stop: { minutes: planned.runMinutes + 10 } });
  return {
    oilMl: longer.distilledG / planned.oilDensityGPerMl - planned.oil.distilledMl.p50,
    distillateMl: longer.distillateMl - planned.distillateMl,
    energyKWh: energyKWh(request.still.heat, {
      minutesToFirstDrop: 0,
      runMinutes: longer.runMinutes - planned.runMinutes,
    }),
    dry: longer.stoppedBy === "reserve",
  };
}
