import { z } from "zod";
import { vesselKinds } from "@/core/separation/vesselKinds";
import { t } from "@/language/t";
import { limits, within } from "@/messages/limits";
import { recordBase, shortText } from "./base";

/** A vessel as it is told to the computation, and as a log keeps it. */
export const vesselFields = z.object({
  name: shortText.min(1, t`name: give the vessel a name`),
  vessel: z.enum(vesselKinds),
  diameterMm: within(limits.vesselMm),
  heightMm: within(limits.vesselMm),
  /** Two arms: how far oil lip and water lip are apart, and how long the arm is. */
  armStepMm: within(limits.vesselMm).optional(),
  armMm: within(limits.vesselMm).optional(),
});

/** A vessel of the person's in which oil and hydrosol part. */
export const vesselSchema = z.object({
  ...recordBase,
  kind: z.literal("vessel"),
  ...vesselFields.shape,
});
export type Vessel = z.infer<typeof vesselSchema>;
