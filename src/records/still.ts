import { z } from "zod";
import { heatKinds } from "@/core";
import { moment } from "@/messages/moment";
import { amount, positive, recordBase, shortText } from "./base";
import { limits, within } from "@/messages/limits";

/** A person's still: enough to draw it and to compute with it. */
export const stillSchema = z.object({
  ...recordBase,
  kind: z.literal("still"),
  name: shortText.min(1, "name: give the still a name"),
  construction: z.enum(["basketPot", "flask", "separateVessel", "cohobating", "bowl"]),
  metal: z.enum(["copper", "stainless", "glass", "aluminium"]),
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
  head: z.enum(["swanNeck", "dome", "column", "packedColumn"]).optional(),
  condenser: z
    .discriminatedUnion("kind", [
      z.object({ kind: z.literal("tubCoil"), tubL: positive, iceKg: amount }),
      z.object({ kind: z.literal("recirculated"), tubL: positive, iceKg: amount }),
      z.object({ kind: z.literal("tap"), riseK: positive }),
      z.object({ kind: z.literal("iceLid"), iceKg: amount }),
    ])
    .optional(),
  /** Receivers beside the usual jar, the one in use first. */
  receivers: z
    .array(
      z.object({
        kind: z.enum(["jar", "tube", "twoArm", "twoArmHeavy", "funnel"]),
        diameterMm: positive,
        volumeMl: positive,
        lipStepMm: positive.optional(),
      }),
    )
    .max(8)
    .optional(),
  /** Checks that do not exist on this still. */
  notHere: z.array(shortText).max(40).optional(),
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
