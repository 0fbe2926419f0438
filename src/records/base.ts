import { nanoid } from "nanoid";
import { z } from "zod";
import { t } from "@/language/t";
import { moment } from "@/messages/moment";
import { limits, within } from "@/messages/limits";

/**
 * What names a record: letters, digits, _ and -, in older logbooks also dots and spaces, and never a name that every
 * JavaScript object has of its own, so that no look-up by it can find anything else.
 */
export const id = z
  .string()
  .regex(
    /^(?=.*[A-Za-z0-9_-])[A-Za-z0-9_. -]{1,80}$/,
    t`an id is 1 to 80 letters, digits, dots, spaces, _ or -`,
  )
  .refine((text) => !(text in Object.prototype), t`this id is a word of the language`);
export const shortText = z.string().max(200);
export const longText = z.string().max(5000);
/** A finite number of at least 0. */
export const amount = within(limits.amount);
/** A finite number above 0. */
export const positive = within(limits.positive);

/** How the ids of the demonstration's records begin; nobody's own do. */
export const demoId = /^demo-/;

/** The version of a kind's schema where it is no longer the first: raised together with a step in `migrate.ts`. */
export const raisedVersions = { empty: 2, run: 2 } as const;
type VersionOf<K extends string> = K extends keyof typeof raisedVersions
  ? (typeof raisedVersions)[K]
  : 1;

/** The version that records of a kind are written in here. */
export function versionOf<K extends string>(kind: K): VersionOf<K> {
  const raised: Record<string, number> = raisedVersions;
  return (Object.hasOwn(raised, kind) ? raised[kind] : 1) as VersionOf<K>;
}

/** What every record carries. `version` is that of its kind's schema. */
export const recordBase = {
  id,
  version: z.literal(1),
  createdAt: moment,
  updatedAt: moment,
  /** Set while the record lies in the bin; it can be brought back for 30 days. */
  deletedAt: moment.optional(),
};

/** A new id, from the browser's random source, also off https. */
export function newId(): string {
  return nanoid();
}

/** A new record's common part. */
export function newRecord<K extends string>(
  kind: K,
  at: Date,
): { kind: K; id: string; version: VersionOf<K>; createdAt: string; updatedAt: string } {
  const now = at.toISOString();
  return { kind, id: newId(), version: versionOf(kind), createdAt: now, updatedAt: now };
}
