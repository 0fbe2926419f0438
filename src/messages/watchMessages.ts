import { z } from "zod";
import { endings } from "@/core/forecast/stopRules";
import { doubts } from "@/core/run/watchedRun";
import { forecastRequestSchema } from "./forecastRequest";

const minutes = z.number().min(-1e5).max(1e5);
const amount = z.number().min(0).max(1e7);
/* A rule that never ends a run ends it at infinity, which is a good answer between threads. */
const range = z.object({
  p10: z.union([z.number(), z.literal(Infinity)]),
  p50: z.union([z.number(), z.literal(Infinity)]),
  p90: z.union([z.number(), z.literal(Infinity)]),
});

export const watchQuestionSchema = z.object({
  request: forecastRequestSchema,
  seen: z.object({
    minutesToBoil: minutes.optional(),
    minutesToFirstDrop: minutes.optional(),
    distillate: z.array(z.object({ minutes, volumeMl: amount })).max(5000),
    rates: z.array(z.object({ minutes, mlPerMin: amount })).max(5000),
    oil: z.array(z.object({ minutes, volumeMl: amount })).max(5000),
    heat: z.array(z.object({ minutes, powerW: amount })).max(500),
  }),
  /** The plant's usual limits, for the rules that the plan does not name. */
  usual: z.object({ perKg: amount, worthShare: z.number().min(0).max(1) }).optional(),
  /** Minutes since the first drop. */
  now: amount,
  /** When the heat goes off as it stands, minutes after the first drop. */
  end: amount,
});
export type WatchQuestion = z.infer<typeof watchQuestionSchema>;

const reading = z.object({
  distilledMl: range,
  visibleMl: range,
  visibleAtOnceMl: range,
  distillateMl: range,
});

export const watchAnswerSchema = z.object({
  now: reading,
  end: reading,
  fan: z.array(range.extend({ minutes: z.number() })),
  endsAt: z.record(z.enum(endings), range),
  rateMlPerMin: range,
  tenMoreMl: range,
  effectiveRuns: z.number(),
  doubts: z.array(z.enum(doubts)),
});
export type WatchAnswer = z.infer<typeof watchAnswerSchema>;
