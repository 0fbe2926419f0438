import { z } from "zod";
import { moment } from "@/messages/moment";
import { recordBase, shortText } from "./base";

/** What the person said of something due: done, or put off. What is due itself is worked out. */
export const dutySchema = z.object({
  ...recordBase,
  kind: z.literal("duty"),
  /** Which: its key, as it is worked out each time. */
  of: shortText.min(1),
  doneAt: moment.optional(),
  putOffUntil: moment.optional(),
});
export type Duty = z.infer<typeof dutySchema>;
