import { z } from "zod";
import { plantStates } from "@/core/plant/plant";
import { limits, within } from "@/messages/limits";
import { day, moment } from "@/messages/moment";
import { amount, longText, positive, recordBase, shortText } from "./base";
import { keyed } from "./lists";

export const plantState = z.enum(plantStates);

export const growths = ["leaf", "bud", "firstFlowers", "fullFlower", "fading", "seed"] as const;
export const takenAwayKinds = ["stems", "pith", "spoilt", "other"] as const;
export const skies = ["sun", "cloud", "rain"] as const;

/** Plant material of one kind, one day, one place, weighed. */
export const harvestSchema = z.object({
  ...recordBase,
  kind: z.literal("harvest"),
  plantId: shortText.min(1),
  state: plantState,
  massG: positive,
  cutOn: day,
  place: shortText.optional(),
  /** From which plants, and how many: "six bushes by the wall". */
  from: shortText.optional(),
  /** What it was cut from, counted or measured: plants, m² and mm of row. */
  grewOn: z
    .object({
      plants: within(limits.plantsCut).optional(),
      areaM2: within(limits.groundM2).optional(),
      rowMm: within(limits.rowMm).optional(),
    })
    .optional(),
  /** Distilled for somebody else. */
  whose: shortText.optional(),
  /** Of what comes of it, the owner's share. */
  theirShare: within(limits.share).optional(),
  /** The owner's name stands on lot and label. */
  nameOnLabel: z.literal(true).optional(),
  growth: z.enum(growths).optional(),
  sky: z.enum(skies).optional(),
  /** Dry days before it was cut. */
  dryDays: within(limits.dryDays).optional(),
  /** Water share when it was cut, where it was dried out to know; else as is usual for the plant. */
  moisture: within(limits.moisture).optional(),
  /** Weighed again as it lay: all that was there then. */
  weighings: keyed(z.array(z.object({ at: moment, massG: positive })).max(200), "at").optional(),
  /** Taken out and not distilled, weighed: what lies here is so much less. */
  takenAway: keyed(
    z.array(z.object({ at: moment, what: z.enum(takenAwayKinds), massG: positive })).max(200),
    "at",
  ).optional(),
  /** Measures the mass came from, where it was counted and not weighed. */
  counted: z.object({ measure: shortText, count: positive }).optional(),
  note: longText.optional(),
  /** Plant that was not distilled and will not be, g. */
  setAsideG: amount.optional(),
});
export type Harvest = z.infer<typeof harvestSchema>;
export type TakenAway = NonNullable<Harvest["takenAway"]>[number];
