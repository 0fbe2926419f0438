import { z } from "zod";
import { day, moment } from "@/messages/moment";
import { id, longText, positive, recordBase, shortText } from "./base";

/** One container of a lot. */
export const bottleSchema = z.object({
  ...recordBase,
  kind: z.literal("bottle"),
  code: shortText.min(1),
  lotId: id,
  sizeMl: positive,
  filledMl: positive,
  glass: z.enum(["amber", "blue", "green", "clear", "metal", "plastic"]),
  storage: z.enum(["fridge", "cellar", "room"]),
  /** Where exactly, in the person's words. */
  place: shortText.optional(),
  bestBy: day,
  note: longText.optional(),
});
export type Bottle = z.infer<typeof bottleSchema>;

/** Something taken out of a bottle. */
export const useSchema = z.object({
  ...recordBase,
  kind: z.literal("use"),
  bottleId: id,
  at: moment,
  amountMl: positive,
  purpose: shortText.min(1, "purpose: say what it was for"),
});
export type Use = z.infer<typeof useSchema>;
