import { z } from "zod";

const percentiles = z.object({ p10: z.number(), p50: z.number(), p90: z.number() });

/** The part of a forecast that comes back from the worker: what needs many runs. */
export const forecastRangesSchema = z.object({
  oil: z.object({
    distilledMl: percentiles,
    dissolvedG: percentiles,
    suspendedMl: percentiles,
    visibleMl: percentiles,
    visibleAtOnceMl: percentiles,
  }),
  ranges: z.object({
    distillateMl: percentiles,
    minutesToFirstDrop: percentiles,
    runMinutes: percentiles,
  }),
  fan: z.array(percentiles.extend({ minutes: z.number() })),
});
export type ForecastRanges = z.infer<typeof forecastRangesSchema>;
