import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { z } from "zod";
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
  /** What is known of each, whether it is here or was removed: for another device to compare with. */
  known(): Promise<KnownAttachment[]>;
  /** Does what another device knows later: removes, or forgets that it was removed. */
  heed(known: readonly KnownAttachment[]): Promise<void>;
}

const markSchema = z.object({ at: z.number(), gone: z.boolean() });

/** Whether an attachment is there, and since when that is decided, ms; 0 where nobody ever removed it. */
export interface KnownAttachment extends z.infer<typeof markSchema> {
  /** The record it hangs on and its own id, with a stroke between. */
  name: string;
}

/* They were pictures alone at first. */
const prefix = "pictures/";
/* One that was removed leaves a mark, so that another device does not bring it again. */
const markPrefix = "pictures-removed/";

function nameOf({ ofId, id }: Pick<Attachment, "ofId" | "id">): string {
  return `${ofId}/${id}`;
}

/* So many are read at once: some megabytes. */
const readAtOnce = 20;

/** Opens the storage of attachments over a key-value store. */
export function openAttachmentStorage(
  backend: AsyncStorage,
  exclusive: Exclusive,
  now: () => number = Date.now,
): AttachmentStorage {
  async function marks(names?: readonly string[]): Promise<Map<string, string>> {
    const keys =
      names?.map((name) => `${markPrefix}${name}`) ??
      (await backend.getAllKeys()).filter((key) => key.startsWith(markPrefix));
    const found = keys.length > 0 ? await backend.getMany(keys) : {};
    return new Map(
      Object.entries(found).flatMap(([key, text]): [string, string][] =>
        text === null ? [] : [[key.slice(markPrefix.length), text]],
      ),
    );
  }
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
        `${prefix}${nameOf(attachment)}`,
        JSON.stringify(attachmentSchema.parse(attachment)),
      ]);
      await exclusive(async () => {
        const removed = await marks(attachments.map(nameOf));
        const back = [...removed.keys()].map((name): [string, string] => [
          `${markPrefix}${name}`,
          JSON.stringify({ at: now(), gone: false }),
        ]);
        await backend.setMany(Object.fromEntries([...entries, ...back]));
      });
    },
    async drop(attachment) {
      await exclusive(async () => {
        const name = nameOf(attachment);
        await backend.setItem(`${markPrefix}${name}`, JSON.stringify({ at: now(), gone: true }));
        await backend.removeMany([`${prefix}${name}`]);
      });
    },
    async known() {
      const removed = await marks();
      const here = (await backend.getAllKeys())
        .filter((key) => key.startsWith(prefix))
        .map((key) => key.slice(prefix.length));
      return [...new Set([...here, ...removed.keys()])].map((name) => ({
        name,
        ...(mark(removed.get(name)) ?? { at: 0, gone: false }),
      }));
    },
    async heed(known) {
      if (known.length === 0) return;
      await exclusive(async () => {
        await backend.setMany(
          Object.fromEntries(
            known.map(({ name, at, gone }) => [
              `${markPrefix}${name}`,
              JSON.stringify({ at, gone }),
            ]),
          ),
        );
        const gone = known.filter((each) => each.gone).map(({ name }) => `${prefix}${name}`);
        if (gone.length > 0) await backend.removeMany(gone);
      });
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

function mark(text: string | undefined): z.infer<typeof markSchema> | undefined {
  if (text === undefined) return undefined;
  try {
    return markSchema.parse(JSON.parse(text));
  } catch {
    return undefined;
  }
}

function opened(text: string): Attachment | undefined {
  try {
    return openAttachment(JSON.parse(text));
  } catch {
    return undefined;
  }
}
