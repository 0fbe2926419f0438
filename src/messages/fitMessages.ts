import { z } from "zod";
import { dryingWays, moistureByDrying } from "@/core/plant/dryOut";
import { t } from "@/language/t";
import { forecastRequestSchema } from "./forecastRequest";
import { limits, within } from "./limits";

const minutes = z.number().min(0).max(1e5);
const reading = z.union(
  [
    z.strictObject({ minutes, oilMl: within(limits.amount) }),
    z.strictObject({ minutes, distillateMl: within(limits.amount) }),
    z.strictObject({
      minutes,
      fromLitreMl: within(limits.amount),
      saltGPerL: within(limits.saltGPerL).optional(),
    }),
  ],
  { error: t`tell minutes after the first drop, and oilMl, distillateMl or fromLitreMl` },
);
const readings = z.array(reading).min(1).max(500);

/** What a fit is asked by the page: what the plan was asked, and what was read of the run. */
export const fitQuestionSchema = z.object({ request: forecastRequestSchema, readings });
export type FitQuestion = z.infer<typeof fitQuestionSchema>;

/* A handful weighed, dried and weighed again. */
const driedOut = z
  .strictObject({
    beforeG: within(limits.positive),
    afterG: within(limits.positive),
    way: z.enum(dryingWays).optional(),
  })
  .refine(({ beforeG, afterG }) => afterG <= beforeG, {
    path: ["afterG"],
    message: t`must not be more than beforeG`,
  });

/* The measured water stands in place of the book's. */
function withMoisture(
  told: Record<string, unknown>,
  { beforeG, afterG, way = "oven" }: z.infer<typeof driedOut>,
): Record<string, unknown> {
  const material = typeof told.material === "object" ? told.material : {};
  return { ...told, material: { ...material, moisture: moistureByDrying(beforeG, afterG, way) } };
}

/**
 * The same as a script asks it: a forecast's request with its readings among the fields, and where the plant was dried out to
 * know its water, `driedOut`.
 */
export const fitRequestSchema = z
  .looseObject({ readings, driedOut: driedOut.optional() })
  .transform(({ readings: read, driedOut: handful, ...told }, context) => {
    const parsed = forecastRequestSchema.safeParse(handful ? withMoisture(told, handful) : told);
    if (parsed.success) return { request: parsed.data, readings: read };
    for (const { path, message } of parsed.error.issues)
      context.addIssue({ code: "custom", path, message });
    return z.NEVER;
  });

const range = z.object({ p10: z.number(), p50: z.number(), p90: z.number() });
const perFigure = <T extends z.ZodType>(each: T) =>
  z.object({
    oilMlPerKg: each,
    freeShare: each,
    releasePerMinute: each,
    waterSaturation: each,
    rateMlPerMin: each,
  });

export const fitAnswerSchema = z.object({
  parameters: perFigure(range),
  correlations: perFigure(perFigure(z.number())),
  curve: z.array(z.object({ minutes: z.number(), distillateMl: z.number(), oilMl: range })),
  misfit: z.number(),
});
export type FitAnswer = z.infer<typeof fitAnswerSchema>;
