import { z } from "zod";

const recordKeyText = z.string().min(3).max(300);
const hash = z.string().max(32);

/** How many groups a logbook's records fall into for comparing. */
export const groupCount = 64;

/** What one device tells the other on their line; sealed on its way. Records are checked one by one when taken. */
export const peerMessageSchema = z.discriminatedUnion("kind", [
  /** I am here: the sum of each group of my records. `again`: answer with your own. */
  z.object({
    kind: z.literal("hello"),
    name: z.string().min(1).max(60),
    groups: z.array(hash).length(groupCount),
    again: z.boolean(),
  }),
  /** What I have in groups in which we differ, each with its sum. */
  z.object({
    kind: z.literal("have"),
    groups: z
      .array(
        z
          .int()
          .min(0)
          .max(groupCount - 1),
      )
      .max(groupCount),
    records: z.array(z.tuple([recordKeyText, hash])).max(20_000),
  }),
  z.object({ kind: z.literal("want"), keys: z.array(recordKeyText).max(20_000) }),
  z.object({ kind: z.literal("records"), records: z.array(z.unknown()).max(5_000) }),
  /** I have taken these just as you sent them. */
  z.object({
    kind: z.literal("got"),
    records: z.array(z.tuple([recordKeyText, hash])).max(20_000),
  }),
  /** Pictures and spoken notes that I know of: each one's name, since when, and whether it was removed. */
  z.object({
    kind: z.literal("attachments"),
    known: z.array(z.tuple([z.string().min(3).max(400), z.number(), z.boolean()])).max(20_000),
  }),
  z.object({
    kind: z.literal("wantAttachments"),
    names: z.array(z.string().min(3).max(400)).max(20_000),
  }),
  z.object({ kind: z.literal("attachment"), attachment: z.unknown() }),
]);
export type PeerMessage = z.infer<typeof peerMessageSchema>;

/** What the two devices tell each other once, to pair: on a line whose key is the code alone. */
export const pairingMessageSchema = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("ask"),
    device: z.string().min(8).max(40),
    name: z.string().min(1).max(60),
  }),
  z.object({
    kind: z.literal("welcome"),
    to: z.string().min(8).max(40),
    device: z.string().min(8).max(40),
    name: z.string().min(1).max(60),
    key: z.string().length(44),
  }),
]);
export type PairingMessage = z.infer<typeof pairingMessageSchema>;
