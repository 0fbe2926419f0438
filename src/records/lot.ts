import { z } from "zod";
import { amount, day, id, longText, recordBase, shortText } from "./base";

/** A product of one or more runs. */
export const lotSchema = z.object({
  ...recordBase,
  kind: z.literal("lot"),
  code: shortText.min(1),
  product: z.enum(["oil", "hydrosol"]),
  /** The first cut of a hydrosol kept apart. */
  firstCut: z.literal(true).optional(),
  plantId: shortText.min(1),
  runIds: z.array(id).min(1).max(500),
  madeOn: day,
  volumeMl: amount,
  look: shortText.optional(),
  smell: shortText.optional(),
  ph: z.number().min(0).max(14).optional(),
  note: longText.optional(),
});
export type Lot = z.infer<typeof lotSchema>;
