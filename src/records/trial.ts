import { z } from "zod";
import { t } from "@/language/t";
import { moment } from "@/messages/moment";
import { id, longText, recordBase, shortText } from "./base";
import { keyed } from "./lists";

/** What a trial measures of each of its runs. */
export const trialMeasures = ["mlPerKgDry", "oilMl", "hydrosolPh"] as const;

/** The one thing that differs between the two ways. */
export const trialChanges = [
  "state",
  "preparation",
  "method",
  "still",
  "water",
  "heat",
  "stop",
  "loading",
  "waterKind",
  "soaking",
  "copper",
  "other",
] as const;
export type TrialChange = (typeof trialChanges)[number];

/** A question put to the still: two ways that differ in one thing, in pairs of one halved harvest or apart. */
export const trialSchema = z.object({
  ...recordBase,
  kind: z.literal("trial"),
  question: shortText.min(1, t`question: say what you want to know`),
  /** The two sides in a word or two: "at once", "wilted overnight". */
  a: shortText.min(1),
  b: shortText.min(1),
  measure: z.enum(trialMeasures),
  /** What is changed; not told by trials from before it was asked. */
  changes: z.enum(trialChanges).optional(),
  plantId: shortText.optional(),
  /** Of each pair, which side the lot put first. */
  lots: keyed(
    z.array(z.object({ pair: z.int().min(1).max(500), first: z.enum(["a", "b"]) })).max(500),
    "pair",
  ).optional(),
  design: z.enum(["pairs", "apart"]),
  /** Which run stands on which side; runs of one pair share its number. */
  runs: keyed(
    z
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
    "runId",
  ),
  note: longText.optional(),
  closedAt: moment.optional(),
});
export type Trial = z.infer<typeof trialSchema>;
