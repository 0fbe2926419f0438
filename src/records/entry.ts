import { z } from "zod";
import { moment } from "@/messages/moment";
import { amount, id, longText, positive, shortText } from "./base";
import { limits, within } from "@/messages/limits";
import { vesselFields } from "./vessel";

/* One thing that happened at the still. Entries are only ever added: a correction is an entry too. */
const common = {
  id,
  at: moment,
  note: longText.optional(),
  /** The device it was noted on, where more than one shares the logbook. */
  by: shortText.optional(),
};

const readingFields = {
  headC: within(limits.headC).optional(),
  outletC: within(limits.headC).optional(),
  tubC: within(limits.tubC).optional(),
  /** Cooling water as it leaves a jacket. */
  coolingOutC: within(limits.tubC).optional(),
  /** All distillate so far, mL. */
  distillateMl: amount.optional(),
  /** Drip rate, mL/min. */
  rateMlPerMin: amount.optional(),
  /** Visible oil in the receiver, mL. */
  oilMl: amount.optional(),
};

const spentFields = {
  smell: shortText.optional(),
  colour: shortText.optional(),
  wetness: z.enum(["dry", "moist", "sodden"]).optional(),
  /** The liquid left in the pot was kept. */
  liquorKept: z.boolean().optional(),
  /** What still ran out after the heat was off, mL. */
  tailMl: amount.optional(),
};

const resultFields = {
  /** Not told while it stays open: it may be measured later. */
  oilMl: amount.optional(),
  /** The oil was measured from a picture that hangs on the run, with its range, mL. */
  oilFrom: z.object({ pictureId: id, lowMl: amount, highMl: amount }).optional(),
  hydrosolMl: amount.optional(),
  /** Part of the hydrosol kept apart as the first cut, mL. */
  firstCutMl: amount.optional(),
  /** Liquid from the pot that is kept, mL. */
  liquorMl: amount.optional(),
  /** Measured density of the oil, g/mL. */
  oilDensityGPerMl: within(limits.oilDensity).optional(),
  look: shortText.optional(),
  smell: shortText.optional(),
  ph: within(limits.ph).optional(),
  /** The hydrosol jar by jar, the first first; where they are told they sum to all of it. */
  jars: z
    .array(z.object({ volumeMl: amount, oilMl: amount.optional() }))
    .max(limits.mostJars.max)
    .optional(),
  /** Poured together with other runs: which, this one among them, and by what each has its share. */
  pool: z
    .object({ runIds: z.array(id).min(2).max(20), by: z.enum(["forecast", "charge"]) })
    .optional(),
  hydrosolLook: shortText.optional(),
  hydrosolSmell: shortText.optional(),
};

export const entrySchema = z.discriminatedUnion("type", [
  z.object({
    ...common,
    type: z.literal("lit"),
    /** Checks that were still open, and why it was lit all the same. */
    open: z.array(shortText).max(60).optional(),
    reason: shortText.optional(),
  }),
  z.object({ ...common, type: z.literal("boiling") }),
  z.object({ ...common, type: z.literal("firstDrop") }),
  z.object({ ...common, type: z.literal("reading"), ...readingFields }),
  z.object({ ...common, type: z.literal("jarSwapped"), jarMl: positive.optional() }),
  z.object({ ...common, type: z.literal("waterAdded"), volumeMl: positive }),
  z.object({ ...common, type: z.literal("iceAdded"), massG: positive }),
  /** Under a bowl still's lid: melt water taken off and ice put on; or a look at the bowl. */
  z.object({ ...common, type: z.literal("lidTended") }),
  z.object({ ...common, type: z.literal("looked") }),
  z.object({ ...common, type: z.literal("heatChanged"), powerW: amount }),
  z.object({ ...common, type: z.literal("trouble"), what: shortText.min(1) }),
  /** The stop was moved: minutes after the first drop, and why. */
  z.object({ ...common, type: z.literal("stopMoved"), minutes: amount, reason: shortText }),
  z.object({ ...common, type: z.literal("heatOff") }),
  z.object({ ...common, type: z.literal("spent"), ...spentFields }),
  z.object({ ...common, type: z.literal("note") }),
  /** Poured into a vessel to part, at such a warmth, with so much salt. */
  z.object({
    ...common,
    type: z.literal("settling"),
    vessel: vesselFields,
    temperatureC: within(limits.settlingC),
    saltGPerL: within(limits.saltGPerL),
  }),
  z.object({ ...common, type: z.literal("separated"), ...resultFields }),
  /** Oil that was drawn off later: it adds to what was measured. */
  z.object({ ...common, type: z.literal("drawnOff"), oilMl: amount }),
  /** Corrects an earlier entry: its moment, its fields, or that it happened at all. */
  z.object({
    ...common,
    type: z.literal("amendment"),
    of: id,
    struck: z.literal(true).optional(),
    change: z
      .object({
        at: moment,
        note: longText,
        volumeMl: positive,
        massG: positive,
        powerW: amount,
        ...readingFields,
        ...resultFields,
      })
      .partial()
      .optional(),
  }),
]);
export type Entry = z.infer<typeof entrySchema>;
export type Reading = Extract<Entry, { type: "reading" }>;
export type Separated = Extract<Entry, { type: "separated" }>;
