import { z } from "zod";
import { amount, positive, recordBase, shortText } from "./base";

/** A person's still: enough to draw it and to compute with it. */
export const stillSchema = z.object({
  ...recordBase,
  kind: z.literal("still"),
  name: shortText.min(1, "name: give the still a name"),
  construction: z.enum(["basketPot", "flask", "separateVessel"]),
  metal: z.enum(["copper", "stainless", "glass", "aluminium"]),
  potVolumeMl: positive,
  potDiameterMm: positive,
  basket: z.object({ floorMm: positive, volumeMl: positive, diameterMm: positive }).optional(),
  vessel: z.object({ volumeMl: positive, diameterMm: positive }).optional(),
  dryLineMl: amount,
  emptyMassG: positive,
  heat: z.object({
    kind: z.enum(["element", "induction", "plate", "gas", "externalSteam"]),
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
});
export type Still = z.infer<typeof stillSchema>;
