import type { AsyncStorage } from "@react-native-async-storage/async-storage";
import { pictureSchema, type Picture } from "@/records/picture";
import type { Exclusive } from "./exclusive";

/** Pictures of harvests on this device, one key each beside the records, read only when asked for. */
export interface PictureStorage {
  /** Writes pictures in one transaction; one of the same id takes its place again. */
  keep(pictures: readonly Picture[]): Promise<void>;
  /** Takes one away. */
  drop(picture: Pick<Picture, "harvestId" | "id">): Promise<void>;
  /** The pictures of one harvest, or all, the earliest first; what does not open is left out. */
  load(harvestId?: string): Promise<Picture[]>;
  /** How many there are, and how many bytes they take in a file. */
  size(): Promise<{ count: number; bytes: number }>;
}

const prefix = "pictures/";

function keyOf({ harvestId, id }: Pick<Picture, "harvestId" | "id">): string {
  return `${prefix}${harvestId}/${id}`;
}

/* So many are read at once: some megabytes. */
const readAtOnce = 20;

/** Opens the picture storage over a key-value store. */
export function openPictureStorage(backend: AsyncStorage, exclusive: Exclusive): PictureStorage {
  async function* texts(start: string): AsyncGenerator<string> {
    const keys = (await backend.getAllKeys()).filter((key) => key.startsWith(start));
    for (let from = 0; from < keys.length; from += readAtOnce) {
      const found = await backend.getMany(keys.slice(from, from + readAtOnce));
      for (const text of Object.values(found)) if (text !== null) yield text;
    }
  }
  return {
    async keep(pictures) {
      if (pictures.length === 0) return;
      /* What could not be read again is not written at all. */
      const entries = pictures.map((picture): [string, string] => [
        keyOf(picture),
        JSON.stringify(pictureSchema.parse(picture)),
      ]);
      await exclusive(() => backend.setMany(Object.fromEntries(entries)));
    },
    async drop(picture) {
      await exclusive(() => backend.removeMany([keyOf(picture)]));
    },
    async load(harvestId) {
      const pictures: Picture[] = [];
      const start = harvestId === undefined ? prefix : `${prefix}${harvestId}/`;
      for await (const text of texts(start)) {
        const picture = opened(text);
        if (picture) pictures.push(picture);
      }
      return pictures.sort((a, b) => a.at.localeCompare(b.at));
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

function opened(text: string): Picture | undefined {
  try {
    const read = pictureSchema.safeParse(JSON.parse(text));
    return read.success ? read.data : undefined;
  } catch {
    return undefined;
  }
}
