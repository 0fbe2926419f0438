import { z } from "zod";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import { moment } from "@/messages/moment";
import { id, recordBase, shortText } from "./base";
import { keyed } from "./lists";

const code = z.string().regex(/^[1-9]\d{2}$/);
const side = z.enum(["a", "b"]);

/** A blind sniff: rounds of three coded strips, two of them alike; which is the other? */
export const sniffSchema = z.object({
  ...recordBase,
  kind: z.literal("sniff"),
  /** What is compared: "at once", "wilted overnight". */
  a: shortText.min(1, t`a: say what the one is`),
  b: shortText.min(1, t`b: say what the other is`),
  /** Somebody else lays the strips out. */
  withHelper: z.boolean(),
  /** The trial whose oils or hydrosols they are. */
  trialId: id.optional(),
  rounds: keyed(
    z
      .array(
        z.object({
          at: moment,
          strips: z.array(z.object({ code, of: side })).length(3),
          /** What lies where is not shown any more. */
          laidOut: z.literal(true).optional(),
          /** The code that was taken for the odd one; absent while the round is under way. */
          said: code.optional(),
          liked: z.enum(["odd", "alike", "neither"]).optional(),
        }),
      )
      .max(limits.mostSniffs.max),
    "at",
  ),
  closedAt: moment.optional(),
});
export type Sniff = z.infer<typeof sniffSchema>;
export type SniffRound = Sniff["rounds"][number];
