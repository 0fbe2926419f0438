import { z } from "zod";
import { limits } from "@/messages/limits";
import { moment } from "@/messages/moment";
import { id } from "./base";

/** How a picture is written: what every browser can make small. */
const pictureTypes = ["image/jpeg", "image/webp"] as const;

/** A picture of a harvest, made small; kept apart from the records, like samples. */
export const pictureSchema = z.object({
  id,
  harvestId: id,
  at: moment,
  type: z.enum(pictureTypes),
  widthPx: z.int().min(1).max(limits.pictureSidePx.max),
  heightPx: z.int().min(1).max(limits.pictureSidePx.max),
  /** The picture itself, base64. */
  data: z
    .string()
    .min(1)
    .max(limits.pictureLetters.max)
    .regex(/^[A-Za-z0-9+/]+={0,2}$/),
});
export type Picture = z.infer<typeof pictureSchema>;

/** A picture's address for an image on the page. */
export function pictureHref({ type, data }: Pick<Picture, "type" | "data">): string {
  return `data:${type};base64,${data}`;
}
