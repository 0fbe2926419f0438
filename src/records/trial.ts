import { z } from "zod";
import { moment } from "@/messages/moment";
import { id, longText, recordBase, shortText } from "./base";

/** What a trial measures of each of its runs. */
export const trialMeasures = ["mlPerKgDry", "oilMl", "hydrosolPh"] as const;

/** A question put to the still: two ways that differ in one thing, in pairs of one halved harvest or apart. */
export const trialSchema = z.object({
  ...recordBase,
  kind: z.literal("trial"),
  question: shortText.min(1, "question: say what you want to know"),
  /** The two sides in a word or two: "at once", "wilted overnight". */
  a: shortText.min(1),
  b: shortText.min(1),
  measure: z.enum(trialMeasures),
  design: z.enum(["pairs", "apart"]),
  /** Which run stands on which side; runs of one pair share its number. */
  runs: z
    .array(
      z.object({
        runId: id,
        side: z.enum(["a", "b"]),
        pair: z.int().min(1).max(500).optional(),
        /** Not counted, and why, in the person's words. */
        leftOut: shortText.min(1).optional(),
      }),
    )
    .max(1000),
  note: longText.optional(),
  closedAt: moment.optional(),
});
export type Trial = z.infer<typeof trialSchema>;
