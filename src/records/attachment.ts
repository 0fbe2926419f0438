import { z } from "zod";
import { limits } from "@/messages/limits";
import { moment } from "@/messages/moment";
import { id } from "./base";

/** How a picture is written: what every browser can make small. */
const pictureTypes = ["image/jpeg", "image/webp"] as const;
/** How a spoken note is written: as the browser recorded it. */
export const recordingTypes = ["audio/webm", "audio/ogg", "audio/mp4"] as const;

const base64 = (longest: number) =>
  z
    .string()
    .min(1)
    .max(longest)
    .regex(/^[A-Za-z0-9+/]+={0,2}$/);

const attached = {
  id,
  /** The record it hangs on: a run, a lot, a check, a still, a harvest. */
  ofId: id,
  /** The entry of that run's log, where it hangs on one. */
  entryId: id.optional(),
  at: moment,
};

/** A picture, made small; kept apart from the records, like samples. */
export const pictureSchema = z.object({
  ...attached,
  type: z.enum(pictureTypes),
  widthPx: z.int().min(1).max(limits.pictureSidePx.max),
  heightPx: z.int().min(1).max(limits.pictureSidePx.max),
  data: base64(limits.pictureLetters.max),
});
export type Picture = z.infer<typeof pictureSchema>;

/** A spoken note, as it was recorded. */
export const recordingSchema = z.object({
  ...attached,
  type: z.enum(recordingTypes),
  seconds: z.number().min(0).max(limits.recordingSeconds.max),
  data: base64(limits.recordingLetters.max),
});
export type Recording = z.infer<typeof recordingSchema>;

export const attachmentSchema = z.discriminatedUnion("type", [pictureSchema, recordingSchema]);
/** What hangs on a record without being one. */
export type Attachment = z.infer<typeof attachmentSchema>;

export function isPicture(attachment: Attachment): attachment is Picture {
  return "widthPx" in attachment;
}

/** An attachment as it was stored or came in; pictures once named the harvest that they hang on. */
export function openAttachment(raw: unknown): Attachment | undefined {
  const read = attachmentSchema.safeParse(named(raw));
  return read.success ? read.data : undefined;
}

function named(raw: unknown): unknown {
  if (typeof raw !== "object" || raw === null || !("harvestId" in raw)) return raw;
  const { harvestId, ...rest } = raw;
  return { ofId: harvestId, ...rest };
}

/** An attachment's address for an image or a player on the page. */
export function attachmentHref({ type, data }: Pick<Attachment, "type" | "data">): string {
  return `data:${type};base64,${data}`;
}
