import { z } from "zod";
import type { Day, DayCharge } from "@/core/day/day";
import { limits, within } from "./limits";

const id = z.string().min(1).max(100);
const minutes = within(limits.dayMinutes);

const takesSchema = z.object({
  loadMin: minutes,
  heatMin: minutes,
  runMin: minutes,
  closeMin: minutes,
  watts: within(limits.powerW),
  iceKg: within(limits.amount),
});

/** One charge of a day with what it takes on each still that may take it; no due moment: whenever. */
export const chargeSchema = z.object({
  id,
  readyMin: minutes,
  dueMin: minutes.optional(),
  /** mL of oil, see `DayCharge`. */
  lostPerHour: within(limits.amount).optional(),
  on: z.record(id, takesSchema),
});

/** Where a charge lies, minutes from the day's beginning. */
export const placedSchema = z.object({
  id,
  still: id,
  loadMin: minutes,
  litMin: minutes,
  firstDropMin: minutes,
  offMin: minutes,
  closeMin: minutes,
  doneMin: minutes,
});

const charges = z.array(chargeSchema).max(limits.dayCharges.max);

/** A day to be laid out: its limits, and heaps that may be shared out in several ways. */
export const dayQuestionSchema = z.object({
  lengthMin: minutes,
  hands: within(limits.hands),
  mainsW: within(limits.positive).optional(),
  ice: z.object({ kg: within(limits.amount), kgPerHour: within(limits.amount) }).optional(),
  stills: z.array(id).min(1).max(limits.dayStills.max),
  heaps: z.array(z.object({ id, splits: z.array(charges).min(1) })),
  fixed: z.array(placedSchema),
  tries: z.int().min(1).max(1e6),
});
export type DayQuestion = z.infer<typeof dayQuestionSchema>;

export const dayAnswerSchema = z.object({
  charges,
  placed: z.array(placedSchema),
  endMin: minutes,
  lateMin: z.number().min(0),
  /** What keeps the day from being done in time. */
  limit: z.enum(["watts", "hands", "ice", "mains", "daylight"]).optional(),
});
export type DayAnswer = z.infer<typeof dayAnswerSchema>;

/** A charge as the core takes it: one that is due whenever is never late. */
export function asCharge({
  dueMin = Infinity,
  ...charge
}: z.infer<typeof chargeSchema>): DayCharge {
  return { ...charge, dueMin };
}

/** The limits of a day as the core takes them: what nobody counts is never short. */
export function asLimits({
  lengthMin,
  hands,
  mainsW = Infinity,
  ice = { kg: Infinity, kgPerHour: 0 },
  stills,
  fixed,
}: Omit<DayQuestion, "heaps" | "tries">): Omit<Day, "charges"> {
  return { lengthMin, hands, mainsW, ice, stills, fixed };
}
