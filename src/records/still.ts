import { z } from "zod";
import { receiverKinds } from "@/core/separation/receivers";
import { constructionKinds } from "@/core/still/constructions";
import { heatKinds } from "@/core/still/heatSources";
import { metalKinds } from "@/core/still/metal";
import { trapKinds } from "@/core/still/traps";
import { t } from "@/language/t";
import { condenserSchema } from "@/messages/condenser";
import { moment } from "@/messages/moment";
import { amount, positive, recordBase, shortText } from "./base";
import { limits, within } from "@/messages/limits";
import { whole } from "./lists";

/** What leads the vapour over. */
export const headKinds = ["dome", "swanNeck", "column", "packedColumn"] as const;

/** A person's still: enough to draw it and to compute with it. */
export const stillSchema = z.object({
  ...recordBase,
  kind: z.literal("still"),
  name: shortText.min(1, t`name: give the still a name`),
  construction: z.enum(constructionKinds),
  metal: z.enum(metalKinds),
  potVolumeMl: positive,
  potDiameterMm: positive,
  basket: z.object({ floorMm: positive, volumeMl: positive, diameterMm: positive }).optional(),
  vessel: z.object({ volumeMl: positive, diameterMm: positive }).optional(),
  bowl: z.object({ floorMm: positive, volumeMl: positive, diameterMm: positive }).optional(),
  dryLineMl: amount,
  emptyMassG: positive,
  heat: z.object({
    kind: z.enum(heatKinds),
    powerW: positive,
    /** Share of the power that reaches the pot, where it was measured. */
    efficiency: z.number().gt(0).max(1).optional(),
  }),
  /** Measured loss to the room, W/K. */
  lossWPerK: amount.optional(),
  /** Oil that stays on the tubes, mL. */
  holdUpMl: amount,
  /** What the usual receiving jar holds, mL. */
  jarMl: positive,
  /** What leads the vapour over. */
  head: z.enum(headKinds).optional(),
  condenser: condenserSchema.optional(),
  /** The tube in which vapour condenses: its length and inside width. */
  tube: z.object({ lengthMm: positive, diameterMm: positive }).optional(),
  /** A pot that locks: the person has said that nothing shuts it while it distils. */
  ventsFreely: z.literal(true).optional(),
  /** Of a trap whose water runs back: which oils it keeps; those that float where absent. */
  trapKeeps: z.enum(trapKinds).optional(),
  /** Receivers beside the usual jar, the one in use first. */
  receivers: whole(
    z
      .array(
        z.object({
          kind: z.enum(receiverKinds),
          diameterMm: positive,
          volumeMl: positive,
          lipStepMm: positive.optional(),
        }),
      )
      .max(8),
  ).optional(),
  /** Checks that do not exist on this still. */
  notHere: whole(z.array(shortText).max(40)).optional(),
  /** The run with water that its efficiency and loss come from. */
  calibration: z
    .object({
      on: moment,
      waterMl: positive,
      startC: within(limits.startC),
      minutesToBoil: positive,
      rateMlPerMin: positive,
    })
    .optional(),
});
export type Still = z.infer<typeof stillSchema>;
/** What a still is, without the record that keeps it. */
export type BareStill = Omit<
  Still,
  "kind" | "id" | "version" | "createdAt" | "updatedAt" | "deletedAt"
>;
