import { z } from "zod";
import { cutReasons } from "@/core/plan/cutReasons";
import { methods } from "@/core/still/methods";
import { moment } from "@/messages/moment";
import { amount, id, positive, raisedVersions, recordBase, shortText } from "./base";
import { entrySchema } from "./entry";
import { forecastRequestSchema, stopRuleSchema } from "@/messages/forecastRequest";
import { plantState } from "./harvest";
import { limits, within } from "@/messages/limits";
import { deviceId } from "@/messages/relayMessages";
import { planDraftSchema } from "./planDraft";
import { keyed } from "./lists";

const range = z.object({ p10: amount, p50: amount, p90: amount });

/** The plan as it was when the run was made ready: a later model or still does not rewrite it. */
const planSchema = z.object({
  /** Edition of the model that the figures were made with; absent: the first. */
  edition: z.union([z.literal(2), z.literal(3)]).optional(),
  method: z.enum(methods),
  charge: z.int().min(1),
  charges: z.int().min(1),
  chargeG: positive,
  moisture: z.number().min(0).lt(1),
  waterMl: amount,
  dryLineMl: amount,
  jarMl: positive,
  stop: stopRuleSchema,
  powerW: positive,
  /** Heat to turn down to after the first drop, W. */
  runPowerW: positive.optional(),
  preparation: shortText.optional(),
  /** Schools that were followed, by question. */
  schools: z.record(shortText, shortText).optional(),
  /** Stops about craft that were gone past, and why, by the stop's code. */
  reasons: z.record(shortText, shortText).optional(),
  /** The still was filled: whether that was weighed after all, or is a guess. */
  filled: z.enum(["weighed", "guessed"]).optional(),
  /** Where the charge is a guess: between which two it lies eight times in ten, g. */
  chargeBetweenG: z.object({ low: positive, high: positive }).optional(),
  /** Oil content the forecast was made with, mL/kg, 8 in 10. */
  oilMlPerKg: z.object({ low: amount, high: amount }).optional(),
  /** Months that a dried plant had lain. */
  agedMonths: amount.optional(),
  iceKg: amount.optional(),
  /** Jar swaps that are planned, mL of distillate by then. */
  cuts: z
    .array(z.object({ ml: positive, why: z.enum(cutReasons) }))
    .max(12)
    .optional(),
  /** The one swap of a plan from before there were several, mL of distillate. */
  firstCutMl: positive.optional(),
  /** What the forecast was asked, so that the live run can ask it again. */
  request: forecastRequestSchema.optional(),
  forecast: z.object({
    boilC: z.number(),
    minutesToBoil: amount,
    minutesToFirstDrop: amount,
    runMinutes: amount,
    rateMlPerMin: positive,
    distillateMl: amount,
    /** Water the run may spend before the dry line, mL; absent where it flows back and never runs dry so. */
    spendableMl: amount.optional(),
    oilDensityGPerMl: positive,
    distilledMl: range,
    dissolvedG: range,
    suspendedMl: range,
    visibleMl: range,
    visibleAtOnceMl: range.optional(),
    /** Middle run: minutes from the first drop, oil distilled so far, g, what the head should show. */
    curve: z
      .array(z.object({ minutes: amount, oilG: amount, headC: within(limits.headC).optional() }))
      .max(200),
  }),
});
export type RunPlan = z.infer<typeof planSchema>;

/** How a run that is told afterwards was stopped. */
export const pastStops = ["unknown", "clock", "hydrosol", "smell", "water", "trouble"] as const;
export type PastStop = (typeof pastStops)[number];

/** One charge distilled. */
export const runSchema = z.object({
  ...recordBase,
  version: z.literal(raisedVersions.run),
  kind: z.literal("run"),
  number: z.int().min(limits.runNumber.min).max(limits.runNumber.max),
  stillId: id,
  stillName: shortText,
  harvestId: id.optional(),
  plantId: shortText.min(1),
  state: plantState,
  plan: planSchema,
  /** What stood in the plan's fields, so that a run that is not lit yet can be planned anew. */
  draft: planDraftSchema.optional(),
  /** Items of the checklist that were gone through, by name. */
  checked: keyed(z.array(shortText).max(60), "itself"),
  entries: keyed(z.array(entrySchema).max(20000), "id"),
  /**
   * A simulated instrument's time where it runs faster than the wall's: run time is `runAt` plus
   * `speed` times what has passed since `wallAt`; 0: it waits, as only practice does. Absent: the wall's own.
   */
  clock: z.object({ wallAt: moment, runAt: moment, speed: z.number().min(0).max(120) }).optional(),
  /**
   * Told afterwards: nobody watched it here, and what is not told is not known. Without a clock noon stands for
   * its first drop, and only lengths are true.
   */
  told: z.enum(["afterwards", "withoutClock"]).optional(),
  /** How such a run was stopped, where that was noted. */
  stopped: z.enum(pastStops).optional(),
  /** The person says that the log is right, though its first drop looks wrong. */
  confirmed: z.literal(true).optional(),
  /** The person leaves it out of what own runs teach: something was not as it usually is. */
  notToLearn: z.literal(true).optional(),
  /** The device that its cues sound on, where several share the logbook; all of them where none was chosen. */
  ringsOn: deviceId.optional(),
  /** What the instrument is called and on which way it comes, so that a reload finds it again. */
  instrument: z.object({ id: shortText, name: shortText, connectedAt: moment }).optional(),
});
export type Run = z.infer<typeof runSchema>;

/** The number of the next run: one more than the highest, or the first free one where that is the last there is. */
export function nextRunNumber(runs: readonly Pick<Run, "number">[]): number {
  const used = new Set(runs.map(({ number }) => number));
  const next = Math.max(0, ...used) + 1;
  if (next <= limits.runNumber.max) return next;
  for (let free = 1; ; free += 1) if (!used.has(free)) return free;
}
