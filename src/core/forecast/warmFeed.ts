import { usualTapC } from "../water/properties";
import { energyKWh } from "./energy";
import { middleRun } from "./forecastRun";
import type { ForecastRequest } from "./request";

/** What it saves to fill a pot with water that the cooling has warmed. */
export interface WarmFeed {
  feedC: number;
  kWh: number;
  /** Sooner to the first drop, min. */
  minutes: number;
}

/* Warmer than this it would boil the pot's filler's hand; a degree or two is not worth the carrying. */
const mostFeedC = 60;
const leastRiseK = 5;

/**
 * What a charge saves that is filled with cooling water at such a temperature instead of water from the tap;
 * undefined where that is hardly warmer, or the pot would never boil.
 * @param outC how warm the cooling water leaves, °C
 * @throws RangeError as forecastRun
 */
export function warmFeed(request: ForecastRequest, outC: number): WarmFeed | undefined {
  const coldC = request.site?.waterC ?? usualTapC;
  const feedC = Math.min(mostFeedC, outC);
  if (feedC < coldC + leastRiseK) return undefined;
  const cold = spent(request);
  const warm = spent({ ...request, site: { ...request.site, waterC: feedC } });
  if (!cold || !warm) return undefined;
  return { feedC, kWh: cold.kWh - warm.kWh, minutes: cold.minutes - warm.minutes };
}

function spent(request: ForecastRequest): { kWh: number; minutes: number } | undefined {
  const { minutesToFirstDrop, runMinutes } = middleRun(request);
  if (!Number.isFinite(minutesToFirstDrop)) return undefined;
  return {
    kWh: energyKWh(request.still.heat, { minutesToFirstDrop, runMinutes }),
    minutes: minutesToFirstDrop,
  };
}
