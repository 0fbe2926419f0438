import { z } from "zod";
import { t } from "@/language/t";
import { day, moment } from "@/messages/moment";
import { filterings, fillings, preservativeNames } from "@/core/shelf/waterKeeping";
import { limits, within } from "@/messages/limits";
import { id, longText, positive, recordBase, shortText } from "./base";

export const glasses = ["amber", "blue", "green", "clear", "metal", "plastic"] as const;
export const closures = ["cap", "dropper", "spray", "pump", "cork"] as const;
export const storages = ["fridge", "cellar", "room"] as const;

/** One container of a lot. */
export const bottleSchema = z.object({
  ...recordBase,
  kind: z.literal("bottle"),
  code: shortText.min(1),
  lotId: id,
  sizeMl: positive,
  filledMl: positive,
  glass: z.enum(glasses),
  closure: z.enum(closures).optional(),
  storage: z.enum(storages),
  /** Where exactly, in the person's words. */
  place: shortText.optional(),
  /** As it was promised when it was filled; what happened since may have moved it. */
  bestBy: day,
  /** Of a water: how clean it was filled, through what, and what was added to keep it. */
  filling: z.enum(fillings).optional(),
  filtering: z.enum(filterings).optional(),
  preserved: z
    .object({ with: z.enum(preservativeNames), percent: within(limits.preservativePercent) })
    .optional(),
  /** First opened. */
  openedAt: moment.optional(),
  note: longText.optional(),
});
export type Bottle = z.infer<typeof bottleSchema>;

/** What became of an amount that was taken; theirs: handed to whom it was distilled for. */
export const useWays = ["used", "gift", "sold", "theirs", "blended", "lost", "thrownAway"] as const;
export type UseWay = (typeof useWays)[number];

/** Something taken out of a bottle, or of what of a lot is in no bottle yet. */
export const useSchema = z.object({
  ...recordBase,
  kind: z.literal("use"),
  /** Out of this bottle; else out of `lotId`. */
  bottleId: id.optional(),
  lotId: id.optional(),
  at: moment,
  amountMl: positive,
  purpose: shortText.min(1, t`purpose: say what it was for`),
  way: z.enum(useWays).optional(),
  /** Blended: the lot it went into. */
  intoLotId: id.optional(),
  /** Whom it went to, if it may be asked. */
  to: shortText.optional(),
});
export type Use = z.infer<typeof useSchema>;
