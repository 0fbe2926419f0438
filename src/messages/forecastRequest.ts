import { z } from "zod";
import type { ForecastRequest } from "@/core/forecast/request";
import { type StopRuleName, stopRuleNames } from "@/core/forecast/stopRules";
import { plantStates } from "@/core/plant/plant";
import { heatKinds } from "@/core/still/heatSources";
import { methods } from "@/core/still/methods";
import { t } from "@/language/t";

const share = z.number().min(0).max(1);
const amount = z.number().min(0);

const letting = {
  volatility: amount.max(2).optional(),
  hydrodiffusion: amount.max(2).optional(),
  steamSaturation: share.optional(),
  esterLossPerMinute: amount.max(1).optional(),
  soakGPerGDry: amount.max(10).optional(),
};

const material = z.union([
  z.strictObject({
    plantId: z.string().min(1),
    state: z.enum(plantStates).optional(),
    moisture: z.number().min(0).lt(1).optional(),
    ...letting,
  }),
  z.strictObject({
    oilMlPerKg: z
      .strictObject({ low: amount, high: amount })
      .refine(({ low, high }) => low <= high, { message: t`low must not be above high` }),
    composition: z.record(z.string(), amount),
    freeShare: share,
    releasePerMinute: amount.max(1),
    washing: amount.max(20).optional(),
    moisture: z.number().min(0).lt(1),
    ...letting,
  }),
]);

const stopLimits = Object.fromEntries(
  stopRuleNames.map((name) => [name, amount.max(1e7).optional()]),
) as Record<StopRuleName, z.ZodOptional<z.ZodNumber>>;

/** A stop rule as a plan keeps it: one limit for each rule that is named. */
export const stopRuleSchema = z.object(stopLimits);

/** A forecast request at any border: a stored plan's, the worker's and the command line's. */
export const forecastRequestSchema: z.ZodType<ForecastRequest> = z.strictObject({
  method: z.enum(methods),
  material,
  massG: z.number().gt(0).max(1e6),
  still: z.strictObject({
    heat: z.strictObject({
      powerW: amount.max(1e5),
      runPowerW: amount.max(1e5).optional(),
      kind: z.enum(heatKinds).optional(),
      efficiency: z.number().gt(0).max(1).optional(),
      calibrated: z.boolean().optional(),
    }),
    lossWPerK: amount.optional(),
    plantVesselLossWPerK: amount.optional(),
    vesselJPerK: amount.optional(),
    dryLineMl: amount.optional(),
    holdUpMl: amount.optional(),
  }),
  waterMl: amount.max(1e7),
  site: z
    .strictObject({
      altitudeM: z.number().min(-400).max(5500).optional(),
      pressurePa: z.number().min(40000).max(110000).optional(),
      airC: z.number().min(-30).max(60).optional(),
      waterC: z.number().min(0).max(99).optional(),
      coolingInC: z.number().min(0).max(99).optional(),
      coolingOutC: z.number().min(0).max(99).optional(),
    })
    .optional(),
  stop: z
    .strictObject(stopLimits)
    .refine((stop) => Object.values(stop).some((value) => value !== undefined), {
      message: t`name at least one stop rule`,
    }),
  suspendedShare: share.optional(),
  waterSaturation: share.optional(),
  hazeMlPerL: amount.max(10).optional(),
  armMl: amount.max(1e5).optional(),
  cutsMl: z.array(amount.max(1e7)).max(50).optional(),
});
