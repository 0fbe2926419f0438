import { z } from "zod";
import { actCodes } from "@/core/practice/acts";
import { harms } from "@/core/practice/exercise";
import { faultKinds, moments, senses } from "@/core/practice/faults";
import { signCodes } from "@/core/practice/signs";
import { condenserSchema } from "./condenser";
import { forecastRequestSchema } from "./forecastRequest";
import { channels } from "./instrumentMessages";

const second = z.number().min(0).max(1e6);
const amount = z.number().min(0).max(1e7);

/** What is asked of the worker that looks back on an exercise. */
export const debriefQuestionSchema = z.object({
  ask: z.object({
    request: forecastRequestSchema,
    condenser: condenserSchema.optional(),
    traits: z.object({
      catches: z.enum(["jar", "trap", "bowl"]),
      cooledBy: z.enum(["tub", "tap", "ice"]),
      flows: z.boolean(),
      flame: z.boolean(),
      gas: z.boolean(),
      steamLine: z.boolean(),
      valve: z.boolean(),
      inWater: z.boolean(),
      setsBelowC: z.number().optional(),
      layer: z.enum(["floats", "sinks", "hangs"]),
      jarMl: amount,
    }),
    seed: z.int().min(1).max(1e9),
    faults: z
      .array(z.object({ fault: z.enum(faultKinds), after: z.enum(moments), minutes: amount }))
      .max(20),
  }),
  acts: z.array(z.object({ second, code: z.enum(actCodes), amount: amount.optional() })).max(5000),
  endSecond: second,
  planSecond: second,
});
export type DebriefQuestion = z.infer<typeof debriefQuestionSchema>;

export const debriefAnswerSchema = z.object({
  faults: z.array(
    z.object({
      fault: z.enum(faultKinds),
      began: second,
      mended: second.optional(),
      signs: z.array(z.object({ sense: z.enum(senses), sign: z.enum(signCodes), second })),
      figures: z.array(z.object({ channel: z.enum([...channels, "oil"]), second })),
      delays: z.array(z.object({ minutes: amount, oilMl: amount, harm: z.enum(harms).optional() })),
    }),
  ),
  oilMl: amount,
  soundOilMl: amount,
  harm: z.enum(harms).optional(),
});
export type DebriefAnswer = z.infer<typeof debriefAnswerSchema>;
