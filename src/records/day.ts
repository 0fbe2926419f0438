import { z } from "zod";
import { t } from "@/language/t";
import { chargeSchema, placedSchema } from "@/messages/dayMessages";
import { day } from "@/messages/moment";
import { limits, within } from "@/messages/limits";
import { amount, id, positive, recordBase, shortText } from "./base";
import { plantState } from "./harvest";
import { whole } from "./lists";

/** A time of day, `HH:MM`. */
export const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, t`a time like 07:30`);

/** Several charges laid out over one day and the stills that take them. */
export const dayRecordSchema = z.object({
  ...recordBase,
  kind: z.literal("day"),
  on: day,
  from: clock,
  until: clock,
  hands: within(limits.hands),
  /** What may be on at once, W; absent: nobody counts it. */
  mainsW: positive.optional(),
  /** Ice there in the morning; absent: nobody counts it. */
  iceKg: amount.optional(),
  freezerKgPerHour: amount.optional(),
  stillIds: whole(z.array(id).min(1).max(limits.dayStills.max)),
  /** What is to be distilled. */
  heaps: whole(
    z
      .array(
        z.object({
          id,
          harvestId: id.optional(),
          plantId: shortText.min(1),
          state: plantState,
          massG: positive,
        }),
      )
      .min(1)
      .max(limits.dayHeaps.max),
  ),
  /** The charges they were shared out in, and where each lies; one belongs to the other. */
  charges: whole(
    z
      .array(chargeSchema.extend({ heapId: id, massG: positive }))
      .min(1)
      .max(limits.dayCharges.max),
  ),
  placed: whole(
    z.array(placedSchema.extend({ held: z.literal(true).optional() })).max(limits.dayCharges.max),
  ),
});
export type DayRecord = z.infer<typeof dayRecordSchema>;
export type DayHeap = DayRecord["heaps"][number];
