import { middleDraw } from "../forecast/draws";
import { oilBalance } from "../forecast/oilBalance";
import type { ForecastRequest } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import { caughtShare, courseOf } from "../forecast/simulate";
import { firstWhere } from "../numeric/firstWhere";

/** What a finished run gave. */
export interface FinishedRun {
  /** Oil drawn off after settling, mL. */
  oilMl: number;
  /** Minutes from the first drop to heat off. */
  minutes: number;
  /** Distillate in that time, mL. */
  distillateMl: number;
}

/* No plant holds more than a fifth of its mass in oil. */
const mostMlPerKg = 250;

/**
 * Oil content of the material, as it was charged, that a finished run points to, mL/kg: the one with
 * which the plan's middle run, at the steam that really passed, shows just so much oil. A run that is
 * measured exactly at its plan's middle teaches exactly the plan's content. Undefined where the run
 * tells nothing: no visible oil, no steam, or more oil than any plant holds.
 */
export function contentFromRun(request: ForecastRequest, run: FinishedRun): number | undefined {
  if (!(run.oilMl > 0 && run.minutes > 0 && run.distillateMl > 0 && request.massG > 0))
    return undefined;
  const model = runModel(request);
  const middle = middleDraw(model);
  const steamGPerMin = run.distillateMl / run.minutes / caughtShare(model, middle);
  const shows = (oilMlPerKg: number) => {
    const course = courseOf(model, { ...middle, oilMlPerKg }, [{ from: 0, steamGPerMin }]);
    const jar = { grams: course.over(run.minutes), distillateMl: run.distillateMl };
    return oilBalance(model, [jar], middle).visibleMl;
  };
  if (shows(mostMlPerKg) < run.oilMl) return undefined;
  return firstWhere([0, mostMlPerKg], (content) => shows(content) >= run.oilMl, { halvings: 40 });
}
