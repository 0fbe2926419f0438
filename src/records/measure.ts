import { z } from "zod";
import { t } from "@/language/t";
import { positive, recordBase, shortText } from "./base";

/** Something the person fills rather than weighs, weighed once: "basketful", "handful". */
export const measureSchema = z.object({
  ...recordBase,
  kind: z.literal("measure"),
  name: shortText.min(1, t`name: give the measure a name`),
  massG: positive,
  /** The plant it was weighed with; any plant where absent. */
  plantId: shortText.optional(),
});
export type Measure = z.infer<typeof measureSchema>;
