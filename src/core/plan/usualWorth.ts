import { middleRun } from "../forecast/forecastRun";
import type { ForecastRequest } from "../forecast/request";

/* Where steam itself is the limit, no ten minutes ever bring a fiftieth: there the run goes on until they
   bring a quarter of what the first did: steam that leaves far from saturated still brings more than that. */
const ofFirstTen = 0.25;
/** Water that no run uses up, mL: for what a run would do if the pot did not end it. */
export const plentyOfWaterMl = 1e7;

/**
 * What ten more minutes must bring to be worth the heat where nobody names an amount, mL: a share of the
 * charge's middle oil. A fixed amount would never light a still for petals.
 * @throws RangeError as forecastRun
 */
export function usualWorthMl(
  request: ForecastRequest,
  { low, high }: { low: number; high: number },
  share: number,
): number {
  const ofOil = (share * Math.sqrt(low * high) * request.massG) / 1000;
  const first = middleRun({ ...request, waterMl: plentyOfWaterMl, stop: { minutes: 10 } });
  return first.distilledMl > 0 ? Math.min(ofOil, ofFirstTen * first.distilledMl) : ofOil;
}
