import { z } from "zod";
import { plantStates } from "@/core";
import { day } from "@/messages/moment";
import { amount, longText, positive, recordBase, shortText } from "./base";

export const plantState = z.enum(plantStates);

/** Plant material of one kind, one day, one place, weighed. */
export const harvestSchema = z.object({
  ...recordBase,
  kind: z.literal("harvest"),
  plantId: shortText.min(1),
  state: plantState,
  massG: positive,
  cutOn: day,
  place: shortText.optional(),
  /** Measures the mass came from, where it was counted and not weighed. */
  counted: z.object({ measure: shortText, count: positive }).optional(),
  note: longText.optional(),
  /** Plant that was not distilled and will not be, g. */
  setAsideG: amount.optional(),
});
export type Harvest = z.infer<typeof harvestSchema>;
