import { z } from "zod";
import { plantStates, tissues } from "@/core/plant/plant";
import { keepingClasses } from "@/core/shelf/bestBy";
import { t } from "@/language/t";
import { positive, recordBase, shortText } from "./base";
import { compositionSchema } from "./composition";
import { whole } from "./lists";
import { limits, within } from "@/messages/limits";

const share = within(limits.share);
const words = z.string().max(300);
const state = z.object({
  oilMlPerKg: z
    .object({ low: positive, high: positive })
    .refine(({ low, high }) => low <= high, { message: t`low must not be above high` }),
  moisture: z.number().min(0).lt(1),
  packingGPerL: positive,
});

const waterRatio = within(limits.waterRatio);

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
  /** The plants of a mixed charge and their parts of its mass; its figures were worked out from them. */
  mixOf: whole(
    z
      .array(
        z.object({
          plantId: shortText.min(1),
          state: z.enum(plantStates),
          share: positive,
          /** The book's plant that a part of one's own stands on: its cautions hold when the own one is gone. */
          like: shortText.min(1).optional(),
        }),
      )
      .min(2)
      .max(6),
  ).optional(),
  own: z
    .object({
      name: shortText.min(1),
      botanicalName: words,
      part: words,
      code: z.string().regex(/^[A-Z]{2}$/),
      moment: words,
      preparation: words,
      /** A state that is null is not known of this plant, whatever the like one has. */
      states: z
        .object({ fresh: state.nullable(), wilted: state.nullable(), dried: state.nullable() })
        .partial(),
      preferredMethod: z.enum(["steam", "hydro"]),
      methodReason: words,
      waterMlPerG: z.object({ fresh: waterRatio, dried: waterRatio }),
      froths: z.boolean(),
      mats: z.boolean(),
      tissue: z.enum(tissues),
      usualMinutes: positive,
      freeShare: share,
      releasePerMinute: within(limits.release),
      composition: compositionSchema,
      /** null: the oil does not set, though that of the like plant does. */
      setsBelowC: within(limits.setsBelowC).nullable(),
      keeping: z.enum(keepingClasses),
      oilLook: words,
      hydrosolLook: words,
      hydrosolWorth: words,
      hazards: z.array(words).max(20),
      source: words,
    })
    .partial(),
});
export type Material = z.infer<typeof materialSchema>;
