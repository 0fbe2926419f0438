import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { attachmentSchema, openAttachment, type Attachment } from "@/records/attachment";
import type { Exclusive } from "./exclusive";

/** Pictures and spoken notes on this device, one key each beside the records, read only when asked for. */
export interface AttachmentStorage {
  /** Writes them in one transaction; one of the same id takes its place again. */
  keep(attachments: readonly Attachment[]): Promise<void>;
  /** Removes one. */
  drop(attachment: Pick<Attachment, "ofId" | "id">): Promise<void>;
  /** Those of one record, or all, the earliest first; what does not open is left out. */
  load(ofId?: string): Promise<Attachment[]>;
  /** How many there are, and how many bytes they take in a file. */
  size(): Promise<{ count: number; bytes: number }>;
}

/* They were pictures alone at first. */
const prefix = "pictures/";

function keyOf({ ofId, id }: Pick<Attachment, "ofId" | "id">): string {
  return `${prefix}${ofId}/${id}`;
}

/* So many are read at once: some megabytes. */
const readAtOnce = 20;

/** Opens the storage of attachments over a key-value store. */
export function openAttachmentStorage(
  backend: AsyncStorage,
  exclusive: Exclusive,
): AttachmentStorage {
  async function* texts(start: string): AsyncGenerator<string> {
    const keys = (await backend.getAllKeys()).filter((key) => key.startsWith(start));
    for (let from = 0; from < keys.length; from += readAtOnce) {
      const found = await backend.getMany(keys.slice(from, from + readAtOnce));
      for (const text of Object.values(found)) if (text !== null) yield text;
    }
  }
  return {
    async keep(attachments) {
      if (attachments.length === 0) return;
      /* What could not be read again is not written at all. */
      const entries = attachments.map((attachment): [string, string] => [
        keyOf(attachment),
        JSON.stringify(attachmentSchema.parse(attachment)),
      ]);
      await exclusive(() => backend.setMany(Object.fromEntries(entries)));
    },
    async drop(attachment) {
      await exclusive(() => backend.removeMany([keyOf(attachment)]));
    },
    async load(ofId) {
      const attachments: Attachment[] = [];
      const start = ofId === undefined ? prefix : `${prefix}${ofId}/`;
      for await (const text of texts(start)) {
        const attachment = opened(text);
        if (attachment) attachments.push(attachment);
      }
      return attachments.sort((a, b) => a.at.localeCompare(b.at));
    },
    async size() {
      const size = { count: 0, bytes: 0 };
      for await (const text of texts(prefix)) {
        size.count += 1;
        size.bytes += text.length;
      }
      return size;
    },
  };
}

function opened(text: string): Attachment | undefined {
  try {
    return openAttachment(JSON.parse(text));
  } catch {
    return undefined;
  }
}
