import { openAttachment } from "@/records/attachment";
import type { AttachmentStorage, KnownAttachment } from "@/storage/attachmentStorage";
import type { PeerMessage } from "./peerMessages";

interface Side {
  storage: AttachmentStorage;
  send(message: PeerMessage): void;
  /** Something came or went. */
  changed(): void;
}

const askAgainMs = 30_000;

/**
 * Brings two devices' pictures and spoken notes together. Of each the later word counts: one that was removed is
 * removed on the other too, and one that was brought back comes back.
 */
export function attachmentExchange(
  { storage, send, changed }: Side,
  now: () => number = () => performance.now(),
) {
  /* Both may say hello twice in a moment: nothing is asked for again until it may have got lost. */
  const asked = new Map<string, number>();

  async function tell(): Promise<void> {
    const known = await storage.known();
    if (known.length > 0)
      send({
        kind: "attachments",
        known: known.map(({ name, at, gone }) => [name, at, gone]),
      });
  }

  async function compare(theirs: readonly KnownAttachment[]): Promise<void> {
    const mine = new Map((await storage.known()).map((each) => [each.name, each]));
    const later = theirs.filter(({ name, at }) => at > (mine.get(name)?.at ?? 0));
    const want = theirs.filter(({ name, gone, at }) => {
      const own = mine.get(name);
      const lacks = !own || (own.gone && at > own.at);
      return !gone && lacks && now() - (asked.get(name) ?? -askAgainMs) >= askAgainMs;
    });
    for (const { name } of want) asked.set(name, now());
    await storage.heed(later);
    if (later.some(({ gone }) => gone)) changed();
    if (want.length > 0) send({ kind: "wantAttachments", names: want.map(({ name }) => name) });
  }

  async function give(names: readonly string[]): Promise<void> {
    for (const name of names) {
      const [ofId = "", id] = name.split("/");
      const attachment = (await storage.load(ofId)).find((each) => each.id === id);
      if (attachment) send({ kind: "attachment", attachment });
    }
  }

  async function take(raw: unknown): Promise<void> {
    const attachment = openAttachment(raw);
    if (!attachment) return;
    asked.delete(`${attachment.ofId}/${attachment.id}`);
    await storage.keep([attachment]);
    changed();
  }

  return {
    tell,
    /** What the other device sent; anything but attachments is passed over. */
    async heard(message: PeerMessage): Promise<void> {
      if (message.kind === "hello") await tell();
      if (message.kind === "attachments")
        await compare(message.known.map(([name, at, gone]) => ({ name, at, gone })));
      if (message.kind === "wantAttachments") await give(message.names);
      if (message.kind === "attachment") await take(message.attachment);
    },
  };
}
