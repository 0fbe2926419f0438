import { z } from "zod";
import { products } from "@/core/shelf/products";
import { day } from "@/messages/moment";
import { amount, id, longText, recordBase, shortText } from "./base";
import { limits, within } from "@/messages/limits";
import { whole } from "./lists";

/** A product of one or more runs, of other lots blended, or bought for comparison. */
export const lotSchema = z.object({
  ...recordBase,
  kind: z.literal("lot"),
  code: shortText.min(1),
  product: z.enum(products),
  /** The first cut of a hydrosol kept apart. */
  firstCut: z.literal(true).optional(),
  /** Which jar of its run it was, and the distillate that went into it, mL. */
  jar: z
    .object({ number: z.int().min(1).max(limits.mostJars.max), fromMl: amount, toMl: amount })
    .optional(),
  /** The plant, of a blend that of its largest part. */
  plantId: shortText.min(1),
  /** The runs it came of; none for a blend, whose parts are uses that say so, and for a bought one. */
  runIds: whole(z.array(id).max(500)),
  origin: z.enum(["blend", "bought"]).optional(),
  /** A name of its own: a blend's, a bought one's. */
  name: shortText.optional(),
  /** Where a bought one is from, and what it cost. */
  boughtFrom: shortText.optional(),
  paid: within(limits.price).optional(),
  madeOn: day,
  volumeMl: amount,
  look: shortText.optional(),
  smell: shortText.optional(),
  ph: within(limits.ph).optional(),
  note: longText.optional(),
});
export type Lot = z.infer<typeof lotSchema>;
