import { z } from "zod";
import { moment } from "@/messages/moment";
import { limits, within } from "@/messages/limits";
import { id, longText, recordBase } from "./base";
import { compositionSchema } from "./composition";
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
  /** Counted on a plate, colonies that a millilitre grew. */
  coloniesPerMl: within(limits.coloniesPerMl).optional(),
  /** Measured to tell what it is: density at so many °C, refractive index, optical rotation, freezing point. */
  densityGPerMl: within(limits.oilDensity).optional(),
  refractiveIndex: within(limits.refractiveIndex).optional(),
  rotationDeg: within(limits.rotationDeg).optional(),
  freezingC: within(limits.freezingC).optional(),
  measuredAtC: within(limits.roomC).optional(),
  /** A chromatogram: mass fractions by compound, of what is known by name here. */
  shares: compositionSchema.optional(),
  /** Held against a standard of the same plant. */
  smellAgainst: z.enum(["same", "weaker", "other"]).optional(),
  note: longText.optional(),
});
export type Check = z.infer<typeof checkSchema>;
