import { nanoid } from "nanoid";
import { z } from "zod";

/** A moment as ISO 8601 with its offset or Z: unaffected by the device's time zone. */
export const moment = z.iso.datetime({ offset: true });
/** A day, `YYYY-MM-DD`, as the person's calendar has it. */
export const day = z.iso.date();
export const id = z.string().min(1).max(80);
export const shortText = z.string().max(200);
export const longText = z.string().max(5000);
/** A finite number of at least 0. */
export const amount = z.number().min(0).max(1e7);
/** A finite number above 0. */
export const positive = z.number().gt(0).max(1e7);

/** What every record carries. `version` is that of its kind's schema. */
export const recordBase = {
  id,
  version: z.literal(1),
  createdAt: moment,
  updatedAt: moment,
  /** Set while the record lies in the bin; it can be brought back for 30 days. */
  deletedAt: moment.optional(),
};

/** A new record's common part. Ids come from the browser's random source, also off https. */
export function newRecord<K extends string>(
  kind: K,
  at: Date,
): { kind: K; id: string; version: 1; createdAt: string; updatedAt: string } {
  const now = at.toISOString();
  return { kind, id: nanoid(), version: 1, createdAt: now, updatedAt: now };
}
