import { z } from "zod";
import { positive, recordBase, shortText } from "./base";

const share = z.number().min(0).max(1);
const words = z.string().max(300);
const state = z.object({
  oilMlPerKg: z
    .object({ low: positive, high: positive })
    .refine(({ low, high }) => low <= high, { message: "low must not be above high" }),
  moisture: z.number().min(0).lt(1),
  packingGPerL: positive,
});

/**
 * What a person knows about a plant themselves: figures of the catalogue that they changed, or a
 * plant of their own that is described by what differs from a catalogue plant.
 */
export const materialSchema = z.object({
  ...recordBase,
  kind: z.literal("material"),
  /** What harvests and runs call it: the catalogue's id for a changed plant, an own one else. */
  plantId: shortText.min(1),
  /** The catalogue plant whose figures stand where the person has none. */
  like: shortText.min(1),
  own: z
    .object({
      name: shortText.min(1),
      botanicalName: words,
      part: words,
      code: z.string().regex(/^[A-Z]{2}$/),
      moment: words,
      preparation: words,
      states: z.object({ fresh: state, wilted: state, dried: state }).partial(),
      preferredMethod: z.enum(["steam", "hydro"]),
      usualMinutes: positive,
      freeShare: share,
      releasePerMinute: z.number().gt(0).max(1),
      hazards: z.array(words).max(20),
      source: words,
    })
    .partial(),
});
export type Material = z.infer<typeof materialSchema>;
