import { z } from "zod";
import { t } from "@/language/t";

/** What two devices share messages by; from their key, which the relay never has. */
export const lineId = z
  .string()
  .regex(/^[0-9a-f]{32}$/, t`a line is named by 32 digits and letters a to f`);
/** A device's own name on a line, by chance. */
export const deviceId = z.string().regex(/^[\w-]{8,40}$/, t`a device is named by 8 to 40 letters`);

/** The longest sealed message, in characters of base64. */
export const longestSealed = 4_200_000;

/** A sealed message on its way: who sent it, and what nobody but the other device can read. */
export const sealedMessageSchema = z.object({
  from: deviceId,
  sealed: z
    .string()
    .min(40)
    .max(longestSealed)
    .regex(/^[A-Za-z0-9+/]+=*$/, t`a sealed message is base64`),
  /** For a device that is away too; without it only who listens just now gets it. */
  keep: z.boolean(),
});
export type SealedMessage = z.infer<typeof sealedMessageSchema>;

/** What the relay tells a device that listens. */
export const relayEventSchema = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("message"), ...sealedMessageSchema.omit({ keep: true }).shape }),
  /** Who else listens on the line just now. */
  z.object({ kind: z.literal("present"), devices: z.array(deviceId).max(20) }),
  /** Nothing but that the line still stands, every ten seconds. */
  z.object({ kind: z.literal("beat") }),
  /** The line was ended from the other side. */
  z.object({ kind: z.literal("ended") }),
]);
/** How often a line says that it stands, ms. */
export const beatMs = 10_000;
export type RelayEvent = z.infer<typeof relayEventSchema>;

/** What the relay says of itself: under which addresses another device finds this server. */
export const relayInfoSchema = z.object({
  relay: z.literal(1),
  addresses: z.array(z.url()).max(50),
});
