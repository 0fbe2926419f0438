import { z } from "zod";
import { moment } from "@/messages/moment";
import { limits, within } from "@/messages/limits";
import { id, longText, recordBase } from "./base";
import { whole } from "./lists";

const checkSmells = ["asItWas", "weaker", "sharp", "sour", "musty"] as const;
const checkColours = ["asItWas", "darker", "other"] as const;
const checkClarities = ["clear", "hazy", "cloudy"] as const;
const checkSigns = ["film", "threads", "thicker", "stickyRim", "waterBelow"] as const;

/** A look, a sniff, a reading of a lot or of one of its bottles. What was not looked at stays open. */
export const checkSchema = z.object({
  ...recordBase,
  kind: z.literal("check"),
  lotId: id,
  bottleId: id.optional(),
  at: moment,
  smell: z.enum(checkSmells).optional(),
  colour: z.enum(checkColours).optional(),
  clarity: z.enum(checkClarities).optional(),
  /** What else was seen: a film, threads or flakes, thicker than it was, a sticky rim, water below. */
  signs: whole(z.array(z.enum(checkSigns)).max(checkSigns.length)).optional(),
  ph: within(limits.ph).optional(),
  note: longText.optional(),
});
export type Check = z.infer<typeof checkSchema>;
