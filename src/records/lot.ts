import { z } from "zod";
import { day } from "@/messages/moment";
import { amount, id, longText, recordBase, shortText } from "./base";
import { limits, within } from "@/messages/limits";

/** A product of one or more runs. */
export const lotSchema = z.object({
  ...recordBase,
  kind: z.literal("lot"),
  code: shortText.min(1),
  product: z.enum(["oil", "hydrosol"]),
  /** The first cut of a hydrosol kept apart. */
  firstCut: z.literal(true).optional(),
  /** Which jar of its run it was, and the distillate that went into it, mL. */
  jar: z
    .object({ number: z.int().min(1).max(limits.mostJars.max), fromMl: amount, toMl: amount })
    .optional(),
  plantId: shortText.min(1),
  runIds: z.array(id).min(1).max(500),
  madeOn: day,
  volumeMl: amount,
  look: shortText.optional(),
  smell: shortText.optional(),
  ph: within(limits.ph).optional(),
  note: longText.optional(),
});
export type Lot = z.infer<typeof lotSchema>;
