import { z } from "zod";
import { deviceLanguage, measuresInOunces } from "@/core/units/language";
import { t } from "@/language/t";
import { moment } from "@/messages/moment";
import { recordBase, shortText } from "./base";
import { whole } from "./lists";
import { planDraftSchema } from "./planDraft";
import { limits, within } from "@/messages/limits";

const months = within(limits.keepingMonths);
const stays = within(limits.share);
const longer = within(limits.longer);
const days = within(limits.keepingDays);

/** The figures of the keeping rule, each as far as it may be changed. */
const keepingRuleSchema = z.object({
  shortMonths: months,
  middlingMonths: months,
  longMonths: months,
  cellar: stays,
  room: stays,
  clearGlass: stays,
  plastic: stays,
  air: stays,
  openedOil: stays,
  openedHydrosol: stays,
  waterMonths: months,
  waterCellar: stays,
  waterRoom: stays,
  waterSour: longer,
  waterStrong: longer,
  waterBoiled: longer,
  waterHot: longer,
  waterFine: longer,
  openDays: days,
  preservedMonths: months,
  liquorDays: days,
});

export const mostSearches = 24;
export const mostFavourites = 100;

/** A search of a list that is one tap away: what was typed, which part, by what it is sorted. */
const savedSearchSchema = z.object({
  list: z.enum(["runs", "harvests", "shelf", "plants"]),
  text: shortText,
  filter: z.string().max(30),
  sort: z.string().max(30),
  down: z.boolean(),
});
export type SavedSearch = z.infer<typeof savedSearchSchema>;

/** The one record of preferences; its id is always `preferences`. */
export const settingSchema = z.object({
  ...recordBase,
  kind: z.literal("setting"),
  units: z.enum(["metric", "us"]),
  theme: z.enum(["system", "day", "night"]),
  site: z.object({
    altitudeM: within(limits.altitudeM),
    airC: within(limits.roomC),
    waterC: within(limits.feedC),
    coolingInC: within(limits.coolingC),
    /** The water's hardness as calcium carbonate, mg/L. */
    hardnessMgPerL: within(limits.hardnessMgPerL).optional(),
  }),
  prices: z
    .object({
      currency: z.string().max(5, t`the sign of your money has at most five letters`),
      electricityPerKWh: within(limits.price).optional(),
      gasPerKg: within(limits.price).optional(),
      oilPerMl: within(limits.price).optional(),
    })
    .optional(),
  /** Sound and vibration on cues; absent until the person was asked. */
  cueSound: z.boolean().optional(),
  /** What comes due is told by the device's own notices. */
  dueNotices: z.literal(true).optional(),
  /** No sound until then. */
  quietUntil: moment.optional(),
  /** Where the still stands, degrees north and east, where the person told it: for dusk alone. */
  place: z
    .object({
      latitude: within(limits.latitude),
      longitude: within(limits.longitude),
    })
    .optional(),
  /** Drops of oil that make a millilitre with the person's own dropper. */
  dropsPerMl: within(limits.dropsPerMl).optional(),
  /** What of the usual keeping rule the person has changed. */
  keepingRule: keepingRuleSchema.partial().optional(),
  /** What the person sets for the costs, beside energy and oil. */
  costs: z
    .object({
      plantPerKg: within(limits.price),
      waterPerL: within(limits.price),
      icePerKg: within(limits.price),
      bottleEach: within(limits.price),
      hourOfWork: within(limits.price),
      hydrosolPerL: within(limits.price),
    })
    .partial()
    .optional(),
  /** Who makes it, as it stands on the label of what is sold. */
  maker: z.object({ name: shortText, address: shortText }).optional(),
  /** The cockpit's own light. */
  cockpitLight: z.enum(["auto", "day", "night"]).optional(),
  /** Single letters as keys on a wide screen; on where absent. */
  letterKeys: z.literal(false).optional(),
  /** When the whole logbook was last saved as a file, and until when the reminder of it is put off. */
  backedUpAt: moment.optional(),
  backupAskedAfter: moment.optional(),
  /** How the columns of a table of past runs were matched, by its header. */
  pastColumns: z.record(z.string().max(2000), z.record(shortText, shortText)).optional(),
  /** How a probe's columns were matched, by the header they came with. */
  probeColumns: z.record(z.string().max(2000), z.record(shortText, shortText)).optional(),
  /** The moon's phase is shown at harvest. */
  moon: z.literal(true).optional(),
  /** Searches of lists that were saved, the latest first: one value, or what was removed here would come back. */
  searches: whole(z.array(savedSearchSchema).max(mostSearches)).optional(),
  /** Plants that stand first in every list of plants, by their ids. */
  favourites: whole(z.array(shortText).max(mostFavourites)).optional(),
  /** What stands in the plan's fields, so that a reload does not empty them. */
  planDraft: planDraftSchema.optional(),
});
export type Setting = z.infer<typeof settingSchema>;

export const preferencesId = "preferences";

/** Preferences before the person has set any: the units of the device's language, near the sea, a mild room. */
export function defaultPreferences(): Setting {
  const epoch = new Date(0).toISOString();
  return {
    kind: "setting",
    id: preferencesId,
    version: 1,
    createdAt: epoch,
    updatedAt: epoch,
    units: measuresInOunces(deviceLanguage()) ? "us" : "metric",
    theme: "system",
    site: { altitudeM: 100, airC: 18, waterC: 14, coolingInC: 14 },
  };
}
