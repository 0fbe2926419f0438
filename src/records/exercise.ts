import { z } from "zod";
import { actCodes } from "@/core/practice/acts";
import { faultKinds, moments } from "@/core/practice/faults";
import { lessonIds } from "@/core/practice/lessons";
import { longestSecond, mostFaults } from "@/core/practice/practiceSpeeds";
import { methods } from "@/core/still/methods";
import { t } from "@/language/t";
import { stopRuleSchema } from "@/messages/forecastRequest";
import { limits, within } from "@/messages/limits";
import { amount, id, longText, recordBase, shortText } from "./base";
import { plantState } from "./harvest";
import { keyed } from "./lists";
import { stillSchema } from "./still";

const { kind: _kind, id: _id, version: _version, ...still } = stillSchema.shape;
const { createdAt: _createdAt, updatedAt: _updatedAt, deletedAt: _deletedAt, ...figures } = still;
const second = z.int().min(0).max(longestSecond);

/** What an exercise is, whoever does it: enough to set it up on any device, and to hand it on. */
export const exerciseSpecSchema = z.object({
  title: shortText.min(1, t`title: give the exercise a name`),
  /** What a trainer says before it begins. */
  note: longText.optional(),
  still: z.object(figures),
  plantId: shortText.min(1),
  state: plantState,
  massG: within(limits.chargeG),
  method: z.enum(methods),
  stop: stopRuleSchema.optional(),
  /** Chance is drawn from it. */
  seed: z.int().min(1).max(1e9),
  /** Where it begins. */
  from: z.enum(moments),
  faults: z
    .array(
      z.object({
        fault: z.enum(faultKinds),
        after: z.enum(moments),
        minutes: z.number().min(0).max(600),
      }),
    )
    .max(mostFaults),
  /** What goes wrong is not told before. */
  hidden: z.literal(true).optional(),
  lesson: z.enum(lessonIds).optional(),
});
export type ExerciseSpec = z.infer<typeof exerciseSpecSchema>;

/** An exercise that was begun: its run stands beside it in the logbook of the practice. */
export const exerciseRecordSchema = z.object({
  ...recordBase,
  kind: z.literal("exercise"),
  spec: exerciseSpecSchema,
  runId: id,
  /** What was done at the still, at which second from heat on; some of it from the run's log. */
  acts: keyed(
    z
      .array(
        z.object({
          id,
          second,
          code: z.enum(actCodes),
          amount: amount.optional(),
          /** The entry of the log that it comes from. */
          of: id.optional(),
        }),
      )
      .max(5000),
    "id",
  ),
  /** When it was ended, by the person or by what happened. */
  endedAt: second.optional(),
  /** Lesson done: all that it asks for. */
  passed: z.literal(true).optional(),
});
export type ExerciseRecord = z.infer<typeof exerciseRecordSchema>;
