import { z } from "zod";
import { amount, id, longText, moment, positive, shortText } from "./base";

/* One thing that happened at the still. Entries are only ever added: a correction is an entry too. */
const common = { id, at: moment, note: longText.optional() };

const readingFields = {
  headC: z.number().min(-30).max(150).optional(),
  outletC: z.number().min(-30).max(150).optional(),
  /** All distillate so far, mL. */
  distillateMl: amount.optional(),
};

const resultFields = {
  oilMl: amount,
  hydrosolMl: amount,
  /** Part of the hydrosol kept apart as the first cut, mL. */
  firstCutMl: amount.optional(),
  /** Measured density of the oil, g/mL. */
  oilDensityGPerMl: z.number().gt(0.5).max(1.5).optional(),
  look: shortText.optional(),
  smell: shortText.optional(),
  ph: z.number().min(0).max(14).optional(),
};

export const entrySchema = z.discriminatedUnion("type", [
  z.object({ ...common, type: z.literal("lit") }),
  z.object({ ...common, type: z.literal("boiling") }),
  z.object({ ...common, type: z.literal("firstDrop") }),
  z.object({ ...common, type: z.literal("reading"), ...readingFields }),
  z.object({ ...common, type: z.literal("jarSwapped"), jarMl: positive.optional() }),
  z.object({ ...common, type: z.literal("waterAdded"), volumeMl: positive }),
  z.object({ ...common, type: z.literal("heatOff") }),
  z.object({ ...common, type: z.literal("note") }),
  z.object({ ...common, type: z.literal("separated"), ...resultFields }),
  /** Corrects an earlier entry: its moment, its fields, or that it happened at all. */
  z.object({
    ...common,
    type: z.literal("amendment"),
    of: id,
    struck: z.literal(true).optional(),
    change: z
      .object({ at: moment, note: longText, volumeMl: positive, ...readingFields, ...resultFields })
      .partial()
      .optional(),
  }),
]);
export type Entry = z.infer<typeof entrySchema>;
export type EntryType = Entry["type"];
export type Reading = Extract<Entry, { type: "reading" }>;
export type Separated = Extract<Entry, { type: "separated" }>;
